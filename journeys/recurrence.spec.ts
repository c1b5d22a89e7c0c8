import { expect, type Page } from '@playwright/test';
import { mkdtempSync, readFileSync } from 'node:fs';
import { tmpdir } from 'node:os';
import { join } from 'node:path';
import { byTest, judged, openGarage } from './support';
import { test } from './warm';

/** Clean trips noted at once: drives that follow each other within minutes would count as one. */
async function noteTrips(page: Page, trips: number): Promise<void> {
  await byTest(page, 'proof-drive-stayed-out').click();
  await byTest(page, 'proof-km').fill('20');
  await byTest(page, 'proof-trips').fill(String(trips));
  await byTest(page, 'proof-keep').click();
  await expect(byTest(page, 'proof-ask')).toBeHidden();
}

/** The watch is over: all three levels are reached, and the job ends. */
async function endWatched(page: Page): Promise<void> {
  await judged(page);
  await expect(byTest(page, 'levels').locator('.reached')).toHaveCount(3);
  await byTest(page, 'end-solved').click();
  await expect(byTest(page, 'ending')).toBeVisible();
}

test('declared cured, it comes back: reopened with all its evidence, repaired again, watched to the end, printed', async ({
  page,
}) => {
  await openGarage(page);
  await page.goto('/#/job/pebble-loom/prove');
  await judged(page);
  await expect(byTest(page, 'watch')).toContainText('4 more clean trips');
  await noteTrips(page, 4);
  await endWatched(page);

  await byTest(page, 'came-back').click();
  await expect(byTest(page, 'evidence')).toContainText('Loom, rear axle: rubbed');
  await judged(page);
  await page.goto('/#/job/pebble-loom/fix');
  await expect(byTest(page, 'turned-out-no-change').first()).toHaveAttribute('aria-pressed', 'true');
  await byTest(page, 'repair-at-rear-axle').click();
  await byTest(page, 'did-repaired-wire:loom').click();
  await byTest(page, 'result-unknown').click();

  await page.goto('/#/job/pebble-loom/prove');
  await byTest(page, 'proof-erase-clear').click();
  await page.getByRole('button', { name: 'Its number follows' }).click();
  await noteTrips(page, 60);
  await byTest(page, 'proof-re-read-none').click();
  await endWatched(page);

  await page.goto('/#/job/pebble-loom/record');
  await expect(byTest(page, 'cured')).toContainText('Loom wire mended');
  const path = join(mkdtempSync(join(tmpdir(), 'zelf-')), 'record.pdf');
  await page.pdf({ path, format: 'A4' });
  const pdf = readFileSync(path, 'latin1');
  expect(pdf.startsWith('%PDF-')).toBe(true);
  expect(pdf.match(/\/Type\s*\/Page\b/gu)?.length ?? 0).toBeLessThanOrEqual(2);
});
