import { language } from '#words/language';

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

/** A day and time for the eye: `4 May, 17:30`. */
export function shownMoment(iso: string): string {
  const date = new Date(iso);
  if (Number.isNaN(date.getTime())) return iso;
  return date.toLocaleString(language, { day: 'numeric', month: 'short', hour: '2-digit', minute: '2-digit' });
}

/** A day with its weekday for the eye: `Monday 4 May`. */
export function shownWeekday(iso: string): string {
  const date = new Date(iso);
  if (Number.isNaN(date.getTime())) return iso;
  return date.toLocaleDateString(language, { weekday: 'long', day: 'numeric', month: 'long' });
}

/** The time of day for the eye: `17:30`. */
export function clockOf(iso: string): string {
  const date = new Date(iso);
  if (Number.isNaN(date.getTime())) return '';
  return date.toLocaleTimeString(language, { hour: '2-digit', minute: '2-digit' });
}

/** A day for the eye: `4 May`. @param day `YYYY-MM-DD`. */
export function shownDay(day: string): string {
  const date = new Date(`${day}T12:00:00`);
  if (Number.isNaN(date.getTime())) return day;
  return date.toLocaleDateString(language, { day: 'numeric', month: 'short' });
}
