import { describe, expect, it, test } from 'vitest';
import { texts as de } from '../../core/words/de/shared/dates';
import { texts as en } from '../../core/words/en/shared/dates';
import { clockOf, isoWithOffset, shownDay, shownMoment, shownWeekday } from './time';

describe('days and times for the eye', () => {
  it('are written as the language does', () => {
    const noon = new Date(2026, 4, 4, 17, 5);
    expect(shownMoment(noon.toISOString())).toBe('4 May, 17:05');
    expect(shownWeekday(noon.toISOString())).toBe('Monday 4 May');
    expect(clockOf(noon.toISOString())).toBe('17:05');
    expect(shownDay('2026-09-30')).toBe('30 Sept');
  });
  test.each([shownMoment, shownWeekday, shownDay])('leave what is no day as it was written: %o', (say) =>
    expect(say('some day')).toBe('some day'),
  );
  it('say no clock for no moment', () => expect(clockOf('some day')).toBe(''));
  it('keep the day in every zone: what is written with its offset is read back', () => {
    const moment = new Date(2026, 11, 31, 23, 59, 58);
    expect(new Date(isoWithOffset(moment)).getTime()).toBe(moment.getTime());
    expect(isoWithOffset(moment)).toMatch(/^2026-12-31T23:59:58/);
  });
});

describe('the names of days and months are those of the browser', () => {
  test.each([
    ['en-GB', en],
    ['de-DE', de],
  ] as const)('in %s', (language, texts) => {
    const say = (date: Date, style: Intl.DateTimeFormatOptions): string => date.toLocaleDateString(language, style);
    for (let month = 0; month < 12; month += 1) {
      const day = new Date(2026, month, 4);
      expect(texts.day(4, texts.months[month] ?? '')).toBe(say(day, { day: 'numeric', month: 'long' }));
      expect(texts.day(4, texts.shortMonths[month] ?? '')).toBe(say(day, { day: 'numeric', month: 'short' }));
    }
    for (let day = 1; day <= 7; day += 1) {
      const date = new Date(2026, 1, day);
      const short = texts.day(day, texts.months[1] ?? '');
      expect(texts.onWeekday(texts.weekdays[date.getDay()] ?? '', short)).toBe(
        say(date, { weekday: 'long', day: 'numeric', month: 'long' }),
      );
    }
  });
});
