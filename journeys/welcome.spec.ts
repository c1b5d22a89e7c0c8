import { expect, test } from '@playwright/test';
import { again, byTest, openGarage } from './support';

/** The first start, in a browser that has never been here. */

test('three ways to begin, how it thinks, and the samples put away and brought back', async ({ page }) => {
  await openGarage(page);
  const welcome = byTest(page, 'welcome');
  await expect(welcome).toBeVisible();
  await welcome.locator('summary').click();
  await expect(welcome.locator('ol > li')).toHaveCount(10);

  await byTest(page, 'welcome-tour').click();
  await expect(page.getByRole('heading', { name: 'The signal path, rear right' })).toBeVisible();
  await page.goBack();
  await byTest(page, 'welcome-bench').click();
  await expect(page.locator('[data-level="first"]')).toBeVisible();
  await page.goBack();
  await byTest(page, 'welcome-begin').click();
  await expect(page).toHaveURL(/#\/vehicle\//);
  await page.goBack();

  await byTest(page, 'hide-samples').click();
  await expect(page.locator('[data-vehicle="Tansy"]')).toHaveCount(0);
  await page.getByRole('button', { name: 'Bring it back' }).click();
  await expect(page.locator('[data-vehicle="Tansy"]')).toBeVisible();
  await byTest(page, 'hide-samples').click();
  await expect(page.locator('[data-vehicle="Tansy"]')).toHaveCount(0);
  await again(page);
  await expect(page.locator('h1').first()).toBeVisible();
  await expect(page.locator('[data-vehicle="Bertie"]')).toHaveCount(0);
});

test('it can be installed: a name, an icon that may be cut to shape, a start of its own', async ({ page, baseURL }) => {
  await page.goto('/');
  const address = await page.locator('link[rel="manifest"]').getAttribute('href');
  const manifest = (await (await page.request.get(new URL(address ?? '', `${baseURL}/`).href)).json()) as {
    readonly name: string;
    readonly display: string;
    readonly start_url: string;
    readonly icons: readonly { readonly src: string; readonly sizes: string; readonly purpose?: string }[];
  };
  expect(manifest.name).toContain('Zelf');
  expect(manifest.display).toBe('standalone');
  expect(manifest.icons.length).toBeGreaterThan(0);
  for (const { src } of manifest.icons) {
    const icon = await page.request.get(new URL(src, `${baseURL}/`).href);
    expect(icon.headers()['content-type'], src).toMatch(/^image\//);
  }
});

test('who asks for less motion sees none', async ({ page }) => {
  await page.emulateMedia({ reducedMotion: 'reduce' });
  await openGarage(page);
  for (const address of [
    '/#/',
    '/#/job/tansy-flooded/find',
    '/#/job/tansy-flooded/fix?repair=replaced:sensor&at=rear-right',
  ]) {
    await page.goto(address);
    await expect(page.locator('h1').first()).toBeVisible();
    const moving = await page.evaluate(() =>
      [...document.querySelectorAll('*')]
        .filter((element) => {
          const { transitionDuration, animationName } = getComputedStyle(element);
          return animationName !== 'none' || transitionDuration.split(',').some((length) => parseFloat(length) > 0);
        })
        .map((element) => element.className),
    );
    expect(moving, address).toEqual([]);
  }
});
