import { spawn } from 'node:child_process';
import { chromium, type Page } from 'playwright-core';
import { BROWSER } from './browser.mjs';

/**
 * `npm run slow`: the tour on a processor slowed four times, as a low-cost phone has it. For every tap: its longest task
 * of the page's thread, and how long until what it asked for stood there. Needs a build: `npm run build`.
 */
const PORT = 4194;
const SLOWED = 4;
/** A task up to this long, in ms, is felt by nobody. */
const UNFELT = 50;
/** Taps may take this long, in ms (the goal of product.md at full speed is 100). */
const ANSWERED = 4 * 100;
const ROUNDS = Number(process.env['ROUNDS'] ?? 3);

const mark = (name: string): string => `[data-test="${name}"]`;
const button = (name: string): string => `button:has-text("${name}")`;

interface Step {
  readonly what: string;
  readonly does: (page: Page) => Promise<void>;
  /** What stands there afterwards. */
  readonly shows: string;
  /** Why a longer task is borne here: a whole view is made. */
  readonly isView?: boolean;
}

const tap =
  (selector: string) =>
  (page: Page): Promise<void> =>
    page.locator(selector).first().click();
const go =
  (address: string) =>
  (page: Page): Promise<void> =>
    page.evaluate((to) => void (location.hash = to), address);

const STEPS: readonly Step[] = [
  {
    what: 'the garage opens',
    does: async (page) => void (await page.goto(`http://127.0.0.1:${PORT}/`)),
    shows: mark('glance-do'),
    isView: true,
  },
  {
    what: 'a job is begun',
    does: tap(`${mark('start-job')}[data-for="Tansy"]`),
    shows: 'h1:has-text("What is lit?")',
    isView: true,
  },
  {
    what: 'a lamp is tapped',
    does: tap('button[aria-pressed="false"]:has-text("ABS")'),
    shows: 'button[aria-pressed="true"]:has-text("ABS")',
  },
  {
    what: 'a pattern is tapped',
    does: tap(button('steady, from key-on')),
    shows: 'button[aria-pressed="true"]:has-text("steady")',
  },
  { what: 'to Codes', does: go('#/job/tansy-flooded/codes'), shows: mark('codes-text'), isView: true },
  {
    what: 'a code is typed',
    does: (page) => page.locator(mark('codes-text')).fill('C003A-01'),
    shows: 'text=rear right, circuit',
  },
  { what: 'to Find', does: go('#/job/tansy-flooded/find'), shows: 'h1:has-text("The signal path")', isView: true },
  { what: 'why this', does: tap(button('Why this')), shows: '.el-drawer__body', isView: true },
  {
    what: 'the drawer is shut',
    does: (page) => page.keyboard.press('Escape'),
    shows: 'h1:has-text("The signal path")',
  },
  {
    what: 'to a meter check',
    does: go('#/job/tansy-flooded/find/check?do=meter:sensor:resistance&at=rear-right'),
    shows: '.keypad',
    isView: true,
  },
  { what: 'a key of the keypad', does: tap('.keypad button:has-text("7")'), shows: `${mark('reading')}:has-text("7")` },
  { what: 'to Fix', does: go('#/job/tansy-flooded/fix'), shows: '.option', isView: true },
  {
    what: 'the guide opens',
    does: go('#/job/tansy-flooded/fix?repair=replaced:sensor&at=rear-right'),
    shows: mark('step-title'),
    isView: true,
  },
  { what: 'a step is done', does: tap(mark('step-done')), shows: mark('step-title') },
  { what: 'to Prove', does: go('#/job/pebble-loom/prove'), shows: 'text=After:', isView: true },
  { what: 'to the notebook', does: go('#/job/tansy-flooded/notebook'), shows: mark('export'), isView: true },
  { what: 'to the handbook', does: go('#/handbook'), shows: 'h1', isView: true },
];

interface Tasks {
  readonly longest: number;
  readonly all: number;
}

/** Longest task of the page since the last question, in ms. */
const tasksOf = (page: Page): Promise<Tasks> =>
  page.evaluate(() => {
    const state = window as unknown as { tasks?: number[] };
    const tasks = state.tasks ?? [];
    state.tasks = [];
    return { longest: Math.max(0, ...tasks), all: tasks.length };
  });

async function round(page: Page): Promise<readonly (readonly [took: number, longest: number])[]> {
  const rows: [number, number][] = [];
  for (const { does, shows } of STEPS) {
    const began = performance.now();
    await does(page);
    await page.locator(shows).first().waitFor();
    const took = performance.now() - began;
    await page.waitForTimeout(700);
    rows.push([took, (await tasksOf(page)).longest]);
  }
  return rows;
}

const median = (values: readonly number[]): number =>
  values.toSorted((a, b) => a - b)[Math.floor(values.length / 2)] ?? 0;

const server = spawn(process.execPath, ['dist/server/main.mjs', '--port', String(PORT), '--exact'], {
  stdio: ['ignore', 'pipe', 'inherit'],
});
await new Promise((resolve) => server.stdout.once('data', resolve));
const browser = await chromium.launch({
  executablePath: BROWSER,
  args: ['--no-sandbox', '--disable-gpu'],
});
let over = 0;
try {
  const rounds: (readonly (readonly [number, number])[])[] = [];
  for (let at = 0; at < ROUNDS; at += 1) {
    const context = await browser.newContext({ viewport: { width: 412, height: 823 }, serviceWorkers: 'block' });
    const page = await context.newPage();
    await page.addInitScript(() => {
      const state = window as unknown as { tasks: number[] };
      state.tasks = [];
      new PerformanceObserver((list) => {
        for (const { duration } of list.getEntries()) state.tasks.push(duration);
      }).observe({ type: 'longtask', buffered: true });
    });
    await (await context.newCDPSession(page)).send('Emulation.setCPUThrottlingRate', { rate: SLOWED });
    rounds.push(await round(page));
    await context.close();
  }
  console.log(`${'step'.padEnd(26)} answered ms  longest task ms   (median of ${ROUNDS}, slowed ${SLOWED} times)`);
  for (const [at, { what, isView }] of STEPS.entries()) {
    const took = median(rounds.map((rows) => rows[at]?.[0] ?? 0));
    const longest = median(rounds.map((rows) => rows[at]?.[1] ?? 0));
    const isOver = isView ? false : longest > UNFELT || took > ANSWERED;
    over += isOver ? 1 : 0;
    console.log(
      `${what.padEnd(26)} ${String(Math.round(took)).padStart(11)} ${String(Math.round(longest)).padStart(16)}   ${isView ? 'a view' : isOver ? 'OVER' : ''}`,
    );
  }
} finally {
  await browser.close();
  server.kill('SIGTERM');
}
process.exitCode = over > 0 ? 1 : 0;
