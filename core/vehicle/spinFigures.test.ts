import { describe, expect, test } from 'vitest';
import { ACTIVE_NEEDS, handSpin, USUAL_LOWEST_KMH, widened } from './spinFigures';

describe('a wheel turned by hand', () => {
  test('one turn a second of a usual tyre is seven km/h, and a period a tooth', () => {
    expect(handSpin(1.95, 1, 48)).toEqual({ kmh: expect.closeTo(7.02, 9) as number, hertz: 48 });
    expect(handSpin(1.95, 0, 48)).toEqual({ kmh: 0, hertz: 0 });
  });
});

describe('a wider gap', () => {
  /** A ring whose pitch is 6 mm. */
  const [diameter, teeth] = [(0.006 * 48) / Math.PI, 48];
  test('half a millimetre costs two fifths, a millimetre two thirds, at a pitch of 6 mm', () => {
    expect(widened(0.0005, diameter, teeth).left).toBeCloseTo(0.59, 2);
    expect(widened(0.001, diameter, teeth).left).toBeCloseTo(0.35, 2);
  });
  test('the lowest speed grows as the signal falls; nothing more leaves all as it was; less gap helps', () => {
    expect(widened(0, diameter, teeth)).toEqual({ left: 1, lowestKmh: USUAL_LOWEST_KMH, activeAnswers: true });
    expect(widened(0.0005, diameter, teeth).lowestKmh).toBeCloseTo(USUAL_LOWEST_KMH / 0.592, 1);
    expect(widened(-0.0002, diameter, teeth).left).toBeGreaterThan(1);
  });
  test('an active sensor answers down to its threshold, and not below', () => {
    const atThreshold = (-Math.log(ACTIVE_NEEDS) * 0.006) / (2 * Math.PI);
    expect(widened(atThreshold - 1e-6, diameter, teeth).activeAnswers).toBe(true);
    expect(widened(atThreshold + 1e-6, diameter, teeth).activeAnswers).toBe(false);
  });
});
