import { expect, type Page } from '@playwright/test';

/** Every view of the application, with the sample garage in it. */
export const VIEWS = [
  ['garage', '/#/'],
  ['spec sheet', '/#/vehicle/tansy'],
  ['dash', '/#/job/tansy-flooded/dash'],
  ['codes', '/#/job/tansy-flooded/codes'],
  ['find', '/#/job/tansy-flooded/find'],
  ['check', '/#/job/tansy-flooded/find/check?do=meter:sensor:resistance&at=rear-right'],
  ['look at a lead', '/#/job/bertie-deaf/find/check?do=look:lead&at=front-left'],
  ['live data', '/#/job/tansy-flooded/find/live'],
  ['no reader to watch', '/#/job/tansy-flooded/find/watch'],
  ['arithmetic', '/#/arithmetic'],
  ['fix', '/#/job/tansy-flooded/fix'],
  ['guide', '/#/job/tansy-flooded/fix?repair=replaced:sensor&at=rear-right'],
  ['prove', '/#/job/pebble-loom/prove'],
  ['notebook', '/#/job/tansy-lead/notebook'],
  ['handbook', '/#/handbook'],
  ['record', '/#/job/tansy-lead/record'],
  ['fastener board', '/#/job/bertie-deaf/fix?repair=replaced:sensor&at=front-left&board=1'],
  ['bench', '/#/bench'],
  ['lost', '/#/nowhere'],
  ['missing job', '/#/job/none/dash'],
] as const;

const widths = (page: Page): Promise<readonly number[]> =>
  page.evaluate(() => [document.documentElement.scrollWidth, innerWidth]);

/** Nothing may stand beside the window: not on the smallest phone, nor with text twice as large. */
export async function fitsBeside(page: Page, name: string): Promise<void> {
  const [content, window] = await widths(page);
  expect(content, name).toBeLessThanOrEqual(window ?? 0);
}

/** Opens an address, and waits until its view has taken the place of the one before. */
export async function afresh(page: Page, address: string): Promise<void> {
  await page.goto(address);
  await expect(page.locator('html')).toHaveAttribute('data-address', address.slice(address.indexOf('#') + 1));
}
