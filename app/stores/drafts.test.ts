import { createPinia, setActivePinia } from 'pinia';
import { beforeEach, describe, expect, test } from 'vitest';
import { car } from '../../tests/support/caseBuilder';
import { layOut, newTab, until, type TestGarage } from '../testSupport';
import { useDrafts } from './drafts';
import { useTrouble } from './trouble';

let garage: TestGarage;

beforeEach(async () => {
  garage = await layOut(car('passive'));
});

/** A tab of its own on the same storage. */
function tab(isFreeText = true): ReturnType<typeof useDrafts> {
  newTab(garage);
  const drafts = useDrafts();
  drafts.open('text', isFreeText);
  return drafts;
}

const pause = (ms: number): Promise<void> => new Promise((resolve) => setTimeout(resolve, ms));
const stored = async (): Promise<string> => (await garage.database.drafts.get('text'))?.text ?? '';

describe('a draft', () => {
  test('is kept at every letter, and there again in the next tab', async () => {
    const first = tab();
    for (const text of ['C', 'C0', 'C00', 'C003']) first.type('text', text);
    await until(async () => expect(await stored()).toBe('C003'));
    const second = tab();
    await until(() => expect(second.textOf('text')).toBe('C003'));
  });
  test('is being kept from the letter on, until it is: a tab closed meanwhile is held', async () => {
    const first = tab();
    const trouble = useTrouble();
    expect(trouble.isWriting).toBe(false);
    first.type('text', 'C');
    expect(trouble.isWriting).toBe(true);
    await until(() => expect(trouble.isWriting).toBe(false));
    expect(await stored()).toBe('C');
  });
  test('typed letter by letter in two tabs in turn keeps all lines of both', async () => {
    const tabs = [tab(), tab()] as const;
    for (let line = 0; line < 10; line += 1)
      for (const [which, drafts] of tabs.entries()) {
        for (const letter of `line ${which}.${line}\n`) {
          drafts.type('text', drafts.textOf('text') + letter);
          await pause(1);
        }
        const other = tabs[which === 0 ? 1 : 0];
        await until(() => expect(other.textOf('text')).toBe(drafts.textOf('text')));
      }
    await until(async () => expect((await stored()).split('\n').filter(Boolean)).toHaveLength(20));
    const lines = new Set((await stored()).split('\n'));
    for (let line = 0; line < 10; line += 1)
      for (const which of [0, 1]) expect(lines).toContain(`line ${which}.${line}`);
    await until(() => expect(tabs[0].textOf('text')).toBe(tabs[1].textOf('text')));
  });
  test('that is no free text is what was typed last, in both tabs', async () => {
    const [first, second] = [tab(false), tab(false)];
    first.type('text', '12');
    await until(() => expect(second.textOf('text')).toBe('12'));
    second.type('text', '15');
    await until(() => expect(first.textOf('text')).toBe('15'));
    expect(await stored()).toBe('15');
  });
  test('what is typed before the stored text has been read stands beside it', async () => {
    await garage.storage.keepDraft('text', 'from yesterday');
    const drafts = tab();
    drafts.type('text', 'new');
    await until(async () => expect(await stored()).toMatch(/new/));
    expect(await stored()).toContain('from yesterday');
  });
  test('names do not mix, and an unknown one is empty', () => {
    setActivePinia(createPinia());
    newTab(garage);
    const drafts = useDrafts();
    drafts.open('a');
    drafts.type('a', 'x');
    expect([drafts.textOf('a'), drafts.textOf('b')]).toEqual(['x', '']);
  });
});
