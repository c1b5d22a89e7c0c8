import { expect, type Page } from '@playwright/test';
import { again, byTest, exportJob, judged, openGarage, startJob, toStage, zelf } from './support';
import { test } from './warm';

/** A road each: whatever the job is like, it can be gone to its end. */

async function newVehicle(page: Page, name: string): Promise<void> {
  await openGarage(page);
  await byTest(page, 'add-vehicle').click();
  await byTest(page, 'vehicle-name').fill(name);
  await byTest(page, 'steering-right').click();
  await expect(page.getByRole('heading', { name: `${name}: spec sheet` })).toBeVisible();
}

async function begin(page: Page): Promise<void> {
  await byTest(page, 'start-job').click();
  await expect(page.getByRole('heading', { name: 'What is lit?' })).toBeVisible();
}

async function codes(page: Page, text: string): Promise<void> {
  await toStage(page, 'Codes');
  await byTest(page, 'codes-text').fill(text);
  await byTest(page, 'record-codes').click();
  await expect(byTest(page, 'recorded-codes')).toBeVisible();
}

async function did(page: Page, where: string, repair: string, result = 'unknown'): Promise<void> {
  await toStage(page, 'Fix');
  await byTest(page, `repair-at-${where}`).click();
  await byTest(page, `did-${repair}`).click();
  await byTest(page, `result-${result}`).click();
  await expect(byTest(page, 'made-repairs')).toBeVisible();
}

async function drive(page: Page, kilometres: string, trips = ''): Promise<void> {
  await byTest(page, 'proof-drive-stayed-out').click();
  await byTest(page, 'proof-km').fill(kilometres);
  if (trips) await byTest(page, 'proof-trips').fill(trips);
  await byTest(page, 'proof-keep').click();
  await expect(byTest(page, 'proof-step-drive')).toHaveClass(/good/);
}

async function proveByReader(page: Page): Promise<void> {
  await toStage(page, 'Prove');
  await byTest(page, 'proof-erase-clear').click();
  await expect(byTest(page, 'proof-step-erase')).toHaveClass(/good/);
  await drive(page, '6');
  await byTest(page, 'proof-re-read-none').click();
}

async function solved(page: Page): Promise<void> {
  await byTest(page, 'end-solved').click();
  await expect(byTest(page, 'ending')).toContainText('Solved');
  expect(zelf('validate', await exportJob(page))).toMatchObject({ code: 0, trouble: '' });
}

test('a high-voltage car with a cut lead is mended and solved', async ({ page }) => {
  await newVehicle(page, 'Amber');
  await page.locator('summary', { hasText: 'Sensors and car' }).click();
  await page.getByText('High-voltage vehicle').click();
  await begin(page);
  await page.getByRole('button', { name: 'ABS', exact: true }).click();
  await codes(page, 'C0034 current');
  const address = page.url().replace(/codes.*/, 'find/check?do=look:lead&at=front-right');
  await page.goto(address);
  await page.locator('[data-answer="severed"]').click();
  await byTest(page, 'keep').click();
  await judged(page);
  await expect(byTest(page, 'next-move')).toContainText('Mend the lead');
  await byTest(page, 'do-move').click();
  await expect(page.getByText('High-voltage car: switch it off')).toBeVisible();
  await did(page, 'front-right', 'repaired-wire:lead');
  await proveByReader(page);
  await solved(page);
});

test('without any reader: lamps, drives and time reach "solved", and it says so', async ({ page }) => {
  await startJob(page, 'Tansy');
  await page.getByRole('button', { name: 'ABS', exact: true }).click();
  await did(page, 'rear-left', 'reseated:plug');
  await toStage(page, 'Prove');
  await page.locator('[data-test="no-reader"]').click();
  await expect(byTest(page, 'proof-step-erase')).toHaveCount(0);
  await byTest(page, 'proof-lamps-out').click();
  await drive(page, '6', '2');
  await expect(page.getByRole('heading', { name: /Proved by lamps/ })).toBeVisible();
  await byTest(page, 'end-solved').click();
  await expect(byTest(page, 'rests-on')).toContainText('2 drives over 12 km');
  await page.getByRole('link', { name: 'See the record' }).click();
  await expect(byTest(page, 'ended')).toContainText('codes were not read');
});

test('two corners are repaired, and each is proved by its own spin', async ({ page }) => {
  await startJob(page, 'Tansy');
  await codes(page, 'C0031 current\nC003A current');
  await did(page, 'front-left', 'reseated:plug');
  await did(page, 'rear-right', 'replaced:sensor');
  await toStage(page, 'Prove');
  const spins = byTest(page, 'proof-step-spin');
  await expect(spins).toHaveCount(2);
  await expect(spins.nth(0)).toContainText('Front left');
  await expect(spins.nth(1)).toContainText('Rear right');
  await spins.nth(1).locator('[data-test="proof-spin-follows"]').click();
  await expect(spins.nth(1)).toHaveClass(/good/);
  await expect(spins.nth(0)).toHaveClass(/open/);
  await spins.nth(0).locator('[data-test="proof-spin-follows"]').click();
  await expect(spins.nth(0)).toHaveClass(/good/);
  await proveByReader(page);
  await solved(page);
});

test('a repair that changed nothing, then the right one; only the code that came back comes back', async ({ page }) => {
  await startJob(page, 'Tansy');
  await codes(page, 'C0031 current\nC0034 stored');
  await did(page, 'front-left', 'replaced:sensor');
  await toStage(page, 'Prove');
  await byTest(page, 'proof-erase-back-at-key-on').click();
  await byTest(page, 'proof-ask').getByRole('button', { name: 'C0034' }).click();
  await byTest(page, 'proof-keep').click();
  await expect(byTest(page, 'not-cured-panel')).toBeVisible();
  await byTest(page, 'not-cured').click();
  await expect(byTest(page, 'evidence')).toContainText('C0031');
  await did(page, 'front-left', 'reseated:plug');
  await expect(byTest(page, 'made-repairs').locator('[aria-pressed="true"]')).toHaveText([
    'Changed nothing',
    'Not known yet',
  ]);
  await proveByReader(page);
  await solved(page);
});

test('a shared rear sensor is looked at, never exchanged', async ({ page }) => {
  await startJob(page, 'Pebble');
  await codes(page, 'C0037 rear wheel speed sensor current');
  const at = (check: string): string => page.url().replace(/(codes|find).*/, `find/check?do=${check}&at=rear-axle`);
  await page.goto(at('swap'));
  await expect(page.getByText('both rear wheels share one sensor')).toBeVisible();
  await page.goto(at('look:gap'));
  await page.locator('[data-answer="not-seated"]').click();
  await page.locator('[data-answer="dirty"]').click();
  await byTest(page, 'keep').click();
  await expect(byTest(page, 'evidence')).toContainText('not seated');
  await expect(byTest(page, 'evidence')).toContainText('dirty');
});

test('a blank job with nothing but a repair, corrected later', async ({ page }) => {
  await startJob(page, 'Bertie');
  await did(page, 'car', 'charged:supply', 'fixed');
  const made = byTest(page, 'made-repairs');
  await expect(made.locator('[aria-pressed="true"]')).toHaveText('Fixed it');
  await made.locator('[data-test="turned-out-partly"]').click();
  await expect(made.locator('[aria-pressed="true"]')).toHaveText('Helped in part');
  await expect(page.getByText('does not call for a part')).toHaveCount(0);
  expect(zelf('validate', await exportJob(page))).toMatchObject({ code: 0 });
});

test('undo and redo, across a reload', async ({ page }) => {
  await startJob(page, 'Tansy');
  const abs = page.getByRole('button', { name: 'ABS', exact: true });
  const stability = page.getByRole('button', { name: 'Stability', exact: true });
  await abs.click();
  await stability.click();
  await again(page);
  await expect(stability).toHaveAttribute('aria-pressed', 'true');
  await page.keyboard.press('Control+z');
  await expect(stability).toHaveAttribute('aria-pressed', 'false');
  await again(page);
  await byTest(page, 'redo').click();
  await expect(stability).toHaveAttribute('aria-pressed', 'true');
  await byTest(page, 'undo').click();
  await byTest(page, 'undo').click();
  await expect(abs).toHaveAttribute('aria-pressed', 'false');
  await page.keyboard.press('Control+Shift+Z');
  await expect(abs).toHaveAttribute('aria-pressed', 'true');
});

test('two tabs on the spec sheet lose nothing', async ({ page }) => {
  await openGarage(page);
  await page.goto('/#/vehicle/tansy');
  const other = await page.context().newPage();
  await other.goto('/#/vehicle/tansy');
  for (const tab of [page, other]) await tab.locator('summary', { hasText: 'Figures to measure against' }).click();
  await byTest(page, 'teeth').fill('47');
  await byTest(other, 'tyre').fill('205/55R16');
  await expect(byTest(other, 'teeth')).toHaveValue('47');
  await expect(byTest(page, 'tyre')).toHaveValue('205/55R16');
  await other.reload();
  await other.locator('summary', { hasText: 'Figures to measure against' }).click();
  await expect(byTest(other, 'teeth')).toHaveValue('47');
  await expect(byTest(other, 'tyre')).toHaveValue('205/55R16');
});

test('a lit lamp touched after a repair is noted as lit, not as all out', async ({ page }) => {
  await startJob(page, 'Tansy');
  await page.getByRole('button', { name: 'ABS', exact: true }).click();
  await did(page, 'front-left', 'reseated:plug');
  await toStage(page, 'Dash');
  const abs = page.getByRole('button', { name: 'ABS', exact: true });
  await expect(abs).toHaveAttribute('aria-pressed', 'false');
  await abs.click();
  await expect(abs).toHaveAttribute('aria-pressed', 'true');
  await toStage(page, 'Prove');
  await expect(byTest(page, 'proof-step-lamps')).toContainText('Still lit');
});

test('an address that is changed while the program still begins is where it goes', async ({ page }) => {
  await openGarage(page);
  for (const wait of ['commit', 'domcontentloaded', 'load'] as const) {
    await page.goto('about:blank');
    await page.goto('/', { waitUntil: wait });
    await page.evaluate(() => (location.hash = '#/job/bertie-deaf/find?segment=ring'));
    await expect(page.getByRole('heading', { name: 'The signal path, front left' })).toBeVisible();
    expect(page.url()).toContain('#/job/bertie-deaf/find?segment=ring');
  }
});
