import AxeBuilder from '@axe-core/playwright';
import { expect, type Page } from '@playwright/test';
import { again, byTest, openGarage } from './support';
import { afresh, fitsBeside, VIEWS } from './views';
import { test } from './warm';

const CONTRAST = 'color-contrast';
const NOT_OURS = ['region', 'page-has-heading-one'] as const;
/** Who speaks to the screen says what stands on it (WCAG 2.5.3); axe leaves it out unless it is asked for. */
const ASKED_FOR = 'label-content-name-mismatch';

async function troubles(axe: AxeBuilder, name: string): Promise<readonly string[]> {
  const found = await axe.analyze();
  const shown = (nodes: readonly { readonly html: string }[]): string =>
    nodes
      .slice(0, 2)
      .map(({ html }) => html)
      .join(' | ');
  return found.violations.map(({ id, nodes }) => `${name}: ${id}: ${shown(nodes)}`);
}

/** Contrast takes longest: it is looked at by day on the wide sheet, by night on the phone. */
async function inOrder(page: Page, name: string): Promise<void> {
  await fitsBeside(page, name);
  await expect(page, name).toHaveTitle(/\S · Zelf$/);
  const isWide = (page.viewportSize()?.width ?? 0) > 700;
  const left = isWide ? [...NOT_OURS] : [...NOT_OURS, CONTRAST];
  const rules = { ...Object.fromEntries(left.map((id) => [id, { enabled: false }])), [ASKED_FOR]: { enabled: true } };
  expect(await troubles(new AxeBuilder({ page }).setLegacyMode().options({ rules }), name)).toEqual([]);
  if (isWide) return;
  await page.evaluate(() => document.documentElement.classList.add('night'));
  expect(await troubles(new AxeBuilder({ page }).setLegacyMode().withRules([CONTRAST]), `${name} by night`)).toEqual(
    [],
  );
  await page.evaluate(() => document.documentElement.classList.remove('night'));
}

const SIZES = [
  [1280, 800],
  [390, 844],
] as const;
const GROUP = 4;
const GROUPS = Array.from({ length: Math.ceil(VIEWS.length / GROUP) }, (_, at) =>
  VIEWS.slice(at * GROUP, (at + 1) * GROUP),
);

for (const [width, height] of SIZES) {
  for (const views of GROUPS)
    test(`${views.map(([name]) => name).join(', ')} at ${width}x${height}: no sideways scrolling, no accessibility trouble`, async ({
      page,
    }) => {
      await page.setViewportSize({ width, height });
      await openGarage(page);
      for (const [name, address] of views) {
        await afresh(page, address);
        await expect(page.locator('h1').first(), name).toBeVisible();
        await inOrder(page, name);
      }
    });
  test(`practice and its debrief at ${width}x${height}: no sideways scrolling, no accessibility trouble`, async ({
    page,
  }) => {
    await page.setViewportSize({ width, height });
    await page.goto('/#/bench');
    await page.locator('[data-level="first"]').click();
    await expect(byTest(page, 'clock')).toBeVisible();
    await inOrder(page, 'practice');
    const bench = page.url();
    await page.goto(bench.replace(/\/bench.*$/, '/find/watch'));
    await expect(byTest(page, 'speeds')).toBeVisible();
    await inOrder(page, 'watch');
    await page.goto(bench);
    await byTest(page, 'finish').click();
    await expect(page.getByText('Your road')).toBeVisible({ timeout: 30_000 });
    await inOrder(page, 'debrief');
  });
}

test('every view fits the smallest phone, while somebody types there, and with text twice as large', async ({
  page,
}) => {
  await openGarage(page);
  for (const [name, address] of VIEWS) {
    await page.setViewportSize({ width: 360, height: 640 });
    await afresh(page, address);
    await expect(page.locator('h1').first(), name).toBeVisible();
    await fitsBeside(page, `${name} at 360x640`);
    const field = page.locator('textarea:visible').first();
    if ((await field.count()) > 0) {
      await field.fill('C0034-13 right front sensor circuit, current\nReplace the wheel speed sensor');
      await fitsBeside(page, `${name} at 360x640, typed into`);
    }
    await page.setViewportSize({ width: 640, height: 800 });
    await page.evaluate(() => document.documentElement.style.setProperty('--base', '34px'));
    await fitsBeside(page, `${name} with large text`);
    await page.evaluate(() => document.documentElement.style.removeProperty('--base'));
  }
});

test('keys go to the stages, and do nothing while typing', async ({ page }) => {
  await openGarage(page);
  await page.goto('/#/job/tansy-flooded/dash');
  await expect(page.getByRole('heading', { name: 'What is lit?' })).toBeVisible();
  await page.keyboard.press('3');
  await expect(page.getByRole('heading', { name: /The signal path/ })).toBeVisible();
  await page.keyboard.press('c');
  const box = page.getByLabel('Codes as the reader shows them');
  await box.fill('');
  await box.pressSequentially('C0035 1');
  await expect(box).toHaveValue('C0035 1');
  await box.blur();
  await page.keyboard.press('?');
  await expect(page.getByRole('dialog', { name: 'Settings' })).toBeVisible();
  await page.getByRole('button', { name: /Glove mode/ }).click();
  await expect(page.locator('html')).toHaveClass(/gloves/);
  await again(page);
  await expect(page.locator('html')).toHaveClass(/gloves/);
});

test('with gloves what stands beside the wheels of the plan overlaps nothing', async ({ page }) => {
  await openGarage(page);
  await page.goto('/#/job/bertie-deaf/find');
  await page.keyboard.press('g');
  await expect(page.locator('html')).toHaveClass(/gloves/);
  for (const width of [1280, 960]) {
    await page.setViewportSize({ width, height: 800 });
    await expect(page.locator('.plan .corner')).toHaveCount(4);
    const boxes = await page
      .locator('.plan .corner')
      .evaluateAll((all) => all.map((one) => one.getBoundingClientRect().toJSON() as DOMRect));
    const plan = await page.locator('.plan').boundingBox();
    for (const [at, box] of boxes.entries()) {
      expect(box.bottom, `${width}`).toBeLessThanOrEqual((plan?.y ?? 0) + (plan?.height ?? 0) + 1);
      const over = boxes
        .slice(at + 1)
        .filter(
          (other) =>
            other.left < box.right && box.left < other.right && other.top < box.bottom && box.top < other.bottom,
        );
      expect(over, `${width}`).toEqual([]);
    }
  }
});
