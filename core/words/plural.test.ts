import { expect, test } from 'vitest';
import { plural } from '#words/language';
import { pluralOf } from './plural';

const FORMS = { one: '# code', other: '# codes' };

test('the short rule of this language chooses as the platform does', () => {
  const asked = pluralOf('en-GB');
  for (const count of [0, 1, 2, 11, 21, 101, 999, 1000, 1001, 1_234_567, 0.5, 1.5])
    expect(plural(count, FORMS), String(count)).toBe(asked(count, FORMS));
});

test('a language with more forms gets its own', () => {
  const polish = pluralOf('pl');
  const forms = { one: '# kod', few: '# kody', many: '# kodów', other: '# kodu' };
  expect([1, 2, 5, 22, 25].map((count) => polish(count, forms))).toEqual([
    '1 kod',
    '2 kody',
    '5 kodów',
    '22 kody',
    '25 kodów',
  ]);
});
