import { expect, test } from 'vitest';
import { wholeNumber } from './wholeNumber';

test.each([
  ['84200', 84_200],
  ['84 200', 84_200],
  ['84.200', 84_200],
  ['84,200', 84_200],
  ["84'200", 84_200],
  ['84\u202f200', 84_200],
  ['1.084.200', 1_084_200],
  [' 7 ', 7],
  ['0', 0],
])('%s is %d', (typed, value) => expect(wholeNumber(typed)).toBe(value));

test.each([
  ['84,5', 84.5],
  ['84.20', 84.2],
  ['84.2000', 84.2],
  ['-5', -5],
])('%s has decimals or a sign: %d', (typed, value) => expect(wholeNumber(typed)).toBe(value));

test.each(['', '  ', 'about 84', '84 20', '8 4', '84..200', '1234.567.890'])('%j is no number', (typed) =>
  expect(wholeNumber(typed)).toBeNaN(),
);
