import { expect, test, type BrowserContext, type Page } from '@playwright/test';
import { spawn, type ChildProcess } from 'node:child_process';
import { appendFileSync, cpSync, mkdirSync, mkdtempSync, rmSync, writeFileSync } from 'node:fs';
import { tmpdir } from 'node:os';
import { join } from 'node:path';
import { again, byTest, judged, openGarage, settled } from './support';

/** What happens to people kneeling beside a car: an update, a server that goes and comes, a clock that is set, a tab that closes. */

/** A copy of the built program with a server of its own, so that it can change and go away. */
class OwnServer {
  readonly folder: string;
  private process: ChildProcess | null = null;
  readonly address: string;

  constructor(private readonly port: number) {
    /* Within the project, where the server finds its packages. */
    mkdirSync('.tmp', { recursive: true });
    this.folder = mkdtempSync(join('.tmp', 'own-'));
    cpSync('dist/app', join(this.folder, 'app'), { recursive: true });
    cpSync('dist/server', join(this.folder, 'server'), { recursive: true });
    this.address = `http://127.0.0.1:${port}`;
  }

  async start(): Promise<void> {
    const words = [join(this.folder, 'server/main.mjs'), '--port', String(this.port), '--exact'];
    this.process = spawn(process.execPath, words, { stdio: 'ignore' });
    await expect(async () => expect((await fetch(this.address)).status).toBe(200)).toPass();
  }

  async stop(): Promise<void> {
    this.process?.kill();
    this.process = null;
    await expect(async () => expect(await fetch(this.address).catch(() => null)).toBeNull()).toPass();
  }
}

let server: OwnServer | null = null;
test.afterEach(async () => {
  await server?.stop();
  if (server) rmSync(server.folder, { recursive: true });
  server = null;
});

async function served(port: number): Promise<OwnServer> {
  server = new OwnServer(port);
  await server.start();
  return server;
}

const title = (page: Page) => byTest(page, 'step-title');

async function inGuide(page: Page, root: string): Promise<void> {
  await page.goto(root);
  await expect(page.locator('[data-vehicle="Tansy"]')).toBeVisible();
  await page.goto(`${root}/#/job/tansy-flooded/fix?repair=replaced:sensor&at=rear-right`);
  await expect(title(page)).toBeVisible();
  const first = (await title(page).textContent()) ?? '';
  await byTest(page, 'step-done').click();
  await expect(title(page)).not.toHaveText(first);
}

test.describe('with a service worker', () => {
  test.use({ serviceWorkers: 'allow' });

  for (const visits of ['the first visit', 'a later visit'])
    test(`an update in the middle of a guide, at ${visits}, waits until it is wanted; the guide goes on where it was`, async ({
      page,
    }) => {
      const { folder, address } = await served(4191);
      await inGuide(page, address);
      await page.evaluate(() => navigator.serviceWorker.ready.then(() => undefined));
      if (visits === 'a later visit') await page.reload();
      await expect(title(page)).toBeVisible();
      const step = (await title(page).textContent()) ?? '';
      await byTest(page, 'own-step').click();
      await byTest(page, 'own-words').fill('exhaust hanger');
      appendFileSync(join(folder, 'app/sw.js'), '\n/* a newer one */\n');
      await page.evaluate(() => navigator.serviceWorker.getRegistration().then((found) => found?.update()));
      const notice = page.getByRole('status').filter({ hasText: 'A new version of Zelf is ready' });
      await expect(notice).toBeVisible();
      await expect(title(page)).toHaveText(step);
      await expect(byTest(page, 'own-words')).toHaveValue('exhaust hanger');
      await byTest(page, 'own-off').click();
      await settled(page);
      await Promise.all([page.waitForEvent('load'), notice.getByRole('button', { name: 'Update now' }).click()]);
      await expect(title(page)).toHaveText(step);
      await expect(page.getByText('exhaust hanger').first()).toBeVisible();
    });

  test('the server goes away and comes back: the guide goes on, and so does the next visit', async ({ page }) => {
    const own = await served(4192);
    await inGuide(page, own.address);
    await page.evaluate(() => navigator.serviceWorker.ready.then(() => undefined));
    await page.reload();
    await own.stop();
    const step = (await title(page).textContent()) ?? '';
    await byTest(page, 'step-done').click();
    await expect(title(page)).not.toHaveText(step);
    const next = (await title(page).textContent()) ?? '';
    await again(page);
    await expect(title(page)).toHaveText(next);
    await own.start();
    await page.reload();
    await expect(title(page)).toHaveText(next);
  });
});

test('the reader’s link is lost with the server: said, and taken up again', async ({ page }) => {
  const own = await served(4193);
  await page.goto(`${own.address}/#/bench`);
  await page.locator('[data-level="easy"]').click();
  await byTest(page, 'reader-read').click();
  await expect(byTest(page, 'reader-told')).toContainText('modules asked');
  await own.stop();
  await byTest(page, 'reader-read').click();
  await expect(byTest(page, 'reader-told')).toContainText(/modules asked|Nothing was lost|lost/);
  await own.start();
  await byTest(page, 'reader-read').click();
  await expect(byTest(page, 'reader-told')).toContainText('modules asked');
});

test('a clock that is set back in the middle of a job: entries stay in their order, the drive counts', async ({
  page,
}) => {
  await openGarage(page);
  await page.goto('/#/job/bertie-deaf/notebook');
  await page.getByLabel('A note', { exact: true }).fill('before the clock was set');
  await page.getByRole('button', { name: 'Note it' }).click();
  await expect(page.getByText('before the clock was set').first()).toBeVisible();
  await page.clock.setSystemTime(new Date('2020-01-01T08:00:00'));
  await page.getByLabel('A note', { exact: true }).fill('after the clock was set');
  await page.getByRole('button', { name: 'Note it' }).click();
  await expect(page.getByText('after the clock was set').first()).toBeVisible();
  await again(page);
  await expect(page.getByText('before the clock was set').first()).toBeVisible();
  await expect(page.getByText('after the clock was set').first()).toBeVisible();
  await page.keyboard.press('Control+z');
  await expect(page.getByText('after the clock was set')).toHaveCount(0);
  await expect(page.getByText('before the clock was set').first()).toBeVisible();
  await page.goto('/#/job/bertie-deaf/find');
  await judged(page);
});

/** A case file as long as the contract allows. */
function longCase(): string {
  const path = join(mkdtempSync(join(tmpdir(), 'zelf-long-')), 'long.json');
  const observations = Array.from({ length: 5000 }, (_, at) => ({ id: `o${at}`, kind: 'symptom', symptom: 'none' }));
  const channels = ['front-left', 'front-right', 'rear-left', 'rear-right'];
  const vehicle = { name: 'Cut', channels, sensors: { all: 'passive' } };
  writeFileSync(path, JSON.stringify({ format: 'zelf-case', version: 1, vehicle, observations }));
  return path;
}

async function jobsOf(context: BrowserContext, name: string): Promise<number> {
  const page = await context.newPage();
  await openGarage(page);
  const found = await page.locator(`[data-vehicle="${name}"]`).count();
  await expect(page.getByText('Damaged records')).toHaveCount(0);
  await page.close();
  return found;
}

test('a tab that is closed while a file is taken in leaves the whole job or none', async ({ page, context }) => {
  const path = longCase();
  await openGarage(page);
  await byTest(page, 'open-file').setInputFiles(path);
  await page.close();
  expect([0, 1]).toContain(await jobsOf(context, 'Cut'));
  const again = await context.newPage();
  await openGarage(again);
  await byTest(again, 'open-file').setInputFiles(path);
  await expect(again.getByText('is in your garage.').first()).toBeVisible({ timeout: 20_000 });
});

test('nothing is asked of anybody else, nothing runs that is not the program’s own', async ({ page, baseURL }) => {
  const strangers: string[] = [];
  page.on('request', (request) => {
    const { protocol, origin } = new URL(request.url());
    if (!['blob:', 'data:'].includes(protocol) && origin !== new URL(baseURL ?? '').origin)
      strangers.push(request.url());
  });
  const refused: string[] = [];
  page.on('console', (message) => {
    if (/Content Security Policy|Refused to/i.test(message.text())) refused.push(message.text());
  });
  const answer = await page.goto('/');
  const policy = answer?.headers()['content-security-policy'] ?? '';
  expect(policy).toContain("script-src 'self';");
  expect(policy).not.toMatch(/unsafe-eval|script-src[^;]*unsafe-inline|https?:/);
  for (const address of ['/#/job/tansy-flooded/find', '/#/bench', '/#/handbook', '/#/job/tansy-lead/record', '/#/']) {
    await page.goto(address);
    await expect(page.locator('h1').first()).toBeVisible();
  }
  await page.goto('/#/job/tansy-flooded/find/live');
  const csv = 'Time (s),FL (km/h),FR (km/h),RL (km/h),RR (km/h)\n';
  const rows = Array.from({ length: 400 }, (_, at) => `${at / 10},30,30,30,${at % 7 === 0 ? 26 : 30}`).join('\n');
  await byTest(page, 'log-file').setInputFiles({
    name: '<img src=x onerror=alert(1)>.csv',
    mimeType: 'text/csv',
    buffer: Buffer.from(csv + rows),
  });
  await expect(page.locator('.js-plotly-plot').first()).toBeVisible({ timeout: 15_000 });
  expect([strangers, refused]).toEqual([[], []]);
});

/** Kilobytes, compressed, of the first load's programs and style: above it, somebody put something heavy at the door. */
const FIRST_LOAD_KB = 220;

test('the first load stays light, and charts come only when they are wanted', async ({ page }) => {
  await openGarage(page);
  const loaded = await page.evaluate(() => {
    const [whole] = performance.getEntriesByType('navigation') as PerformanceNavigationTiming[];
    /* What is fetched beforehand in a quiet moment comes after the page stands. */
    return (performance.getEntriesByType('resource') as PerformanceResourceTiming[])
      .filter(({ name, startTime }) => /\.(js|css)$/.test(name) && startTime <= (whole?.loadEventEnd ?? 0))
      .map(({ name, encodedBodySize }) => ({ name, size: encodedBodySize }));
  });
  expect(loaded.length).toBeGreaterThan(2);
  const kilobytes = loaded.reduce((sum, { size }) => sum + size, 0) / 1000;
  console.log(`first load: ${kilobytes.toFixed(0)} kB of programs and style in ${loaded.length} files`);
  expect(kilobytes).toBeLessThan(FIRST_LOAD_KB);
  expect(loaded.filter(({ name }) => /plotly/i.test(name))).toEqual([]);
});
