import fc from 'fast-check';
import { describe, expect, test } from 'vitest';
import { sharesBetween } from './verdict';

const BAND = [1000, 1400];

describe('how likely a reading lies between which limits', () => {
  test.each([
    [1000, 10, BAND, [0.5, 0.5, 0]],
    [1005, 10, BAND, [0.125, 0.875, 0]],
    [995, 10, BAND, [0.875, 0.125, 0]],
    [1405, 10, BAND, [0, 0.125, 0.875]],
    [1010, 10, BAND, [0, 1, 0]],
    [990, 10, BAND, [1, 0, 0]],
    [999, 0, BAND, [1, 0, 0]],
    [1000, 0, BAND, [0, 1, 0]],
    [1400, 0, BAND, [0, 0, 1]],
    [1e9, 10, [1000], [0, 1]],
    [5, 10, [], [1]],
  ])('%d give or take %d between %j', (value, halfWidth, limits, shares) =>
    expect(sharesBetween(value, halfWidth, limits)).toEqual(shares),
  );
  test('sums to one, whatever is read', () => {
    const number = fc.double({ min: -1e6, max: 1e6, noNaN: true });
    const limits = fc.array(number, { maxLength: 5 }).map((all) => [...all].sort((a, b) => a - b));
    fc.assert(
      fc.property(number, fc.double({ min: 0, max: 1e6, noNaN: true }), limits, (value, halfWidth, between) => {
        const shares = sharesBetween(value, halfWidth, between);
        expect(shares).toHaveLength(between.length + 1);
        for (const share of shares) expect(share).toBeGreaterThanOrEqual(0);
        expect(shares.reduce((sum, share) => sum + share, 0)).toBeCloseTo(1, 9);
      }),
    );
  });
});
