import { expect, test, type Page } from '@playwright/test';
import { readFileSync } from 'node:fs';
import { again, byTest, exportJob, judged, startJob, toStage, zelf } from './support';

async function recordCodes(page: Page, text: string): Promise<void> {
  await byTest(page, 'codes-text').fill(text);
  await byTest(page, 'record-codes').click();
  await expect(byTest(page, 'codes-text')).toHaveValue('');
}

async function assessed(page: Page): Promise<{ fault: string; channel: string | null }> {
  const [line] = zelf('assess', await exportJob(page)).lines as {
    ranking: { fault: string; channel: string | null }[];
  }[];
  return line?.ranking[0] ?? { fault: '', channel: null };
}

test('ghosts of a flat battery are told from the live code', async ({ page }) => {
  await startJob(page, 'Tansy');
  await toStage(page, 'Codes');
  await recordCodes(
    page,
    [
      'ABS',
      'C0031 stored 80100 km',
      'C0037-13 current 84200 km',
      'Body',
      'B1342 stored 80100 km',
      'Engine',
      'P0562 stored 80100 km',
      'P0500 stored 80100 km',
    ].join('\n'),
  );
  const rows = byTest(page, 'recorded-codes').locator('li');
  await expect(rows).toHaveCount(5);
  await expect(rows.filter({ hasText: 'C0031' })).toHaveClass(/ghost/);
  await expect(rows.filter({ hasText: 'P0562' })).toHaveClass(/ghost/);
  await expect(rows.filter({ hasText: 'C0037' })).toHaveClass(/cause/);
  await byTest(page, 'erased').click();
  await page.getByRole('button', { name: 'C0037-13', exact: true }).click();
  await byTest(page, 'returned-at-key-on').click();
  await expect(byTest(page, 'clears')).toContainText('away: C0031');
  await again(page);
  await expect(rows.filter({ hasText: 'C0031' })).toContainText('stayed away');
  await judged(page);
  await expect(page.locator('[data-corner="rear-left"]')).toContainText(/at fault|suspect/);
  expect((await assessed(page)).channel).toBe('rear-left');
});

/** Taps the space bar in the rhythm of a code, each digit a count, with a hand that is not even. */
async function tapCode(page: Page, code: string): Promise<void> {
  await byTest(page, 'start-take').click();
  await expect(byTest(page, 'tap-pad')).toBeVisible();
  for (const digit of code) {
    for (let at = 0; at < Number(digit); at += 1) {
      await page.keyboard.down('Space');
      await page.clock.runFor(110);
      await page.keyboard.up('Space');
      await page.clock.runFor(310 + 60 * (at % 2));
    }
    await page.clock.runFor(1100);
  }
  await byTest(page, 'tap-done').click();
}

test('flash codes without any reader: two agreeing takes, a meaning of its own, kept with the vehicle', async ({
  page,
}) => {
  await page.clock.install();
  await startJob(page, 'Tansy');
  await toStage(page, 'Codes');
  await page.getByText('No reader? Tap along with the lamp').click();
  await tapCode(page, '23');
  await expect(byTest(page, 'takes')).toContainText('23');
  await expect(byTest(page, 'record-flash')).toHaveCount(0);
  await again(page);
  await page.getByText('No reader? Tap along with the lamp').click();
  await expect(byTest(page, 'takes')).toContainText('23');
  await tapCode(page, '24');
  await expect(byTest(page, 'record-flash')).toHaveCount(0);
  await tapCode(page, '23');
  await expect(byTest(page, 'flash-agreed')).toContainText('2 takes agree: 23');
  await byTest(page, 'record-flash').click();
  await expect(byTest(page, 'recorded-codes')).toContainText('meaning not known');
  await byTest(page, 'mean-23').click();
  await byTest(page, 'own-rear-right').click();
  await page.getByRole('radio', { name: 'open circuit' }).click();
  await byTest(page, 'keep-own').click();
  await expect(byTest(page, 'recorded-codes')).toContainText('rear right, open circuit');
  await judged(page);
  const path = await exportJob(page);
  expect(zelf('validate', path).code).toBe(0);
  const kept = JSON.parse(readFileSync(path, 'utf8')) as { vehicle: { codeMeanings: Record<string, object> } };
  expect(kept.vehicle.codeMeanings['23']).toEqual({ channel: 'rear-right', failure: 'open' });
  await startJob(page, 'Tansy');
  await toStage(page, 'Codes');
  await byTest(page, 'codes-text').fill('23');
  await expect(byTest(page, 'found-codes')).toContainText('rear right, open circuit');
});

test('a three-channel vehicle: left and right rear codes mean the one sensor of the axle', async ({ page }) => {
  await startJob(page, 'Pebble');
  await toStage(page, 'Codes');
  await recordCodes(page, 'C0036 left rear, stored\nC0039-13 right rear, current');
  const rows = byTest(page, 'recorded-codes').locator('li');
  await expect(rows.first()).toContainText('rear axle');
  await expect(rows.last()).toContainText('rear axle');
  await judged(page);
  await expect(page.locator('[data-corner="rear-axle"]')).toContainText(/suspect|at fault/);
  expect((await assessed(page)).channel).toBe('rear-axle');
});

test('a code with no text at all is taken as it is, and the next move still makes sense', async ({ page }) => {
  await startJob(page, 'Bertie');
  await toStage(page, 'Codes');
  await recordCodes(page, '5DB0');
  await expect(byTest(page, 'recorded-codes')).toContainText('meaning not known');
  await judged(page);
  const [line] = zelf('assess', await exportJob(page)).lines as { next: { check: string }[]; stop: unknown }[];
  expect(line?.next[0]?.check).not.toContain('repair:');
  expect(line?.stop).toBeNull();
});

test('how the lamps behave: bulb check, what each says, a pattern that grew, a bend', async ({ page }) => {
  await page.clock.install();
  await startJob(page, 'Tansy');
  await page.getByRole('button', { name: 'I turn the key on now' }).click();
  await page.clock.runFor(7000);
  await expect(page.getByText('Now tap what is still lit.')).toBeVisible();
  await page.getByRole('button', { name: 'ABS', exact: true }).click();
  await page.getByRole('button', { name: 'Stability', exact: true }).click();
  await expect(byTest(page, 'lamp-words')).toContainText('Anti-lock is off');
  await page.getByText('Why so many lamps?').click();
  await expect(page.getByRole('img', { name: /One wheel without a signal/ })).toBeVisible();
  await page.getByRole('button', { name: 'steady, from key-on' }).first().click();
  await page.getByText('It was different at first').click();
  await byTest(page, 'earlier-pattern').getByRole('button', { name: 'now and then' }).click();
  await page.getByRole('button', { name: 'Stability cuts in without reason' }).click();
  await byTest(page, 'bend-left').click();
  await expect(byTest(page, 'bend-left')).toHaveAttribute('aria-pressed', 'true');
  await again(page);
  await expect(byTest(page, 'bend-left')).toHaveAttribute('aria-pressed', 'true');
  const path = await exportJob(page);
  expect(zelf('validate', path).code).toBe(0);
  const kept = JSON.parse(readFileSync(path, 'utf8')) as {
    observations: { kind: string; pattern?: string[]; bend?: string }[];
  };
  expect(kept.observations.filter((one) => one.kind === 'lamps').map((one) => one.pattern)).toEqual([
    ['intermittent'],
    ['steady-from-key-on'],
  ]);
  expect(kept.observations.find((one) => one.kind === 'symptom')?.bend).toBe('left');
});
