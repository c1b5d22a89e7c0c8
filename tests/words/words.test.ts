import { describe, expect, test } from 'vitest';
import { FORBIDDEN } from './forbidden';
import { allTexts } from './texts';

const TEXTS = allTexts();
const place = ({ file, line, words }: (typeof TEXTS)[number]): string => `${file}:${line} ${words}`;

test('the texts are found: screens, knowledge, messages', () => {
  expect(TEXTS.length).toBeGreaterThan(1500);
  const found = (words: string, file: RegExp): boolean =>
    TEXTS.some((text) => text.words.includes(words) && file.test(text.file));
  expect(found('What is lit?', /DashSheet/)).toBe(true);
  expect(found('must be a number', /explain/)).toBe(true);
  expect(found('This device', /./) || found('this device', /./)).toBe(true);
});

describe('words that readers stumbled over', () => {
  test.each(FORBIDDEN)('$old: rather "$better"', ({ old }) => {
    expect(TEXTS.filter((text) => old.test(text.words)).map(place)).toEqual([]);
  });
});

test('no text has a placeholder left open, two spaces in a row, or a space before its full stop', () => {
  const isOdd = (words: string): boolean => /\$\{|undefined|NaN|\[object| {2}|\w \.(\s|$)/.test(words);
  expect(TEXTS.filter((text) => isOdd(text.words)).map(place)).toEqual([]);
});
