import { expect, type Page } from '@playwright/test';
import { readFileSync } from 'node:fs';
import { again, byTest, exportJob, toStage, zelf } from './support';
import { test } from './warm';

async function drawCar(page: Page, level: string): Promise<void> {
  await page.goto('/');
  await byTest(page, 'to-bench').click();
  await page.locator(`[data-level="${level}"]`).click();
  await expect(byTest(page, 'clock')).toContainText('0 min');
}

async function probes(page: Page, red: string, black: string): Promise<void> {
  await page.getByRole('radio', { name: '+ probe' }).click();
  await page.locator(`[data-point="${red}"]`).click();
  await page.locator(`[data-point="${black}"]`).click();
}

test('a whole job with the stand-ins only: a reader that loses its link, the meter, a spun wheel, the part, the proof', async ({
  page,
}) => {
  const sockets: string[] = [];
  page.on('websocket', (socket) => sockets.push(socket.url()));
  await drawCar(page, 'first');

  await toStage(page, 'Codes');
  await expect(page.getByRole('heading', { name: 'What does the reader say?' })).toBeVisible();
  await byTest(page, 'reader-read').click();
  await expect(byTest(page, 'reader-told')).toContainText('The link was lost', { timeout: 15_000 });
  await expect(byTest(page, 'reader-told')).toContainText('2 of 7 modules');
  await expect(page.getByText(/C003A/).first()).toBeVisible();
  await expect(byTest(page, 'reader-read')).toContainText('read the rest');
  await byTest(page, 'reader-read').click();
  await expect(byTest(page, 'reader-told')).toContainText('7 modules asked');
  expect(sockets.some((one) => one.endsWith('/ws/reader'))).toBe(true);

  await byTest(page, 'reader-erase').click();
  await expect(byTest(page, 'reader-told')).toContainText('came back', { timeout: 15_000 });

  await byTest(page, 'to-bench').click();
  await expect(byTest(page, 'probed')).toContainText('rear right');
  await page.locator('[data-dial="ohm"]').click();
  await probes(page, 'S1', 'S2');
  await expect(byTest(page, 'meter-hint')).toContainText('Open the sensor');
  await byTest(page, 'measure').click();
  await expect(byTest(page, 'meter-hint')).toContainText('Shown, not kept');
  await page.locator('[data-plug="sensor"]').click();
  await byTest(page, 'measure').click();
  await expect(byTest(page, 'meter-display')).toContainText(/^3\d\d(\.\d)? Ω$/);
  await byTest(page, 'reader-spin').click();
  await expect(byTest(page, 'reader-told')).toContainText('recorded');
  await byTest(page, 'reader-drive').click();
  await expect(byTest(page, 'reader-told')).toContainText('longer way');
  await expect(byTest(page, 'bill')).not.toHaveText('0 EUR');

  const minutes = await byTest(page, 'clock').textContent();
  await again(page);
  await expect(byTest(page, 'clock')).toHaveText(minutes ?? '');

  await page.getByText('Repair', { exact: true }).click();
  await page.locator('[data-repair="replaced:sensor"]').click();
  await expect(byTest(page, 'deed-answer')).toContainText('the lamps stay out');

  const path = await exportJob(page);
  const kept = JSON.parse(readFileSync(path, 'utf8')) as { observations: { kind: string }[]; repairs: unknown[] };
  const kinds = kept.observations.map((one) => one.kind);
  for (const kind of ['lamps', 'code', 'no-code', 'clear', 'meter', 'live', 'drive']) expect(kinds).toContain(kind);
  expect(kept.repairs).toHaveLength(1);
  expect(zelf('validate', path).code).toBe(0);

  await byTest(page, 'to-bench').click();
  await byTest(page, 'finish').click();
  await expect(byTest(page, 'debrief')).toContainText('Repaired rightly', { timeout: 30_000 });
  await expect(byTest(page, 'debrief')).toContainText('sensor shorted');
  await page.goto('/#/bench');
  await expect(byTest(page, 'progress')).toContainText('1 of 1 repaired rightly');
});

test('the usual stages with a practice car that answers by itself; the adviser can be silent', async ({ page }) => {
  await drawCar(page, 'easy');
  await byTest(page, 'reader-read').click();
  await expect(byTest(page, 'reader-told')).toContainText('modules asked');
  await expect(byTest(page, 'bench-advice')).toBeVisible();
  await page.getByRole('button', { name: 'adviser silent' }).click();
  await expect(byTest(page, 'bench-advice')).toHaveCount(0);
  const job = page.url().split('/job/')[1]?.split('/')[0] ?? '';
  await page.goto(`/#/job/${job}/find/check?do=look:plug&at=front-left`);
  await byTest(page, 'practice-answer').click();
  await expect(byTest(page, 'evidence')).toContainText(/plug/i);
});

test('the trial runs in workers, is stopped, and shows its figures and charts', async ({ page }) => {
  await page.goto('/#/bench');
  await byTest(page, 'run-trial').click();
  await expect(byTest(page, 'trial-progress')).toContainText(/[2-9] of 40|1\d of 40/, { timeout: 60_000 });
  await byTest(page, 'stop-trial').click();
  await expect(byTest(page, 'trial-figures')).toContainText('the adviser', { timeout: 60_000 });
  await expect(page.locator('[data-test="chart-costs"] svg').first()).toBeVisible();
});

test('an older car answers no reader: its lamp flashes what the manual explains', async ({ page }) => {
  /* Some of the first cars of this level are old enough. */
  for (let car = 1; car <= 6; car += 1) {
    await drawCar(page, 'easy');
    await byTest(page, 'reader-read').click();
    await expect(byTest(page, 'reader-told')).toContainText(/codes? recorded/);
    if ((await byTest(page, 'reader-told').textContent())?.startsWith('0 codes')) break;
  }
  await expect(byTest(page, 'reader-told')).toContainText('0 codes recorded');
  await page.getByRole('link', { name: 'Codes, tap along' }).click();
  await expect(byTest(page, 'bridged')).toContainText('flashes its codes');
  await byTest(page, 'start-take').click();
  await expect(page.locator('.lamp.lit')).toBeVisible({ timeout: 10_000 });
  await byTest(page, 'tap-close').click();
  await expect(page.locator('.lamp')).toHaveCount(0);
});

test('a car like one’s own: the stand-ins beside a job that stays as it is', async ({ page }) => {
  await page.goto('/#/job/tansy-flooded/codes');
  const before = JSON.parse(readFileSync(await exportJob(page), 'utf8')) as { observations: unknown[] };
  await page.goto('/#/job/tansy-flooded/codes');
  await byTest(page, 'start-twin').click();
  await expect(page.getByRole('heading', { name: 'A car like yours' })).toBeVisible();
  await byTest(page, 'reader-read').click();
  await expect(byTest(page, 'reader-told')).toContainText('7 modules asked');
  await page.getByRole('button', { name: 'adviser silent' }).click();
  const twin = JSON.parse(readFileSync(await exportJob(page), 'utf8')) as {
    vehicle: { specs: unknown; odometer: number };
    observations: unknown[];
  };
  expect(twin.vehicle).toMatchObject({ odometer: 84_200 });
  expect(twin.observations.length).toBeGreaterThan(5);
  await page.goto('/#/job/tansy-flooded/codes');
  const after = JSON.parse(readFileSync(await exportJob(page), 'utf8')) as { observations: unknown[] };
  expect(after.observations).toEqual(before.observations);
});

test('a plain meter overloads on too small a range, and the file says which it was', async ({ page }) => {
  for (let car = 0; car < 5; car += 1) await drawCar(page, 'fair');
  await page.locator('[data-plug="sensor"]').click();
  await probes(page, 'S1', 'S2');
  await expect(byTest(page, 'ranges')).toContainText('best range');
  await byTest(page, 'range-up').click();
  await expect(byTest(page, 'ranges')).toContainText('200 Ω');
  await byTest(page, 'measure').click();
  await expect(byTest(page, 'meter-display')).toHaveText('OL');
  await expect(byTest(page, 'meter-hint')).toContainText('200 Ω range');
  const kept = JSON.parse(readFileSync(await exportJob(page), 'utf8')) as { observations: { range?: number }[] };
  expect(kept.observations.at(-1)).toMatchObject({ value: 'overload', range: 200 });
});
