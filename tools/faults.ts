import { spawn } from 'node:child_process';
import { endBrowsers } from './faults/browser';
import { filesInTheBrowser, filesOnTheCommandLine } from './faults/files';
import { serverUnderFire } from './faults/server';
import { editsOnADraft, editsOnAJob, editsOnASheet, killsWhileTyping, type Row } from './faults/tabs';

/** `npm run faults [word] [number]`: the long trials of docs/quality.md against the built app, one line each. A word picks those whose name holds it; a number says how many files, if not the usual. */

const PORT = 4189;
const ORIGIN = `http://127.0.0.1:${PORT}`;
const [wanted = '', files] = process.argv.slice(2);

const server = spawn(process.execPath, ['dist/server/main.mjs', '--port', String(PORT), '--exact'], {
  stdio: ['ignore', 'pipe', 'inherit'],
});
await new Promise((resolve) => server.stdout.once('data', resolve));

const TRIALS: Readonly<Record<string, () => Row | Promise<Row>>> = {
  server: () => serverUnderFire(PORT, server.pid ?? 0),
  command: () => filesOnTheCommandLine(),
  job: () => editsOnAJob(ORIGIN),
  sheet: () => editsOnASheet(ORIGIN),
  draft: () => editsOnADraft(ORIGIN),
  kills: () => killsWhileTyping(ORIGIN),
  browser: () => filesInTheBrowser(ORIGIN, files ? Number(files) : undefined),
};

let failed = 0;
try {
  for (const [name, trial] of Object.entries(TRIALS)) {
    if (!name.includes(wanted)) continue;
    const began = performance.now();
    const { what, result, isGood } = await trial();
    failed += isGood ? 0 : 1;
    const seconds = ((performance.now() - began) / 1000).toFixed(0);
    console.log(`${isGood ? 'good' : 'BAD '}  ${what}: ${result} (${seconds} s)`);
  }
} finally {
  endBrowsers();
  server.kill('SIGTERM');
}
process.exit(failed > 0 ? 1 : 0);
