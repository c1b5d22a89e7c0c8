import { test as base, type BrowserContext, type Page } from '@playwright/test';

/** Nothing of the test before is left: neither its storage nor what it kept for itself. */
async function wiped(page: Page, origin: string): Promise<void> {
  const session = await page.context().newCDPSession(page);
  await session.send('Storage.clearDataForOrigin', { origin, storageTypes: 'all' });
  await session.detach();
}

/**
 * A page in a browser that has been here before: the program is compiled already, which takes a second less than in a new one.
 * Not for what sets the clock, or cares what a first visit is.
 */
export const test = base.extend<{ page: Page }, { warm: BrowserContext }>({
  warm: [
    async ({ browser }, use, { project: { use: usual } }) => {
      const context = await browser.newContext({
        baseURL: usual.baseURL ?? '',
        viewport: usual.viewport ?? null,
        serviceWorkers: 'block',
      });
      await use(context);
      await context.close();
    },
    { scope: 'worker' },
  ],
  page: async ({ warm, baseURL }, use, info) => {
    const page = await warm.newPage();
    await wiped(page, baseURL ?? '');
    await use(page);
    /* What stood there, for who reads a landing's print. */
    if (info.status !== info.expectedStatus) console.log(`${page.url()}: ${(await page.content()).slice(0, 500)}`);
    await Promise.all(warm.pages().map((one) => one.close()));
  },
});
