import { expect, test } from '@playwright/test';
import { spawnSync } from 'node:child_process';
import { mkdtempSync } from 'node:fs';
import { tmpdir } from 'node:os';
import { join } from 'node:path';
import { again, chooseFrom, byTest, openGarage } from './support';

const CASE = {
  format: 'zelf-case',
  version: 1,
  vehicle: { name: 'Tansy', channels: ['front-left', 'front-right', 'rear-left', 'rear-right'] },
  observations: [{ id: 'o1', kind: 'lamps', lit: ['abs'] }],
};

function asFile(name: string, text: string): { name: string; mimeType: string; buffer: Buffer } {
  return { name, mimeType: 'application/json', buffer: Buffer.from(text) };
}

test('a broken file is refused with its place, and nothing in the garage changes', async ({ page }) => {
  await openGarage(page);
  const before = await page.locator('.jobs li').count();
  for (const [name, text, place] of [
    [
      'odd.json',
      JSON.stringify({ ...CASE, observations: [{ id: 'o1', kind: 'lamps', lit: ['disco'] }] }),
      '/observations/0/lit/0',
    ],
    ['torn.json', '{\n"format": "zelf-case",', 'line 2'],
    ['future.json', JSON.stringify({ ...CASE, version: 9 }), '/version'],
  ] as const) {
    await byTest(page, 'open-file').setInputFiles(asFile(name, text));
    await expect(byTest(page, 'refused')).toContainText(name);
    await expect(byTest(page, 'refused')).toContainText(place);
  }
  await again(page);
  await expect(page.locator('[data-vehicle="Tansy"]')).toBeVisible();
  await expect(page.locator('.jobs li')).toHaveCount(before);
});

test('markup in a file stays text', async ({ page }) => {
  await openGarage(page);
  const nasty = {
    ...CASE,
    vehicle: { ...CASE.vehicle, name: '<img src=x onerror="document.title=\'owned\'">' },
    notes: [{ id: 'n1', at: '2026-01-01T10:00:00Z', text: '<script>document.title="owned"</script>' }],
  };
  await byTest(page, 'open-file').setInputFiles(asFile('nasty.json', JSON.stringify(nasty)));
  await page.getByRole('link', { name: 'Notebook' }).click();
  await expect(page.getByText('<script>')).toBeVisible();
  expect(await page.title()).toMatch(/ · Zelf$/);
});

test('a removed job can be put back', async ({ page }) => {
  await openGarage(page);
  const job = page.getByRole('link', { name: 'no signal since the bearing' });
  await chooseFrom(page, 'Bertie', 'job-remove');
  await expect(job).toBeHidden();
  await page.getByRole('button', { name: 'Put it back' }).click();
  await expect(job).toBeVisible();
});

test('two tabs do not undo each other', async ({ page, context }) => {
  await openGarage(page);
  await page.goto('/#/job/pebble-new/dash');
  const other = await context.newPage();
  await other.goto('/#/job/pebble-new/dash');
  await page.getByRole('button', { name: 'ABS', exact: true }).click();
  await other.getByRole('button', { name: 'on bumps' }).click();
  for (const one of [page, other]) {
    await expect(one.getByRole('button', { name: 'ABS', exact: true })).toHaveAttribute('aria-pressed', 'true');
    await expect(one.getByRole('button', { name: 'on bumps' })).toHaveAttribute('aria-pressed', 'true');
  }
});

test('a new vehicle: its sheet says what is wrong and keeps what is right', async ({ page }) => {
  await openGarage(page);
  await byTest(page, 'add-vehicle').click();
  await byTest(page, 'vehicle-name').fill('Orchard van');
  await page.locator('summary', { hasText: 'Figures to measure against' }).click();
  await page.getByLabel('Sensor resistance, from').fill('1,0 kΩ');
  await page.getByLabel('to', { exact: true }).fill('lots');
  await expect(page.getByText('is no reading')).toBeVisible();
  await page.getByLabel('to', { exact: true }).fill('1.4k');
  await expect(page.getByText('kept')).toBeVisible();
  await again(page);
  await expect(byTest(page, 'vehicle-name')).toHaveValue('Orchard van');
  await page.locator('summary', { hasText: 'Figures to measure against' }).click();
  await expect(page.getByLabel('to', { exact: true })).toHaveValue('1.40 kΩ');
});

test('the whole garage is backed up, read by another program, and taken in elsewhere', async ({ page, browser }) => {
  await openGarage(page);
  const [download] = await Promise.all([page.waitForEvent('download'), byTest(page, 'back-up').click()]);
  const path = join(mkdtempSync(join(tmpdir(), 'zelf-')), download.suggestedFilename());
  await download.saveAs(path);
  const listed = spawnSync('python3', ['-m', 'zipfile', '-t', path], { encoding: 'utf8' });
  const tested = listed.error ? spawnSync('unzip', ['-t', path], { encoding: 'utf8' }) : listed;
  expect(tested.status, tested.stderr).toBe(0);
  const other = await browser.newPage();
  await openGarage(other);
  await chooseFrom(other, 'Pebble', 'job-remove');
  await byTest(other, 'open-file').setInputFiles(path);
  await expect(byTest(other, 'bundle')).toContainText('1 job is new');
  await byTest(other, 'take-in').click();
  await expect(other.locator('[data-vehicle="Pebble"] .job')).toHaveCount(2);
});
