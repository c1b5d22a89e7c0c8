import { texts } from '#words/shared/dates';

function two(number: number): string {
  return String(Math.abs(Math.trunc(number))).padStart(2, '0');
}

/** A moment as ISO 8601 with the local offset, as the case file wants it. */
export function isoWithOffset(date: Date): string {
  const minutes = -date.getTimezoneOffset();
  const offset = minutes === 0 ? 'Z' : `${minutes < 0 ? '-' : '+'}${two(minutes / 60)}:${two(minutes % 60)}`;
  const day = `${date.getFullYear()}-${two(date.getMonth() + 1)}-${two(date.getDate())}`;
  return `${day}T${two(date.getHours())}:${two(date.getMinutes())}:${two(date.getSeconds())}${offset}`;
}

const time = (date: Date): string => `${two(date.getHours())}:${two(date.getMinutes())}`;

const dayOf = (date: Date, months: readonly string[]): string =>
  texts.day(date.getDate(), months[date.getMonth()] ?? '');

/** Says a moment; what is none stays as it was written. */
function said(iso: string, say: (date: Date) => string): string {
  const date = new Date(iso);
  return Number.isNaN(date.getTime()) ? iso : say(date);
}

/** A day and time for the eye: `4 May, 17:30`. */
export const shownMoment = (iso: string): string =>
  said(iso, (date) => texts.atTime(dayOf(date, texts.shortMonths), time(date)));

/** A day with its weekday for the eye: `Monday 4 May`. */
export const shownWeekday = (iso: string): string =>
  said(iso, (date) => texts.onWeekday(texts.weekdays[date.getDay()] ?? '', dayOf(date, texts.months)));

/** The time of day for the eye: `17:30`; nothing for what is no moment. */
export const clockOf = (iso: string): string => (Number.isNaN(Date.parse(iso)) ? '' : time(new Date(iso)));

/** A day for the eye: `4 May`. @param day `YYYY-MM-DD`. */
export const shownDay = (day: string): string =>
  Number.isNaN(Date.parse(`${day}T12:00:00`)) ? day : dayOf(new Date(`${day}T12:00:00`), texts.shortMonths);
