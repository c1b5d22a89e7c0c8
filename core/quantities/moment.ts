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
