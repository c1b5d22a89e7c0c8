import { describe, expect, test } from 'vitest';
import { FORBIDDEN } from './forbidden';
import { allTexts } from './texts';

const TEXTS = await allTexts();
const place = ({ file, key, words }: (typeof TEXTS)[number]): string => `${file} ${key}: ${words}`;

test('the catalogue is read whole: screens, knowledge, messages, both forms of a plural', () => {
  expect(TEXTS.length).toBeGreaterThan(1800);
  const found = (words: string, file: RegExp): boolean =>
    TEXTS.some((text) => text.words.includes(words) && file.test(text.file));
  expect(found('What is lit?', /screens\/dash/)).toBe(true);
  expect(found('must be a number', /casefile/)).toBe(true);
  expect(found('Record 1 code', /screens\/codes/) && found('Record 2 codes', /screens\/codes/)).toBe(true);
  expect(found('rear offside', /vehicle/)).toBe(true);
});

describe('words that readers stumbled over', () => {
  test.each(FORBIDDEN)('$old: rather "$better"', ({ old }) => {
    expect(TEXTS.filter((text) => old.test(text.words)).map(place)).toEqual([]);
  });
});

test('no text has a placeholder left open, two spaces in a row, or a space before its full stop', () => {
  const isOdd = (words: string): boolean => /\$\{|undefined|NaN|\[object|#| {2}|\w \.(\s|$)/.test(words);
  expect(TEXTS.filter((text) => isOdd(text.words)).map(place)).toEqual([]);
});

describe('steps and cautions', () => {
  const STEPS = TEXTS.filter(({ file }) =>
    /knowledge\/(openingSteps|steps|stepCautions|ladders|at\w+|besides|looks|meter\w+|trials|questions|sheets)$/.test(
      file,
    ),
  );
  const MOST_WORDS = 25;

  test('no sentence is longer than 25 words', () => {
    const long = STEPS.filter(({ words }) =>
      words.split(/(?<=[.!?:])\s/).some((sentence) => sentence.split(/\s+/).length > MOST_WORDS),
    );
    expect(STEPS.length).toBeGreaterThan(300);
    expect(long.map(place)).toEqual([]);
  });
  test('every place in braces is filled in by the guide', () => {
    const open = STEPS.filter(({ words }) => [...words.matchAll(/\{(\w+)\}/g)].some(([, name]) => name !== 'where'));
    expect(open.map(place)).toEqual([]);
  });
});
