import fc from 'fast-check';
import { expect, test } from 'vitest';
import { minutesOf } from './moment';

test('agrees with the platform on any moment', () =>
  fc.assert(
    fc.property(fc.date({ min: new Date('1900-01-01'), max: new Date('2200-01-01'), noInvalidDate: true }), (date) => {
      expect(minutesOf(date.toISOString())).toBeCloseTo(date.getTime() / 60_000, 6);
    }),
  ));
test('offsets count, seconds may be left out, other texts are no moments', () => {
  expect(minutesOf('2026-05-04T17:30:00+02:00')).toBe(minutesOf('2026-05-04T15:30:00Z'));
  expect(minutesOf('2026-05-04T17:30-03:30')).toBe(minutesOf('2026-05-04T21:00Z'));
  for (const text of ['', '2026-05-04', 'yesterday', '2026-05-04T17:30:00']) expect(minutesOf(text)).toBeNaN();
});
