import { expect, test } from '@playwright/test';
import { again, byTest, judged, openGarage } from './support';

test.use({ serviceWorkers: 'allow' });

test('after the first load everything works without a network, deep links too', async ({ page, context }) => {
  await openGarage(page);
  await page.evaluate(() => navigator.serviceWorker.ready.then(() => undefined));
  await expect(async () => {
    const names = await page.evaluate(async () =>
      (
        await Promise.all((await caches.keys()).map(async (key) => (await (await caches.open(key)).keys()).length))
      ).reduce((sum, one) => sum + one, 0),
    );
    expect(names).toBeGreaterThan(20);
  }).toPass();
  await again(page);
  await context.setOffline(true);
  await page.goto('/#/job/bertie-deaf/find');
  await again(page);
  await expect(page.getByRole('heading', { name: 'The signal path, front left' })).toBeVisible();
  await judged(page);
  await expect(page.locator('[data-segment="ring"]').first()).toHaveAttribute('data-state', 'suspect');

  await page.goto('/#/bench');
  await page.locator('[data-level="easy"]').click();
  await byTest(page, 'reader-read').click();
  await expect(byTest(page, 'reader-told')).toContainText('modules asked');
});
