import { expect, type Page } from '@playwright/test';
import { writeFileSync } from 'node:fs';
import { simulated } from '../tests/support/simulatedLog';
import { byTest, openGarage } from './support';
import { test } from './warm';

/** How many of a page's drawings have really been drawn, with a width of their own. */
const drawn = (page: Page, selector: string): Promise<number> =>
  page
    .locator(selector)
    .evaluateAll((images) => images.filter((image) => (image as HTMLImageElement).naturalWidth > 0).length);

test('a ring is looked at by picture; a trade word is explained; the first view loads no drawing', async ({ page }) => {
  const asked: string[] = [];
  page.on('request', (request) => asked.push(request.url()));
  await openGarage(page);
  expect(asked.filter((url) => /ring-|corner-|probing-|plotly/.test(url))).toEqual([]);
  await page.goto('/#/job/bertie-deaf/find/check?do=look:ring&at=front-left');
  await expect(page.locator('.card')).toHaveCount(8);
  await expect.poll(() => drawn(page, '.card img')).toBe(8);
  await page.locator('.term', { hasText: 'knuckle' }).click();
  await expect(page.getByText('The heavy metal part that carries')).toBeVisible();
  await page.keyboard.press('Escape');
  await page.locator('[data-answer="swollen"]').click();
  await byTest(page, 'not-sure').click();
  await expect.poll(() => drawn(page, '.el-dialog figure img')).toBe(2);
  await byTest(page, 'keep-doubt').click();
  await expect(byTest(page, 'evidence')).toContainText('not sure: counts half');
});

test('a meter check shows what it may read before anything is typed, and types on the drawn display', async ({
  page,
}) => {
  await openGarage(page);
  await page.goto('/#/job/tansy-flooded/find/check?do=meter:sensor:resistance&at=rear-right');
  await expect(page.locator('.meaning')).toHaveCount(3);
  await expect.poll(() => drawn(page, '.how img')).toBe(2);
  const [meter, figures] = [page.locator('.how img').first(), page.locator('.how img.figures')];
  const before = [await meter.getAttribute('src'), await figures.getAttribute('src')] as const;
  await page.getByRole('button', { name: 'OL', exact: true }).click();
  await expect(page.locator('.meaning.lit')).toContainText('OL');
  await expect(figures).not.toHaveAttribute('src', before[1] ?? '');
  await expect(meter).toHaveAttribute('src', before[0] ?? '');
});

test('a lead is followed through the car, and a step shows its tools; a new step begins at its top', async ({
  page,
}) => {
  await page.setViewportSize({ width: 390, height: 844 });
  await openGarage(page);
  await page.goto('/#/job/bertie-deaf/find/check?do=look:lead&at=front-left');
  await byTest(page, 'route').locator('summary').click();
  await expect(byTest(page, 'route').locator('li')).toHaveCount(4);
  await expect.poll(() => drawn(page, '[data-test="route"] img')).toBe(1);
  await page.goto('/#/job/bertie-deaf/fix?repair=replaced:sensor&at=front-left');
  await expect(page.locator('[data-tool="chocks"]')).toBeVisible();
  await expect.poll(() => drawn(page, '.tools img')).toBe(1);
  await byTest(page, 'phase-done').scrollIntoViewIfNeeded();
  await byTest(page, 'phase-done').click();
  await expect(byTest(page, 'step-title')).toBeInViewport();
});

test('a recording is read, drawn and kept as evidence', async ({ page }, info) => {
  const path = info.outputPath('drive.csv');
  writeFileSync(
    path,
    simulated({
      seed: 7,
      seconds: 60,
      hertz: 12,
      step: 0.1,
      isPolled: false,
      wrong: [{ channel: 'rear-left', kind: 'drops', size: 0.1 }],
    }),
  );
  await openGarage(page);
  await page.goto('/#/job/bertie-deaf/find/check?do=live:drive&at=front-left');
  await byTest(page, 'open-live').click();
  await byTest(page, 'log-file').setInputFiles(path);
  await expect(byTest(page, 'log-findings')).toContainText('Rear left drops out again and again');
  await expect(page.locator('.chart .main-svg').first()).toBeVisible();
  await byTest(page, 'log-record').click();
  await expect(page.getByText('The findings of the recording are kept.')).toBeVisible();
  await page.goto('/#/job/bertie-deaf/find');
  await expect(byTest(page, 'evidence')).toContainText('drops out');
});

test('a practice car is watched live: a wheel is spun, a drive is marked, stopped and judged', async ({ page }) => {
  await page.goto('/');
  await byTest(page, 'to-bench').click();
  await page.locator('[data-level="easy"]').click();
  await expect(byTest(page, 'clock')).toBeVisible();
  await page.goto(page.url().replace(/\/bench.*$/, '/find/watch'));
  await byTest(page, 'watch-begin').click();
  await expect(byTest(page, 'watch-status')).toContainText('times a second');
  await byTest(page, 'spin').click();
  await expect(byTest(page, 'spin-words')).not.toContainText('nothing yet', { timeout: 12_000 });
  await byTest(page, 'spin-keep').click();
  await expect(page.getByText('Kept as evidence.')).toBeVisible();
  await byTest(page, 'mode-drive').click();
  await byTest(page, 'watch-begin').click();
  await byTest(page, 'mark-bend').click({ timeout: 10_000 });
  await expect(byTest(page, 'marks')).toContainText('Bend');
  await page.keyboard.press('Space');
  await expect(byTest(page, 'marks')).toContainText('Bump');
  await byTest(page, 'watch-look').click();
  await expect(byTest(page, 'live-title')).toBeVisible();
  await expect(page.getByText(/readings a second/).first()).toBeVisible();
});
