import { describe, expect, test } from 'vitest';
import { bandLabels } from './bandLabels';

describe('the words below a scale', () => {
  test('one a limit where there is room', () =>
    expect(
      bandLabels(
        [
          [100, '1.00 kΩ'],
          [260, '1.40 kΩ'],
        ],
        360,
      ).map(({ x, words }) => `${words} at ${x}`),
    ).toEqual(['1.00 kΩ at 100', '1.40 kΩ at 260']));
  test('one for both where their words would meet, and just not where they only come close', () => {
    const at = (x: number) =>
      bandLabels(
        [
          [100, '1.00 kΩ'],
          [x, '1.40 kΩ'],
        ],
        360,
      ).map(({ words }) => words);
    expect(at(165)).toEqual(['1.00 kΩ – 1.40 kΩ']);
    expect(at(166)).toEqual(['1.00 kΩ', '1.40 kΩ']);
  });
  test('none beside the scale', () => {
    expect(
      bandLabels(
        [
          [20, '1.00 kΩ'],
          [26, '1.40 kΩ'],
        ],
        360,
      ),
    ).toEqual([{ x: 68, words: '1.00 kΩ – 1.40 kΩ' }]);
    expect(bandLabels([[355, '100 mV']], 360)).toEqual([{ x: 336, words: '100 mV' }]);
    expect(bandLabels([], 360)).toEqual([]);
  });
});
