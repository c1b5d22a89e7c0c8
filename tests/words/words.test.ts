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

describe('steps and cautions', () => {
  const STEPS = TEXTS.filter(({ file }) => /knowledge\/(guide|repairs|checks)\//.test(file));
  const MOST_WORDS = 25;

  test('no sentence is longer than 25 words', () => {
    const long = STEPS.filter(({ words }) =>
      words.split(/(?<=[.!?:])\s/).some((sentence) => sentence.split(/\s+/).length > MOST_WORDS),
    );
    expect(STEPS.length).toBeGreaterThan(200);
    expect(long.map(place)).toEqual([]);
  });
  test('every place in braces is one that is filled in', () => {
    const open = STEPS.filter(({ words }) => [...words.matchAll(/\{(\w+)\}/g)].some(([, name]) => name !== 'where'));
    expect(open.map(place)).toEqual([]);
  });
});
