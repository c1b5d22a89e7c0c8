const ZERO = 48;
const NINE = 57;
const POINT = 46;
const MINUS = 45;
const PLUS = 43;
const COLON = 58;
/** Up to here a whole number and a power of ten are exact, so that one division rounds as `parseFloat` does. */
export const EXACT_DIGITS = 15;
export const POWERS = Float64Array.from({ length: 23 }, (_, power) => Number(`1e${power}`));

const text = (bytes: Uint8Array, from: number, to: number): string => {
  let words = '';
  for (let at = from; at < to; at += 1) words += String.fromCharCode(bytes[at] ?? 0);
  return words;
};

/** The rare forms: exponents, more digits than are exact. */
function slowNumber(words: string, decimal: number): number {
  const plain = (decimal === POINT ? words : words.replace(String.fromCharCode(decimal), '.')).trim();
  return /^[+-]?(\d+\.?\d*|\.\d+)(e[+-]?\d+)?$/i.test(plain) ? Number.parseFloat(plain) : Number.NaN;
}

/**
 * Reads a number from bytes, the same that `parseFloat` would give.
 * @param bytes ASCII. @param from first byte. @param to behind the last. @param decimal byte of the decimal mark: 46 or 44.
 * @returns the number; NaN for an empty cell and for what is no number.
 * @example numberAt(asBytes('12,5'), 0, 4, 44) // => 12.5
 */
export function numberAt(bytes: Uint8Array, from: number, to: number, decimal: number): number {
  let at = from;
  while (at < to && bytes[at] === 32) at += 1;
  const first = bytes[at];
  if (first === MINUS || first === PLUS) at += 1;
  let [mantissa, digits, fraction] = [0, 0, -1];
  for (; at < to; at += 1) {
    const byte = bytes[at] as number;
    if (byte >= ZERO && byte <= NINE) {
      mantissa = mantissa * 10 + (byte - ZERO);
      digits += 1;
      if (fraction >= 0) fraction += 1;
    } else if (byte === decimal && fraction < 0) fraction = 0;
    else break;
  }
  while (at < to && (bytes[at] === 32 || bytes[at] === 13)) at += 1;
  if (at < to || digits === 0 || digits > EXACT_DIGITS) {
    return digits === 0 && at >= to ? Number.NaN : slowNumber(text(bytes, from, to), decimal);
  }
  const value = fraction > 0 ? mantissa / (POWERS[fraction] as number) : mantissa;
  return first === MINUS ? -value : value;
}

/** Seconds of a clock such as `07:41:03.250`, with or without a date before it. */
function clockSeconds(words: string): number {
  const match =
    /(?:(\d{4})-(\d\d?)-(\d\d?)|(\d\d?)[./](\d\d?)[./](\d{4}))?[T ,]*(\d{1,2}):(\d{2})(?::(\d{2})(?:[.,:](\d{1,6}))?)?/.exec(
      words,
    );
  if (!match) return Number.NaN;
  const [, year, month, day, dayFirst, monthSecond, yearLast, hours, minutes, seconds = '0', fraction = '0'] = match;
  const days = daysOf(
    Number(year ?? yearLast ?? 1970),
    Number(month ?? monthSecond ?? 1),
    Number(day ?? dayFirst ?? 1),
  );
  return days * 86_400 + Number(hours) * 3600 + Number(minutes) * 60 + Number(seconds) + Number(`0.${fraction}`);
}

/** Days since 1 March of year 0, by the Gregorian calendar (ISO 8601); only differences count. */
function daysOf(year: number, month: number, day: number): number {
  const shifted = month > 2 ? year : year - 1;
  const era = Math.floor(shifted / 400);
  const yearOfEra = shifted - era * 400;
  const dayOfYear = Math.floor((153 * (month + (month > 2 ? -3 : 9)) + 2) / 5) + day - 1;
  return era * 146_097 + yearOfEra * 365 + Math.floor(yearOfEra / 4) - Math.floor(yearOfEra / 100) + dayOfYear;
}

/**
 * Reads a moment: a number as it stands, or a clock or date with clock in seconds.
 * @returns NaN for what is neither.
 * @example timeAt(asBytes('00:01:02.5'), 0, 10, 46) - timeAt(asBytes('00:01:00'), 0, 8, 46) // => 2.5
 */
export function timeAt(bytes: Uint8Array, from: number, to: number, decimal: number): number {
  for (let at = from; at < to; at += 1) if (bytes[at] === COLON) return clockSeconds(text(bytes, from, to));
  return numberAt(bytes, from, to, decimal);
}
