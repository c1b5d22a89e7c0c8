const MOMENT = /^(\d{4})-(\d\d)-(\d\d)T(\d\d):(\d\d)(?::(\d\d(?:\.\d+)?))?(?:Z|([+-])(\d\d):(\d\d))$/u;

const DAYS_IN_400_YEARS = 146_097;
const UNIX_EPOCH = 719_468;

/** Days since 1970-01-01 in the Gregorian calendar: years begin in March, so that the leap day is their last. */
function daysOf(year: number, month: number, day: number): number {
  const shifted = month <= 2 ? year - 1 : year;
  const era = Math.floor(shifted / 400);
  const ofEra = shifted - era * 400;
  const ofYear = Math.floor((153 * (month + (month > 2 ? -3 : 9)) + 2) / 5) + day - 1;
  const days = ofEra * 365 + Math.floor(ofEra / 4) - Math.floor(ofEra / 100) + ofYear;
  return era * DAYS_IN_400_YEARS + days - UNIX_EPOCH;
}

/**
 * A moment of a case file as seconds since 1970 (POSIX), whatever its offset: core has no clock, but it can compare.
 * @param moment ISO 8601 with offset, as the contract wants it. @returns seconds; NaN for anything else.
 * @example secondsOf('1970-01-02T01:00:00+01:00') // => 86400
 */
export function secondsOf(moment: string): number {
  const found = MOMENT.exec(moment);
  if (!found) return Number.NaN;
  const [year, month, day, hour, minute, second] = found.slice(1, 7).map((part) => Number(part ?? 0));
  const offset = (found[7] === '-' ? -1 : 1) * (Number(found[8] ?? 0) * 3600 + Number(found[9] ?? 0) * 60);
  return (
    daysOf(year ?? 0, month ?? 1, day ?? 1) * 86_400 + (hour ?? 0) * 3600 + (minute ?? 0) * 60 + (second ?? 0) - offset
  );
}

/** Day and month of a count of days since 1970-01-01: the inverse of the above. */
function dateOf(days: number): string {
  const shifted = days + UNIX_EPOCH;
  const era = Math.floor(shifted / DAYS_IN_400_YEARS);
  const ofEra = shifted - era * DAYS_IN_400_YEARS;
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
  const local = secondsOf(`${moment.slice(0, 10)}T00:00:00Z`);
  return dateOf(Math.round(local / 86_400) + days);
}
