import { spawn } from 'node:child_process';
import { chromium } from '@playwright/test';
import { ADVISED, PARTS, SlowPhone, UNFELT, VIEW, type Took } from './slowTour';
import { thirtySeen } from '../tests/support/thirtySeen';
import { BROWSER } from './browser.mjs';

/**
 * `npm run slow`: the tour on a phone's processor. For every tap and view: its longest task of the page's thread, and how
 * long until what it asked for stood there. Needs a build: `npm run build`.
 */
const PORT = 4194;
const ROUNDS = Number(process.env['ROUNDS'] ?? 3);
/** Taps may take this long, in ms (the goal of product.md at full speed is 100). */
const ANSWERED = 400;

const median = (values: readonly number[]): number =>
  values.toSorted((a, b) => a - b)[Math.floor(values.length / 2)] ?? 0;

const server = spawn(process.execPath, ['dist/server/main.mjs', '--port', String(PORT), '--exact'], {
  stdio: ['ignore', 'pipe', 'inherit'],
});
await new Promise((resolve) => server.stdout.once('data', resolve));
const browser = await chromium.launch({ executablePath: BROWSER, args: ['--no-sandbox', '--disable-gpu'] });
let over = 0;
try {
  console.log(`step (median of ${ROUNDS})                             answered ms  longest task ms`);
  for (const steps of PARTS) {
    const rounds: Took[][] = [];
    const rates: number[] = [];
    for (let at = 0; at < ROUNDS; at += 1) {
      const context = await browser.newContext({ baseURL: `http://127.0.0.1:${PORT}`, serviceWorkers: 'block' });
      const phone = await SlowPhone.of(await context.newPage());
      rates.push(phone.rate);
      const round: Took[] = [];
      for (const step of steps) round.push(await phone.take(step));
      rounds.push(round);
      await context.close();
    }
    for (const [at, { what, isView }] of steps.entries()) {
      const answered = median(rounds.map((round) => round[at]?.answered ?? 0));
      const longest = median(rounds.map((round) => round[at]?.longest ?? 0));
      const isOver = longest > (isView ? VIEW : UNFELT) || (!isView && answered > ANSWERED);
      over += isOver ? 1 : 0;
      console.log(
        `${what.padEnd(42)} ${String(Math.round(answered)).padStart(11)} ${String(Math.round(longest)).padStart(16)}   ${isOver ? 'OVER' : isView ? 'a view' : ''}`,
      );
    }
    console.log(`  (slowed ${median(rates).toFixed(1)} times)`);
  }
  const phone = await SlowPhone.of(await browser.newPage({ baseURL: `http://127.0.0.1:${PORT}` }));
  const advised = await phone.adviserTakes(thirtySeen(), 8);
  over += advised > ADVISED ? 1 : 0;
  console.log(`the adviser, 30 observations: ${Math.round(advised)} ms (slowed ${phone.rate.toFixed(1)} times)`);
} finally {
  await browser.close();
  server.kill('SIGTERM');
}
process.exitCode = over > 0 ? 1 : 0;
