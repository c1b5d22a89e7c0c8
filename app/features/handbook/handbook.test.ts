import { describe, expect, test } from 'vitest';
import { car } from '../../../tests/support/caseBuilder';
import { handsOn, layOut, show, until } from '../../testSupport';
import { HANDBOOK, searched } from './entries';

describe('the handbook', () => {
  test('has every topic, and no piece without words or twice', () => {
    expect(new Set(HANDBOOK.map(({ topic }) => topic))).toEqual(
      new Set(['meter', 'checks', 'codes', 'failure', 'home', 'cautions', 'words']),
    );
    expect(new Set(HANDBOOK.map(({ id }) => id)).size).toBe(HANDBOOK.length);
    expect(HANDBOOK.filter(({ title }) => title.trim() === '')).toEqual([]);
  });
  test.each([
    ['C0031', 'Code C0031'],
    ['c0031', 'Code C0031'],
    ['OL', 'OL, 0L, or a 1 at the left: overload'],
    ['Ω', 'Ω: resistance'],
    ['grommet', 'Grommet'],
    ['gromet', 'Grommet'],
    ['airbag lamp', 'The airbag lamp is lit, too'],
  ])('%s finds "%s" first', (words, title) => expect(searched(words)[0]?.title).toBe(title));
  test('all of the words must fit; what is not in it is not found', () => {
    expect(searched('xylophone')).toEqual([]);
    expect(searched('red lamp').length).toBeLessThan(searched('lamp').length);
    expect(searched('  ')).toHaveLength(HANDBOOK.length);
  });
  test('is searched as one types, and says when there is nothing', async () => {
    const garage = await layOut(car('passive'));
    const { screen, router } = await show(garage, '/handbook');
    const { mark, says } = handsOn(screen);
    await until(() => expect(mark('handbook-search').exists()).toBe(true));
    await router.replace('/handbook?q=C0031');
    await says('Left front wheel speed sensor');
    await router.replace('/handbook?q=xylophone');
    await says('Nothing of that is in here');
  });
});
