import { expect } from '@playwright/test';
import { readFileSync } from 'node:fs';
import { again, byTest, exportJob, inKiloohm, judged, startJob, toStage, zelf } from './support';
import { test } from './warm';

test('evidence corrected in place, a what-if that records nothing, halves of a wire, the twin beside it', async ({
  page,
}) => {
  await startJob(page, 'Tansy');
  await toStage(page, 'Codes');
  await byTest(page, 'codes-text').fill('C0039-13 current');
  await byTest(page, 'record-codes').click();
  await toStage(page, 'Find');
  const id = page.url().split('/job/')[1]?.split('/')[0] ?? '';
  for (const [corner, value] of [
    ['rear-left', '1.18'],
    ['rear-right', '0.38'],
  ] as const) {
    await page.goto(`/#/job/${id}/find/check?do=meter:sensor:resistance&at=${corner}`);
    await expect(byTest(page, 'reading')).toHaveText('–');
    await page.keyboard.type(value);
    await expect(byTest(page, 'reading')).toHaveText(value);
    await inKiloohm(page);
    await byTest(page, 'keep').click();
    await expect(byTest(page, 'evidence')).toContainText('kΩ');
  }
  await judged(page);
  await expect(byTest(page, 'compare')).toContainText('differs by 68 %');

  await byTest(page, 'evidence')
    .getByRole('button')
    .filter({ hasText: /Across the sensor|pins.*rear right|rear right/ })
    .filter({ hasText: /380 Ω|0.38/ })
    .click();
  await page.getByRole('link', { name: 'Correct it' }).click();
  await expect(byTest(page, 'corrects')).toContainText(/380 Ω|0\.38 kΩ/);
  await page.keyboard.type('1.16');
  await byTest(page, 'keep').click();
  await expect(byTest(page, 'compare')).toContainText('alike');
  await judged(page);

  await page.getByRole('button', { name: /Why this/ }).click();
  await expect(byTest(page, 'overturns').locator('li').first()).toContainText('then more likely');
  await page.getByRole('button', { name: 'What if?' }).nth(1).click();
  await expect(byTest(page, 'answer-paths').last()).toBeVisible();
  await page.keyboard.press('Escape');
  const path = await exportJob(page);
  const kept = JSON.parse(readFileSync(path, 'utf8')) as { observations: { kind: string; value?: number }[] };
  expect(kept.observations.map((one) => one.value ?? one.kind)).toEqual(['code', 1180, 1160]);
  expect(zelf('validate', path).code).toBe(0);

  await toStage(page, 'Find');
  await page.getByRole('button', { name: /^Loom/ }).first().click();
  await page.getByText('Find the break by measuring halfway').click();
  await byTest(page, 'wire-length').fill('4');
  await expect(byTest(page, 'halves-next')).toContainText('2.00 m');
  await byTest(page, 'halves-whole').click();
  await byTest(page, 'halves-open').click();
  await expect(byTest(page, 'halves-next')).toContainText('2.50 m');
  await again(page);
  await page.getByRole('button', { name: /^Loom/ }).first().click();
  await page.getByText('Find the break by measuring halfway').click();
  await expect(byTest(page, 'halves-next')).toContainText('2.50 m');
});

test('what an hour and a part cost is set once and weighs in the next move', async ({ page }) => {
  await startJob(page, 'Tansy');
  await page.goto('/#/vehicle/tansy');
  await page.locator('summary', { hasText: 'What your time and parts cost' }).click();
  await byTest(page, 'hour-value').fill('48');
  await byTest(page, 'hour-value').blur();
  await byTest(page, 'price-replaced:sensor').fill('never');
  await byTest(page, 'price-replaced:sensor').blur();
  await expect(byTest(page, 'owner-costs').getByRole('alert')).toContainText('Replace the sensor');
  await byTest(page, 'price-replaced:sensor').fill('19.50');
  await byTest(page, 'price-replaced:sensor').blur();
  await expect(byTest(page, 'owner-costs').getByRole('alert')).toHaveCount(0);
  await startJob(page, 'Tansy');
  const path = await exportJob(page);
  const kept = JSON.parse(readFileSync(path, 'utf8')) as { owner: { hourValue: number; prices: object } };
  expect(kept.owner).toMatchObject({ hourValue: 48, prices: { 'replaced:sensor': 19.5 } });
});
