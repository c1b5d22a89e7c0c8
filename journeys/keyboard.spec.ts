import { expect, type Page } from '@playwright/test';
import { byTest, judged, openGarage } from './support';
import { test } from './warm';

/** The tour by keyboard alone, as somebody does who cannot point, or has both hands black: Tab, Enter, space bar, and the keys that the program names. */

/** Goes on with Tab until the place is reached: what nobody can reach so, nobody can use. */
async function tabTo(page: Page, place: string, most = 60): Promise<void> {
  for (let at = 0; at < most; at += 1) {
    await page.keyboard.press('Tab');
    if (await page.evaluate((selector) => document.activeElement?.matches(selector) === true, place)) return;
  }
  throw new Error(`${place} is not reached by ${most} times Tab`);
}

const mark = (name: string): string => `[data-test="${name}"]`;

/** Where who listens is now: the heading that the last way has led to. */
const heard = (page: Page, words: string | RegExp) =>
  expect(page.locator('h1:focus').filter({ hasText: words })).toHaveCount(1);

async function press(page: Page, place: string): Promise<void> {
  await tabTo(page, place);
  await page.keyboard.press('Enter');
}

test('from lamp to the faulty sensor without a pointer', async ({ page }) => {
  await openGarage(page);
  await press(page, `${mark('start-job')}[data-for="Tansy"]`);
  await heard(page, 'What is lit?');
  await expect(page).toHaveTitle('What is lit? · Zelf');

  await tabTo(page, 'button[aria-pressed]');
  await page.keyboard.press('Space');
  await expect(page.locator('button[aria-pressed="true"]:focus')).toHaveText(/ABS/);

  await page.keyboard.press('c');
  await heard(page, 'What does the reader say?');
  await tabTo(page, mark('codes-text'));
  await page.keyboard.type('C003A-01 current');
  await press(page, mark('record-codes'));
  await expect(byTest(page, 'recorded-codes')).toContainText('C003A-01');

  await page.keyboard.press('3');
  await heard(page, 'The signal path, rear right');
  await judged(page);
  await page.keyboard.press('m');
  await heard(page, 'probes on its two pins');
  await page.keyboard.type('380');
  await expect(byTest(page, 'reading')).toHaveText('380');
  await tabTo(page, '.keypad .unit ~ .unit');
  await expect(page.locator('.keypad button:focus')).toHaveText('Ω');
  await page.keyboard.press('Enter');
  await expect(page.locator('[aria-live="polite"]', { has: byTest(page, 'verdict') })).toContainText('below');
  await press(page, mark('keep'));
  await heard(page, 'The signal path, rear right');
  await expect(byTest(page, 'evidence')).toContainText('380 Ω');
});

test('through the repair to proof without a pointer', async ({ page }) => {
  await openGarage(page);
  await page.goto('/#/job/tansy-flooded/find');
  await judged(page);
  await page.keyboard.press('n');
  await expect(byTest(page, 'step-title')).toBeFocused();
  await press(page, mark('step-done'));
  await expect(page.locator(`${mark('step-done')}:focus`)).toHaveCount(1);
  let before = '';
  for (let step = 0; step < 3; step += 1) {
    before = (await byTest(page, 'step-title').textContent()) ?? '';
    await page.keyboard.press('Enter');
    await expect(byTest(page, 'step-title')).not.toHaveText(before);
  }
  await page.keyboard.press('Backspace');
  await expect(byTest(page, 'step-title')).toHaveText(before);

  await page.keyboard.press('l');
  await page.keyboard.type('the bolt was tight');
  await expect(page.getByRole('dialog')).toBeVisible();
  await page.keyboard.press('Escape');
  await expect(page.getByRole('dialog')).toBeHidden();

  for (let phase = 0; phase < 8 && !(await byTest(page, 'record-repair').isVisible()); phase += 1) {
    const title = byTest(page, 'step-title');
    const now = (await title.textContent()) ?? '';
    await press(page, mark('phase-done'));
    await expect(title.filter({ hasText: now })).toHaveCount(0);
  }
  await press(page, mark('record-repair'));
  await heard(page, /Prove/);
  for (const answer of ['erase-clear', 'spin-follows', 'drive-stayed-out', 'keep', 're-read-none', 'lamps-out'])
    await press(page, mark(`proof-${answer}`));
  await press(page, mark('end-solved'));
  await expect(byTest(page, 'ending')).toContainText('Solved');
});
