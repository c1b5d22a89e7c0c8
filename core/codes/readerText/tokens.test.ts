import { expect, test } from 'vitest';
import { codesInLine } from './tokens';

const found = (line: string): string =>
  codesInLine(line)
    .map(({ text }) => text)
    .join(' ');

test.each([
  /* Letters for digits: only where enough real digits stand beside them. */
  ['C0O34', 'C0034'],
  ['c0o34', 'C0034'],
  ['CO034', 'C0034'],
  ['COO34', 'C0034'],
  ['C00I4', 'C0014'],
  ['C003L', 'C0031'],
  ['COIL', ''],
  ['Cool 4', ''],
  ['C0OIL', ''],
  ['C01OL', 'C0101'],
  ['BOOLI', ''],
  /* Dashes and spaces of all kinds. */
  ['C0034\u201113', 'C0034-13'],
  ['C0034\u00a0-\u00a013', 'C0034-13'],
  ['C0034\u202f13', 'C0034-13'],
  ['C0034 13', 'C0034-13'],
  ['C0034:13', 'C0034-13'],
  ['C0034 (13)', 'C0034-13'],
  ['C0034 99', 'C0034'],
  /* Several in a line stand in its order, whoever made them. */
  ['C0034 and U0121', 'C0034 U0121'],
  ['U0121, C0034', 'U0121 C0034'],
  /* Bare numbers: years, measures and counts are none. */
  ['4034 wheel speed sensor', '4034'],
  ['4034 days ago', ''],
  ['2019 wheel sensor', ''],
  ['1949 wheel sensor', '1949'],
  ['1950 wheel sensor', ''],
  ['2049 wheel sensor', ''],
  ['2050 wheel sensor', '2050'],
  ['code 2019', '2019'],
  ['2019', '2019'],
  ['2019 2020', ''],
  ['4034 5120', '4034 5120'],
  ['12019 wheel sensor', '12019'],
  ['12019', ''],
  ['12 V', ''],
  ['3 faults', ''],
  ['code 3 faults', '3'],
  ['23', '23'],
  ['23 41', '23 41'],
  ['23, 41; 12', '23 41 12'],
  /* A standard code that lost or gained a digit is no code of another kind. */
  ['C003 wheel', ''],
  ['C00345 wheel', ''],
  ['code C003', 'C003'],
  ['flash codes 2-3, 4-1', '23 41'],
  ['blink code: 23 and 41', '23 41'],
  ['0x4034', '4034'],
  ['59 02 FF 40 34 13 2F', 'C0034-13'],
])('%j holds %j', (line, codes) => expect(found(line)).toBe(codes));

test('each stands where it says', () => {
  const line = '  C0034 - 13 front, U0121';
  expect(codesInLine(line).map(({ start, end }) => line.slice(start, end))).toEqual(['C0034 - 13', 'U0121']);
  const list = '4034  5120';
  expect(codesInLine(list).map(({ start, end }) => list.slice(start, end))).toEqual(['4034', '5120']);
  const flashes = 'flash code 2-3';
  expect(codesInLine(flashes).map(({ start, end }) => flashes.slice(start, end))).toEqual(['2-3']);
});
