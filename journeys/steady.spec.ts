import { expect, test } from '@playwright/test';
import { byTest } from './support';

/** What is there stays where it is while the rest arrives: opened by its address in a browser that has nothing yet, on a slow processor. */

/** A shift that nobody notices (web.dev: good is below 0.1). */
const NOTICED = 0.05;
const VIEWS = [
  '/',
  '/#/job/tansy-flooded/find',
  '/#/job/tansy-flooded/fix',
  '/#/job/pebble-loom/prove',
  '/#/job/pebble-loom/notebook',
] as const;

const SIZES = [
  [412, 823],
  [1280, 800],
] as const;

for (const [width, height] of SIZES)
  for (const address of VIEWS)
    test(`nothing jumps while ${address} arrives, at ${width}x${height}`, async ({ browser, baseURL }) => {
      const context = await browser.newContext({ viewport: { width, height }, serviceWorkers: 'block' });
      const page = await context.newPage();
      const session = await context.newCDPSession(page);
      await session.send('Emulation.setCPUThrottlingRate', { rate: 4 });
      await page.addInitScript(() => {
        const state = window as unknown as { shift: number };
        state.shift = 0;
        new PerformanceObserver((list) => {
          for (const entry of list.getEntries()) state.shift += (entry as unknown as { value: number }).value;
        }).observe({ type: 'layout-shift', buffered: true });
      });
      await page.goto(`${baseURL ?? ''}${address}`);
      if (address === '/') await expect(byTest(page, 'glance-do').first()).toBeVisible();
      else await expect(byTest(page, 'do-move').or(byTest(page, 'next-move')).first()).not.toHaveText(/Working out/);
      await expect(page.getByText('This job is not')).toHaveCount(0);
      const shift = await page.evaluate(() => (window as unknown as { shift: number }).shift);
      await context.close();
      expect(shift).toBeLessThanOrEqual(NOTICED);
    });
