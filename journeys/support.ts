import { expect, type Page } from '@playwright/test';
import { spawnSync } from 'node:child_process';
import { mkdtempSync } from 'node:fs';
import { tmpdir } from 'node:os';
import { join } from 'node:path';

/** One element by its test mark. */
export const byTest = (page: Page, name: string) => page.locator(`[data-test="${name}"]`);

/** Says which unit a figure is in that no unit was typed with. */
export const inKiloohm = (page: Page): Promise<void> =>
  page.locator('.keypad').getByRole('button', { name: 'kΩ', exact: true }).click();

/** Waits until nothing is being kept any more. */
export const settled = (page: Page): Promise<void> =>
  expect(page.locator('html')).not.toHaveAttribute('data-writing', /./);

/** Loads the page anew once all is kept. */
export async function again(page: Page): Promise<void> {
  await settled(page);
  await page.reload();
}

/** Opens the garage and waits for the sample vehicles. */
export async function openGarage(page: Page): Promise<void> {
  await settled(page);
  await page.goto('/');
  await expect(page.locator('[data-vehicle="Tansy"]')).toBeVisible();
}

/** The button of a vehicle at the foot of the garage: a lamp is on in it. */
export const startFor = (page: Page, vehicle: string) => page.locator(`[data-test="start-job"][data-for="${vehicle}"]`);

/** Chooses something from the three dots of a vehicle's row or of a job. */
export async function chooseFrom(page: Page, name: string, what: string): Promise<void> {
  const menu = page.locator('details', { has: page.getByLabel(`More for ${name}`, { exact: true }) }).first();
  await menu.locator('summary').click();
  await menu.locator(`[data-test="menu-${what}"]`).last().click();
}

/** Starts a new job on a sample vehicle. */
export async function startJob(page: Page, vehicle: string): Promise<void> {
  await openGarage(page);
  await startFor(page, vehicle).click();
  await expect(page.getByRole('heading', { name: 'What is lit?' })).toBeVisible();
}

/** Goes to a stage by its place in the header, and waits until it has taken the place of the one before. */
export async function toStage(page: Page, name: string): Promise<void> {
  await page.getByRole('navigation', { name: 'Stages' }).getByRole('link', { name }).click();
  await expect(page.locator('html')).toHaveAttribute('data-address', new RegExp(`/${name.toLowerCase()}(\\?|$)`));
}

/** Waits until the adviser has answered the newest question. */
export async function judged(page: Page): Promise<void> {
  await expect(byTest(page, 'next-move')).not.toHaveText('Working out the next move');
  await expect(page.locator('footer .heading')).not.toContainText('…');
}

/** Saves the job's file through the notebook and gives its path on disk. */
export async function exportJob(page: Page): Promise<string> {
  await page.getByRole('link', { name: 'Notebook' }).click();
  const [download] = await Promise.all([page.waitForEvent('download'), byTest(page, 'export').click()]);
  const path = join(mkdtempSync(join(tmpdir(), 'zelf-')), download.suggestedFilename());
  await download.saveAs(path);
  return path;
}

/** Runs the command line on words and gives its exit code and lines. */
export function zelf(...words: string[]): {
  readonly code: number | null;
  readonly lines: readonly unknown[];
  readonly trouble: string;
} {
  const ran = spawnSync('npm', ['run', '--silent', 'zelf', '--', ...words], { encoding: 'utf8' });
  return {
    code: ran.status,
    lines: ran.stdout
      .split('\n')
      .filter(Boolean)
      .map((line) => JSON.parse(line) as unknown),
    trouble: ran.stderr,
  };
}

interface Row {
  readonly fault: string;
  readonly channel: string | null;
  readonly probability: number;
}

/** The ranking that the interface shows, first rows. */
export async function shownRanking(page: Page): Promise<Row[]> {
  await page.getByRole('button', { name: /Why this/ }).click();
  const rows = byTest(page, 'beliefs').locator('li');
  await expect(rows.first()).toBeVisible();
  const shown = await rows.evaluateAll((all) =>
    all.map((one) => ({
      fault: one.getAttribute('data-fault') ?? '',
      channel: one.getAttribute('data-channel') || null,
      probability: Number(one.getAttribute('data-probability')),
    })),
  );
  await page.keyboard.press('Escape');
  await expect(rows.first()).toBeHidden();
  return shown;
}

/** The ranking that the command line gives for a file. */
export function assessedRanking(path: string): Row[] {
  const [first] = zelf('assess', path).lines as { ranking: Row[] }[];
  return (first?.ranking ?? []).map(({ fault, channel, probability }) => ({ fault, channel, probability }));
}
