import { expect, test } from 'vitest';
import { showOwn } from './ownUnits';
import { showReading, spaced } from './show';

test.each([
  [1030, 'resistance', 10, '1.03 kΩ'],
  [1000, 'resistance', 1, '1.000 kΩ'],
  [999, 'resistance', 1, '999 Ω'],
  [1e6, 'resistance', 1e4, '1.00 MΩ'],
  [999_999, 'resistance', 1000, '1000 kΩ'],
  [0.4, 'resistance', 0.1, '0.4 Ω'],
  [0, 'resistance', 0.1, '0.0 Ω'],
  [0.23, 'ac-voltage', 0.001, '230 mV~'],
  [1, 'ac-voltage', 0.01, '1.00 V~'],
  [0.999, 'dc-voltage', 0.001, '999 mV'],
  [-0.5, 'dc-voltage', 0.01, '-500 mV'],
  [0, 'dc-voltage', 0.01, '0.00 V'],
  [12.58, 'dc-voltage', 0.01, '12.58 V'],
  [0.014, 'dc-current', 0.0001, '14.0 mA'],
  [1.2345678, 'dc-voltage', 1e-7, '1.2346 V'],
] as const)('%d of %s by counts of %d is %s', (value, quantity, resolution, said) => {
  const { number, unit } = showReading(value, quantity, resolution);
  expect(`${number} ${unit}`).toBe(said);
});
test('without a count: three digits that say something', () => {
  const said = (value: number): string => showReading(value, 'resistance').number;
  expect([1.234, 12.34, 123.4, 1234, 0, 0.01234].map(said)).toEqual(['1.23', '12.3', '123', '1.23', '0.00', '0.0123']);
});
test('overload has no unit', () => {
  expect(showReading('overload', 'dc-voltage', 1)).toEqual({ number: 'OL', unit: '' });
});
test('thousands are set apart by a narrow space', () => {
  expect([0, 999, 1000, 84_200, 1_234_567.6, -12_000].map(spaced)).toEqual([
    '0',
    '999',
    '1\u202f000',
    '84\u202f200',
    '1\u202f234\u202f568',
    '-12\u202f000',
  ]);
  expect([showOwn(84_200, 'km'), showOwn(12_000, 'mi')].map((words) => /\u202f/.test(words))).toEqual([true, true]);
  expect(showOwn(1000, 'N·m')).toBe('1000 N·m');
});
