import AxeBuilder from '@axe-core/playwright';
import { expect, type Page } from '@playwright/test';
import { byTest, judged, openGarage } from './support';
import { afresh, fitsBeside, VIEWS } from './views';
import { test } from './warm';

/** Words of the first language that no view in the other may show; codes and files are the reader's own words. */
const LEFT_OVER =
  /(?<![\p{L}-])(the|and|of|with|your|you|are|from|this|that|wheel|lead|plug|loom|left|right|front|rear|stored|pending|replaced|none)(?![\p{L}-])/u;
/** What is told by the reader, printed on it, or kept as it was typed. */
const AS_IT_CAME = '[lang="en"], textarea';

const inGerman = (address: string): string => `/de${address}`;

async function wordsShown(page: Page): Promise<string[]> {
  return page.evaluate((left) => {
    const walker = document.createTreeWalker(document.body, NodeFilter.SHOW_TEXT);
    const found: string[] = [];
    while (walker.nextNode()) {
      const { parentElement, textContent } = walker.currentNode;
      if (!parentElement || parentElement.closest(`script, style, noscript, ${left}`)) continue;
      if (textContent?.trim()) found.push(textContent.trim());
    }
    for (const element of document.querySelectorAll('[aria-label], [placeholder], [title], img[alt]'))
      for (const name of ['aria-label', 'placeholder', 'title', 'alt'])
        if (!element.closest(left) && element.getAttribute(name)) found.push(element.getAttribute(name) ?? '');
    return found;
  }, AS_IT_CAME);
}

test('German is chosen in the settings, stays chosen, and leads back', async ({ page }) => {
  await openGarage(page);
  await page.goto('/#/job/tansy-flooded/find');
  await judged(page);
  await page.keyboard.press('?');
  await byTest(page, 'language-de').click();
  await expect(page).toHaveURL(/\/de\/#\/job\/tansy-flooded\/find$/);
  await expect(page.locator('html')).toHaveAttribute('lang', 'de');
  await expect(page.getByRole('navigation', { name: 'Stufen' })).toContainText('Suchen');
  await page.goto('/');
  await expect(page).toHaveURL(/\/de\/#?\/?$/);
  await expect(page.locator('[data-vehicle="Tansy"]')).toContainText('Das beheben');
  await page.keyboard.press('?');
  await byTest(page, 'language-en').click();
  await expect(page.locator('[data-vehicle="Tansy"]')).toContainText('Fix this');
});

for (const [at, part] of [VIEWS.slice(0, 10), VIEWS.slice(10)].entries())
  test(`in German every view has German words only, and fits the smallest phone, part ${at + 1}`, async ({ page }) => {
    await page.setViewportSize({ width: 360, height: 640 });
    await page.goto(inGerman('/'));
    await expect(page.locator('[data-vehicle="Tansy"]')).toBeVisible();
    for (const [name, address] of part) {
      await afresh(page, inGerman(address));
      await expect(page.locator('h1').first(), name).toBeVisible();
      const advice = page.locator('footer .heading');
      if ((await advice.count()) > 0) await expect(advice).not.toContainText('ausgerechnet');
      await fitsBeside(page, name);
      expect(
        (await wordsShown(page)).filter((words) => LEFT_OVER.test(words)),
        name,
      ).toEqual([]);
    }
    const { violations } = await new AxeBuilder({ page }).disableRules(['region', 'page-has-heading-one']).analyze();
    expect(violations.map(({ id }) => id)).toEqual([]);
  });

test('at the first start the other language is one tap away', async ({ page }) => {
  await openGarage(page);
  await byTest(page, 'welcome-de').click();
  await expect(byTest(page, 'welcome-begin')).toContainText('Auftrag beginnen');
  await byTest(page, 'welcome-en').click();
  await expect(byTest(page, 'welcome-begin')).toContainText('start a job');
});

test('numbers are written with a comma, money and dates as is usual', async ({ page }) => {
  await page.goto(inGerman('/#/job/tansy-flooded/find'));
  await expect(page.locator('body')).toContainText(/\d,\d+ k?Ω/);
  await page.goto(inGerman('/#/job/tansy-lead/notebook'));
  await expect(page.locator('body')).toContainText(/\d{1,2}\. (Jan|Feb|März|Apr|Mai|Juni|Juli|Aug|Sept|Okt|Nov|Dez)/);
});
