const MOMENT = /^(\d{4})-(\d{2})-(\d{2})T(\d{2}):(\d{2})(?::(\d{2}(?:\.\d+)?))?(Z|([+-])(\d{2}):(\d{2}))$/;

/** Days from 1970-01-01 of a date in the Gregorian calendar: counted from March, so that leap days stand last. */
function daysOf(year: number, month: number, day: number): number {
  const y = month <= 2 ? year - 1 : year;
  const era = Math.floor(y / 400);
  const ofEra = y - era * 400;
  const ofYear = Math.floor((153 * (month + (month > 2 ? -3 : 9)) + 2) / 5) + day - 1;
  return era * 146_097 + ofEra * 365 + Math.floor(ofEra / 4) - Math.floor(ofEra / 100) + ofYear - 719_468;
}

/**
 * A moment as minutes since 1970-01-01T00:00Z.
 * @param text ISO 8601 with offset, as the case file has it. @returns minutes, with fractions; NaN for any other text.
 * @example minutesOf('1970-01-02T01:00:00+01:00') // => 1440
 */
export function minutesOf(text: string): number {
  const found = MOMENT.exec(text);
  if (!found) return NaN;
  const [, year, month, day, hour, minute, second = '0', , sign, offsetHour = '0', offsetMinute = '0'] = found;
  const offset = (Number(offsetHour) * 60 + Number(offsetMinute)) * (sign === '-' ? -1 : 1);
  const ofDay = Number(hour) * 60 + Number(minute) + Number(second) / 60;
  return daysOf(Number(year), Number(month), Number(day)) * 1440 + ofDay - (sign ? offset : 0);
}

/** The date of a count of days since 1970-01-01. */
function dateOf(days: number): string {
  const shifted = days + 719_468;
  const era = Math.floor(shifted / 146_097);
  const ofEra = shifted - era * 146_097;
  const year = Math.floor(
    (ofEra - Math.floor(ofEra / 1460) + Math.floor(ofEra / 36_524) - Math.floor(ofEra / 146_096)) / 365,
  );
  const ofYear = ofEra - (365 * year + Math.floor(year / 4) - Math.floor(year / 100));
  const fromMarch = Math.floor((5 * ofYear + 2) / 153);
  const day = ofYear - Math.floor((153 * fromMarch + 2) / 5) + 1;
  const month = fromMarch + (fromMarch < 10 ? 3 : -9);
  const two = (value: number): string => String(value).padStart(2, '0');
  return `${year + era * 400 + (month <= 2 ? 1 : 0)}-${two(month)}-${two(day)}`;
}

/**
 * The date so many days after a moment, on the calendar of the place where the moment was noted.
 * @param moment ISO 8601 with offset. @param days 0 or more. @returns `YYYY-MM-DD`; null for what is no moment.
 * @example dateAfter('2028-02-27T23:30:00+01:00', 3) // => "2028-03-01"
 */
export function dateAfter(moment: string, days: number): string | null {
  if (!MOMENT.test(moment)) return null;
  const local = minutesOf(`${moment.slice(0, 10)}T00:00Z`);
  return dateOf(Math.round(local / 1440) + days);
}
