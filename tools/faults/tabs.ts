import { rmSync } from 'node:fs';
import { join } from 'node:path';
import type { Page } from 'playwright-core';
import { chanceFrom } from '../../bench/chance';
import { freshProfile, openBrowser } from './browser';

/** What a closed lid, a crash and a second tab do to what is typed. */

const NOTE = 'textarea';
const WORDS = 'the lead is chafed where it passes the strut and green inside ';

export interface Row {
  readonly what: string;
  readonly result: string;
  readonly isGood: boolean;
}

async function openNotebook(page: Page, origin: string): Promise<void> {
  await page.goto(`${origin}/`);
  await page.locator('[data-vehicle="Tansy"]').waitFor();
  await page.goto(`${origin}/#/job/pebble-new/notebook`);
  await page.locator(NOTE).waitFor();
}

/** Kills the browser while somebody types; what was typed up to a tenth of a second before must be there. */
export async function killsWhileTyping(origin: string, kills = 20): Promise<Row> {
  const chance = chanceFrom(7);
  const missing: number[] = [];
  for (let at = 0; at < kills; at += 1) {
    const profile = freshProfile();
    const first = await openBrowser(profile);
    await openNotebook(first.page, origin);
    await first.page.locator(NOTE).click();
    let typed = 0;
    let isOver = false;
    const typing = (async () => {
      for (; !isOver && typed < 400; typed += 1)
        await first.page.keyboard.type(WORDS[typed % WORDS.length] ?? ' ', { delay: 12 });
    })().catch(() => undefined);
    await new Promise((resolve) => setTimeout(resolve, chance.between(150, 900)));
    const sure = typed;
    await new Promise((resolve) => setTimeout(resolve, 100));
    isOver = true;
    await first.kill();
    await typing;
    rmSync(join(profile, 'DevToolsActivePort'), { force: true });
    const second = await openBrowser(profile);
    await openNotebook(second.page, origin);
    await second.page.waitForTimeout(200);
    missing.push(Math.max(0, sure - (await second.page.locator(NOTE).inputValue()).length));
    await second.close();
    rmSync(profile, { recursive: true, force: true });
  }
  const lost = missing.filter((letters) => letters > 0).length;
  return {
    what: `${kills} kills while typing`,
    result: lost === 0 ? 'nothing lost' : `${lost} lost letters: ${missing.join(' ')}`,
    isGood: lost === 0,
  };
}

async function twoTabs(
  origin: string,
  path: string,
  work: (tabs: readonly [Page, Page]) => Promise<string | null>,
  what: string,
): Promise<Row> {
  const profile = freshProfile();
  const { page, close } = await openBrowser(profile);
  await page.goto(`${origin}/`);
  await page.locator('[data-vehicle="Tansy"]').waitFor();
  const other = await page.context().newPage();
  for (const tab of [page, other]) await tab.goto(`${origin}/#${path}`);
  const wrong = await work([page, other]);
  await close();
  rmSync(profile, { recursive: true, force: true });
  return { what, result: wrong ?? 'all kept', isGood: wrong === null };
}

const EDITS = 50;

/** A hundred notes from two tabs at once. */
export const editsOnAJob = (origin: string): Promise<Row> =>
  twoTabs(
    origin,
    '/job/pebble-new/notebook',
    async (tabs) => {
      const write = async (tab: Page, name: string): Promise<void> => {
        await tab.locator(NOTE).waitFor();
        for (let at = 0; at < EDITS; at += 1) {
          await tab.evaluate((text) => {
            const area = document.querySelector('textarea') as HTMLTextAreaElement;
            area.value = text;
            area.dispatchEvent(new Event('input'));
          }, `${name} ${at}`);
          await tab.getByRole('button', { name: 'Note it' }).click();
          await tab.locator('[data-test="timeline"]').getByText(`${name} ${at}`, { exact: true }).waitFor();
        }
      };
      await write(tabs[0], 'first');
      await write(tabs[1], 'second');
      await tabs[0].reload();
      const lines = tabs[0].locator('[data-test="timeline"] li');
      await lines.first().waitFor();
      const texts = await lines.allTextContents();
      const kept = texts.filter((text) => /(first|second) \d+/.test(text)).length;
      return kept === 2 * EDITS ? null : `${kept} of ${2 * EDITS} kept`;
    },
    `${2 * EDITS} edits of a job in two tabs`,
  );

/** Two tabs change different lines of the spec sheet in turn. */
export const editsOnASheet = (origin: string): Promise<Row> =>
  twoTabs(
    origin,
    '/vehicle/tansy',
    async ([first, second]) => {
      await second.locator('summary', { hasText: 'Figures to measure against' }).click();
      let wrong = 0;
      for (let at = 0; at < EDITS; at += 1) {
        await first.locator('[data-test="vehicle-name"]').fill(`Tansy ${at}`);
        await second.getByLabel('Teeth of the ring').fill(String(40 + at));
        await second.getByLabel('Teeth of the ring').blur();
        await first.waitForTimeout(60);
      }
      await second.reload();
      await second.locator('summary', { hasText: 'Figures to measure against' }).click();
      if ((await second.locator('[data-test="vehicle-name"]').inputValue()) !== `Tansy ${EDITS - 1}`) wrong += 1;
      if ((await second.getByLabel('Teeth of the ring').inputValue()) !== String(39 + EDITS)) wrong += 1;
      return wrong === 0 ? null : `${wrong} of 2 lines lost`;
    },
    `${2 * EDITS} edits of a spec sheet in two tabs`,
  );

/** Two tabs add lines to the same draft in turn. */
export const editsOnADraft = (origin: string): Promise<Row> =>
  twoTabs(
    origin,
    '/job/pebble-new/codes',
    async (tabs) => {
      for (let at = 0; at < EDITS; at += 1)
        for (const [which, tab] of tabs.entries()) {
          await tab.bringToFront();
          await tab.locator(NOTE).first().focus();
          await tab.keyboard.press('Control+End');
          await tab.keyboard.type(`line ${which}.${at}\n`);
          /* Nobody changes tabs faster than this. */
          await tab.waitForTimeout(150);
        }
      await tabs[0].waitForTimeout(500);
      await tabs[0].reload();
      await tabs[0].waitForTimeout(500);
      const lines = new Set((await tabs[0].locator(NOTE).first().inputValue()).split('\n'));
      const wanted = Array.from({ length: 2 * EDITS }, (_none, at) => `line ${at % 2}.${Math.floor(at / 2)}`);
      const missing = wanted.filter((line) => !lines.has(line));
      return missing.length === 0 ? null : `${missing.length} of ${wanted.length} lines lost`;
    },
    `${2 * EDITS} lines of a draft in two tabs`,
  );
