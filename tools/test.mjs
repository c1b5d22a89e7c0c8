import { spawn } from 'node:child_process';
import { existsSync } from 'node:fs';
import { BROWSER, BROWSER_PACKAGE } from './browser.mjs';
import { BUILDS, MARKED_BUILDS } from './builds.mjs';
import { installPackages, run } from './install.mjs';

/** `npm test`: installs what is missing, then types, lint, layering, unit tests, build and journeys; ends with one line of figures. */

function installBrowser() {
  if (existsSync(BROWSER)) return;
  if (process.getuid?.() !== 0) {
    console.error(
      `zelf: the journeys need Chromium at ${BROWSER}: install Debian's package "${BROWSER_PACKAGE}", or name another with CHROMIUM=…`,
    );
    process.exit(1);
  }
  console.log('Installing Chromium (once) …');
  run('apt-get', ['update', '-qq']);
  run('apt-get', ['install', '-y', '-qq', BROWSER_PACKAGE], { stdio: ['ignore', 'ignore', 'inherit'] });
}

/** Runs one step, shows its output when it is done, and gives what it counted. */
async function step(name, words, count) {
  const began = Date.now();
  console.log(`== ${name}: begun`);
  const child = spawn('npx', ['--no-install', ...words], {
    env: { ...process.env, FORCE_COLOR: '0', NO_COLOR: '1' },
    stdio: ['ignore', 'pipe', 'pipe'],
  });
  const parts = [];
  for (const stream of [child.stdout, child.stderr]) stream.on('data', (part) => parts.push(part));
  const status = await new Promise((resolve) => {
    child.on('error', () => resolve(1));
    child.on('close', resolve);
  });
  const output = Buffer.concat(parts)
    .toString('utf8')
    .split('\n')
    .filter((line) => !line.startsWith('npm warn'))
    .join('\n');
  const ok = status === 0;
  const seconds = ((Date.now() - began) / 1000).toFixed(1);
  process.stdout.write(`\n== ${name}\n${output}-- ${name}: ${ok ? 'ok' : 'FAILED'} in ${seconds} s\n`);
  return count?.(output, ok) ?? { passed: ok ? 1 : 0, failed: ok ? 0 : 1 };
}

/** Steps one after the other. */
async function chain(...steps) {
  const counts = [];
  for (const words of steps) counts.push(await step(...words));
  return counts;
}

/** Reads "N passed" and "N failed" out of a test runner's closing lines; a run that counts nothing has failed. */
function counted(pattern) {
  return (output, ok) => {
    const lines = output.split('\n').filter((line) => pattern.test(line));
    const sum = (word) =>
      lines.reduce((total, line) => total + Number(new RegExp(`(\\d+) ${word}`).exec(line)?.[1] ?? 0), 0);
    const passed = sum('passed');
    const failed = sum('failed');
    return { passed, failed: ok && passed > 0 ? failed : Math.max(1, failed) };
  };
}

installPackages();
installBrowser();
const SOURCES = ['core', 'bench', 'app', 'server', 'cli', 'tools', 'journeys'];
const lint = (name, ...words) => [name, ['eslint', ...words, '--max-warnings', '0']];
/* Two chains at once, a core each, about as long as each other. */
const before = await Promise.all([
  chain(
    lint('lint', '.', '--ignore-pattern', 'app/**'),
    lint('lint of views', 'app/**/*.vue'),
    ['layering', ['depcruise', '--config', '.dependency-cruiser.cjs', ...SOURCES]],
    ['leftovers', ['knip']],
  ),
  chain(
    ...[...BUILDS, ...MARKED_BUILDS].map(({ name, words }) => [name, words]),
    ['types', ['vue-tsc', '--build']],
    lint('lint of the app', 'app/**/*.ts'),
  ),
]);
const after = await chain(
  ['unit', ['vitest', 'run', '--reporter=dot'], counted(/^\s*Tests\s/)],
  ['journeys', ['playwright', 'test'], counted(/^\s*\d+ (passed|failed)/)],
);
const results = [...before.flat(), ...after];
const passed = results.reduce((sum, one) => sum + one.passed, 0);
const failed = results.reduce((sum, one) => sum + one.failed, 0);
console.log(`\n${passed} passed, ${failed} failed`);
process.exit(failed > 0 ? 1 : 0);
