import { spawn } from 'node:child_process';
import { chromium, type Page } from 'playwright-core';
import { simulated } from '../tests/support/simulatedLog';
import { BROWSER } from './browser.mjs';
import { writeDrawingSheets } from './drawingSheets';

/** One current picture of each main view, from the sample garage, into docs/screenshots/. Needs a build: `npm run build`. */
const PORT = 4193;
const VIEWS: readonly (readonly [
  name: string,
  address: string,
  width: number,
  height: number,
  act?: (page: Page) => Promise<void>,
])[] = [
  ['garage', '#/', 1280, 800],
  ['spec-sheet', '#/vehicle/tansy', 1280, 800],
  ['dash', '#/job/pebble-new/dash', 1280, 800],
  ['codes', '#/job/tansy-flooded/codes', 1280, 800],
  ['find', '#/job/tansy-flooded/find', 1280, 800],
  ['why', '#/job/tansy-flooded/find', 1280, 800, (page) => page.getByRole('button', { name: /Why this/ }).click()],
  ['check', '#/job/tansy-flooded/find/check?do=meter:sensor:resistance&at=rear-right', 1280, 800, typeReading],
  ['fix', '#/job/tansy-flooded/fix?repair=replaced:sensor&at=rear-right', 1280, 800],
  ['live', '#/job/bertie-deaf/find/live', 1280, 800, openRecording],
  ['prove', '#/job/pebble-loom/prove', 1280, 800],
  ['notebook', '#/job/tansy-lead/notebook', 1280, 800],
  ['bench', '#/bench', 1280, 800, practise],
  ['debrief', '#/bench', 1280, 800, lookBack],
  ['watch', '#/bench', 1280, 800, watchLive],
  ['find-phone', '#/job/bertie-deaf/find', 390, 844],
  ['check-phone', '#/job/tansy-flooded/find/check?do=meter:sensor:resistance&at=rear-right', 390, 844, typeReading],
  ['look-phone', '#/job/bertie-deaf/find/check?do=look:plug&at=front-left', 390, 844, lookAround],
  ['record', '#/job/tansy-lead/record', 1280, 800],
  ['fix-phone', '#/job/tansy-flooded/fix?repair=replaced:sensor&at=rear-right', 390, 844, climb],
];

/** A first practice car: its reader has lost the link, its sensor has been measured. */
async function practise(page: Page): Promise<void> {
  await page.locator('[data-level="first"]').click();
  await page.locator('[data-test="reader-read"]').click();
  await page.locator('[data-test="reader-told"]').waitFor();
  await page.locator('[data-test="probed"]', { hasText: 'rear right' }).waitFor();
  for (const target of ['[data-point="S1"]', '[data-point="S2"]', '[data-plug="sensor"]', '[data-test="measure"]'])
    await page.locator(target).click();
  await page.waitForTimeout(900);
}

/** Two findings of one part. */
async function lookAround(page: Page): Promise<void> {
  for (const finding of ['wet', 'corroded']) await page.locator(`[data-answer="${finding}"]`).click();
}

async function lookBack(page: Page): Promise<void> {
  await practise(page);
  await page.getByText('Repair', { exact: true }).click();
  await page.locator('[data-repair="replaced:sensor"]').click();
  await page.locator('[data-test="deed-answer"]').waitFor();
  await page.locator('[data-test="finish"]').click();
  await page.getByText('Your road').waitFor({ timeout: 30_000 });
}

/** A recording with a bad place on a ring and a wheel that drops out. */
async function openRecording(page: Page): Promise<void> {
  const wrong = [
    { channel: 'front-left', kind: 'ring', size: 0.15, share: 0.12 },
    { channel: 'rear-right', kind: 'drops', size: 0.004 },
  ] as const;
  const csv = simulated({ seed: 11, seconds: 240, hertz: 20, step: 0.1, isPolled: false, wrong });
  const file = { name: 'drive.csv', mimeType: 'text/csv', buffer: Buffer.from(csv) };
  await page.locator('[data-test="log-file"]').setInputFiles(file);
  await page.locator('.chart .main-svg').first().waitFor();
  await page.waitForTimeout(1200);
}

/** A drive of a practice car, as it is being watched. */
async function watchLive(page: Page): Promise<void> {
  await page.locator('[data-level="easy"]').click();
  await page.locator('[data-test="clock"]').waitFor();
  await page.goto(page.url().replace(/\/bench.*$/, '/find/watch'));
  await page.locator('[data-test="mode-drive"]').click();
  await page.locator('[data-test="watch-begin"]').click();
  await page.waitForTimeout(22_000);
  await page.locator('[data-test="mark-bend"]').click();
  await page.waitForTimeout(5000);
}

/** A sensor that does not come out, its penetrant at work. */
async function climb(page: Page): Promise<void> {
  const title = page.locator('[data-test="step-title"]');
  for (let steps = 0; steps < 30 && !(await title.textContent())?.startsWith('Pull the sensor'); steps += 1) {
    await page.locator('[data-test="step-done"]').click();
    await page.waitForTimeout(250);
  }
  await page.locator('[data-test="open-ladder"]').click();
  await page.locator('[data-test="rung-no-change"]').click();
  await page.locator('[data-test="timer-start"]').click();
  await page.evaluate(() => document.querySelector('.main')?.scrollTo(0, 0));
}

async function typeReading(page: Page): Promise<void> {
  for (const key of ['0', '.', '3', '8', 'kΩ'])
    await page.locator('.keypad').getByRole('button', { name: key, exact: true }).click();
}

const wanted = process.argv.slice(2);
const server = spawn(process.execPath, ['dist/server/main.mjs', '--port', String(PORT), '--exact'], {
  stdio: 'ignore',
});
const browser = await chromium.launch({
  executablePath: BROWSER,
  args: ['--no-sandbox', '--disable-gpu', '--no-first-run', '--disable-background-networking', '--disable-sync'],
});
/** The server is up within a second on a quiet machine. */
async function serverIsUp(): Promise<void> {
  for (let tries = 0; tries < 40; tries += 1) {
    const answer = await fetch(`http://127.0.0.1:${PORT}/`).catch(() => null);
    if (answer?.ok) return;
    await new Promise((resolve) => setTimeout(resolve, 250));
  }
}

/** `npm run shots -- drawings`: every plate on three sheets in `.tmp/drawings/`, to be looked at; never committed. */
async function shootDrawings(): Promise<void> {
  for (const path of writeDrawingSheets('.tmp/drawings')) {
    const page = await browser.newPage({ viewport: { width: 1520, height: 800 } });
    await page.goto(`file://${process.cwd()}/${path}`);
    await page.waitForTimeout(800);
    await page.screenshot({ path: path.replace('.html', '.png'), fullPage: true });
    await page.close();
    console.log(path.replace('.html', '.png'));
  }
}

await serverIsUp();
try {
  if (wanted.includes('drawings')) await shootDrawings();
  for (const [name, address, width, height, act] of VIEWS.filter(
    ([one]) => wanted.length === 0 || wanted.includes(one),
  )) {
    const page = await browser.newPage({ viewport: { width, height } });
    await page.goto(`http://127.0.0.1:${PORT}/`, { waitUntil: 'load' });
    await page.locator('[data-vehicle]').first().waitFor();
    await page.goto(`http://127.0.0.1:${PORT}/${address}`);
    if (address !== '#/') await page.locator('.garage').waitFor({ state: 'detached' });
    await page.locator('h1').first().waitFor();
    if (address.includes('/job/'))
      await page.waitForFunction(() => !document.querySelector('footer .sentence')?.textContent?.includes('Weighing'));
    await page.waitForTimeout(800);
    await act?.(page);
    await page.evaluate(() => document.fonts.ready.then(() => undefined));
    await page.screenshot({ path: `docs/screenshots/${name}.png`, animations: 'disabled' });
    await page.close();
    console.log(name);
  }
} finally {
  await browser.close();
  server.kill('SIGTERM');
}
