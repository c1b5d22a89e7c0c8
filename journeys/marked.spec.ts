import { expect, type Page } from '@playwright/test';
import { unmarkedIn } from '../tests/words/unmarked';
import { byTest } from './support';
import { afresh, VIEWS } from './views';
import { test } from './warm';

/** The app with a catalogue of marked words, once in each language: what is shown without a mark stands outside the catalogue. */

const MARKED = 'http://127.0.0.1:4188';
test.use({ baseURL: MARKED });

/** What came from outside: read from a reader or typed, the library's own words, a mark of the program. */
const AS_IT_CAME = '[lang="en"], textarea, script, style, noscript, [data-as-it-came]';

/** All that can be read or heard on the page, in order. */
async function wordsOn(page: Page): Promise<readonly string[]> {
  return page.evaluate((left) => {
    const NAMED = ['aria-label', 'placeholder', 'title', 'alt'] as const;
    const found: string[] = [document.title];
    const walk = (node: Node): string => {
      if (node instanceof Text) return node.data;
      if (!(node instanceof Element) || node.matches(left)) return '';
      for (const name of NAMED) {
        const heard = node.getAttribute(name);
        if (heard) found.push(heard);
      }
      return [...node.childNodes].map(walk).join(' ');
    };
    return [...found, walk(document.body), ...found.slice(1)];
  }, AS_IT_CAME);
}

/** Data of the sample garage that no catalogue holds: names, and tools' trade marks of the page itself. */
const NAMES = ['Tansy', 'Bertie', 'Pebble', 'Deutsch', 'English', 'Ctrl'];

async function expectMarked(page: Page, name: string): Promise<void> {
  const left = (await wordsOn(page)).flatMap((text) =>
    unmarkedIn(text)
      .filter((word) => !NAMES.includes(word))
      .map(String),
  );
  expect([...new Set(left)], name).toEqual([]);
}

for (const language of ['en', 'de'])
  for (const [at, part] of [VIEWS.slice(0, 7), VIEWS.slice(7, 14), VIEWS.slice(14)].entries())
    test(`every word on every view has its mark: ${language}, part ${at + 1}`, async ({ page }) => {
      const root = `${MARKED}/${language}/index.html`;
      await page.goto(`${root}#/`);
      await expect(page.locator('[data-vehicle*="Tansy"]')).toBeVisible();
      for (const [name, address] of part) {
        await afresh(page, `${root}${address.slice(1)}`);
        await expect(page.locator('h1').first(), name).toBeVisible();
        const bar = page.locator('footer .sentence');
        if ((await bar.count()) > 0) await expect(bar.first()).not.toHaveText('');
        await expectMarked(page, name);
      }
    });

for (const language of ['en', 'de'])
  test(`every word of what opens has its mark: ${language}`, async ({ page }) => {
    const root = `${MARKED}/${language}/index.html`;
    await page.goto(`${root}#/`);
    await expect(page.locator('[data-vehicle*="Tansy"]')).toBeVisible();
    await afresh(page, `${root}#/job/bertie-deaf/find`);
    await expect(page.locator('footer .sentence').first()).toBeVisible();
    await page.locator('footer .second').click();
    await expect(byTest(page, 'beliefs')).toBeVisible();
    await expectMarked(page, 'why');
    await page.keyboard.press('Escape');
    await afresh(page, `${root}#/job/bertie-deaf/find`);
    await page.keyboard.press('?');
    await expect(byTest(page, 'language-de')).toBeVisible();
    await expectMarked(page, 'settings');
    await page.keyboard.press('Escape');
    for (const check of [
      'look:plug',
      'meter:supply-at-plug:dc-voltage',
      'swap',
      'ask:sensor-type',
      'distance:air-gap',
    ]) {
      await afresh(page, `${root}#/job/bertie-deaf/find/check?do=${check}&at=front-left`);
      await expect(page.locator('h1').first()).toBeVisible();
      await expectMarked(page, check);
    }
  });
