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
