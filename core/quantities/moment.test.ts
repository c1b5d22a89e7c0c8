import fc from 'fast-check';
import { expect, test } from 'vitest';
import { dateAfter, minutesOf } from './moment';

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
test('a date so many days later is that of the calendar, at the place of the moment', () => {
  fc.assert(
    fc.property(
      fc.date({ min: new Date('1700-01-01T00:00:00Z'), max: new Date('2500-01-01T00:00:00Z'), noInvalidDate: true }),
      fc.nat(2000),
      (date, days) => {
        const later = new Date(date.getTime() + days * 86_400_000).toISOString().slice(0, 10);
        expect(dateAfter(`${date.toISOString().slice(0, 19)}Z`, days)).toBe(later);
        expect(dateAfter(`${date.toISOString().slice(0, 19)}-09:30`, days)).toBe(later);
      },
    ),
  );
  expect(dateAfter('soon', 3)).toBeNull();
});
