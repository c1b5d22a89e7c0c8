import fc from 'fast-check';
import { expect, test } from 'vitest';
import { dateAfter, secondsOf } from './moment';

test('a moment is the same seconds as every calendar says, leap days and offsets included', () => {
  fc.assert(
    fc.property(
      fc.date({ min: new Date('1600-01-01T00:00:00Z'), max: new Date('2500-01-01T00:00:00Z'), noInvalidDate: true }),
      fc.integer({ min: -14 * 60, max: 14 * 60 }),
      (date, offset) => {
        const local = new Date(date.getTime() + offset * 60_000).toISOString().slice(0, 19);
        const two = (value: number): string => String(Math.abs(value)).padStart(2, '0');
        const zone = `${offset < 0 ? '-' : '+'}${two(Math.trunc(offset / 60))}:${two(offset % 60)}`;
        expect(secondsOf(`${local}${zone}`)).toBe(Math.floor(date.getTime() / 1000));
      },
    ),
  );
});
test('of no moment nothing is said; seconds may be left out', () => {
  expect(secondsOf('yesterday')).toBeNaN();
  expect(secondsOf('2026-05-04T17:30Z')).toBe(secondsOf('2026-05-04T17:30:00Z'));
  expect(secondsOf('2026-05-04T17:30:00')).toBeNaN();
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
