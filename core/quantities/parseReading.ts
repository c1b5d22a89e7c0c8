import type { Result } from '../casefile/problem';
import type { Quantity } from '../casefile/words';
import { texts } from '#words/core/quantities';

/** What a meter's display shows, in base units: ohm, volt or ampere. */
export interface Reading {
  readonly value: number | 'overload';
  /** What the unit says was measured; null where the text has no unit, or a bare prefix. */
  readonly quantity: Quantity | null;
  /** Value of one count of the last digit shown, in base units; null for overload. */
  readonly resolution: number | null;
}

/** Longer than any display; keeps hostile text from costing time. */
const LONGEST = 60;
const OVERLOAD =
  /^(?:[0o]\.?\s*l\.?|ol|over\s*load|overrange|over|open|inf(?:inity|inite)?|∞|1\s*\.?\s*_+|1\s+\.|1\.\s*|_+)$/i;
const SHAPE = /^([+-]?)(\d*)(?:([.,'\u2019\s])(\d+)|[.,])?\s*([a-zµμΩω~⎓=\s]*)$/iu;
const PREFIX: Readonly<Record<string, number>> = { k: 1e3, M: 1e6, m: 1e-3, µ: 1e-6, μ: 1e-6, u: 1e-6, '': 1 };

interface Unit {
  readonly factor: number;
  readonly quantity: Quantity | null;
}

/** Splits `kΩ`, `mV~`, `V AC` into a factor and a quantity; null when it is no unit of a meter. */
function readUnit(text: string, assumed: Quantity | null): Unit | null {
  const compact = text.replace(/\s+/gu, '').replace(/ohms?/iu, 'Ω').replace(/ω/gu, 'Ω');
  const match = /^([kKmMµμu]?)(Ω|V|v|A|a|)(~|⎓|=|ac|dc|AC|DC)?$/u.exec(compact);
  if (!match) return null;
  const [, prefix = '', symbol = '', kind = ''] = match;
  const known = symbol === '' ? assumed : quantityOf(symbol, kind, assumed);
  const isOhms = known === 'resistance' || known === null;
  const scale = isOhms && prefix === 'K' ? 'k' : isOhms && prefix === 'm' && symbol === '' ? 'M' : prefix;
  const factor = PREFIX[scale === 'K' ? 'k' : scale];
  return factor === undefined ? null : { factor, quantity: symbol === '' ? null : known };
}

function quantityOf(symbol: string, kind: string, assumed: Quantity | null): Quantity {
  if (symbol === 'Ω') return 'resistance';
  if (symbol.toUpperCase() === 'A') return 'dc-current';
  if (kind === '~' || kind.toLowerCase() === 'ac') return 'ac-voltage';
  if (kind !== '') return 'dc-voltage';
  return assumed === 'ac-voltage' ? 'ac-voltage' : 'dc-voltage';
}

/** Whether `1,030` could be a thousand and thirty as well as one point oh three. */
function isAmbiguous(whole: string, mark: string, fraction: string, factor: number): boolean {
  return mark === ',' && fraction.length === 3 && /^[1-9]\d{0,2}$/.test(whole) && factor === 1;
}

/** Digits of the display as value and last-digit place; a thousands mark (`1 030`, `1'030`) joins them. */
function readDigits(whole: string, mark: string, fraction: string): { value: number; places: number } | null {
  if (whole === '' && fraction === '') return null;
  if (/[\s'\u2019]/u.test(mark)) return fraction.length === 3 ? { value: Number(whole + fraction), places: 0 } : null;
  return { value: Number(`${whole || '0'}.${fraction || '0'}`), places: fraction.length };
}

/** `4k7` and `2R2`, as printed on parts. */
function normalise(text: string): string {
  return text.replace(/^(\d+)\s*([kKMRr])\s*(\d{1,3})$/u, (_all, whole: string, letter: string, rest: string) =>
    letter.toUpperCase() === 'R' ? `${whole}.${rest}` : `${whole}.${rest}${letter}`,
  );
}

/**
 * Reads what a meter shows, as people type it: `1.03k`, `1030`, `1,03 kΩ`, `230 mV~`, `OL`, `0L`, `1 .`, `open`.
 * @param text the display's text; at most 60 characters.
 * @param assumed the quantity that the check asks for; settles a missing unit. A resistance below 0 is refused.
 * @returns the reading in ohm, volt or ampere with the value of one count, or one problem that says what would be right.
 * @example parseReading('1,03 kΩ').value // => { value: 1030, quantity: "resistance", resolution: 10 }
 * @example parseReading('230 mV~').value // => { value: 0.23, quantity: "ac-voltage", resolution: 0.001 }
 * @example parseReading('0L').value.value // => "overload"
 */
export function parseReading(text: string, assumed: Quantity | null = null): Result<Reading> {
  const refuse = (code: string, message: string): Result<Reading> => ({
    ok: false,
    problems: [{ path: '', code, message }],
  });
  if (text.length > LONGEST) return refuse('too-long', texts.isLongerThanCharacters(LONGEST));
  const bare = normalise(text.trim().replace(/\s+/gu, ' '));
  if (bare === '') return refuse('empty', texts.isEmptyTypeWhat);
  const withoutUnit = bare.replace(/\s*[kKmM]?(Ω|ohms?)$/u, '');
  if (OVERLOAD.test(bare) || OVERLOAD.test(withoutUnit))
    return { ok: true, value: { value: 'overload', quantity: null, resolution: null } };
  const match = SHAPE.exec(bare);
  const unit = match ? readUnit(match[5] ?? '', assumed) : null;
  const digits = match ? readDigits(match[2] ?? '', match[3] ?? '', match[4] ?? '') : null;
  if (!match || !unit || !digits) return refuse('not-a-reading', texts.isNoReadingWrite(bare.slice(0, 20)));
  const [whole = '', mark = '', rest = ''] = match.slice(2, 5);
  if (isAmbiguous(whole, mark, rest, unit.factor)) return refuse('ambiguous', texts.couldBeOrWrite(bare, whole, rest));
  const value = tidy((match[1] === '-' ? -1 : 1) * digits.value * unit.factor);
  const quantity = unit.quantity ?? assumed;
  if (value < 0 && quantity !== 'dc-voltage' && quantity !== 'dc-current')
    return refuse('negative', texts.cannotBeNegativeA);
  return { ok: true, value: { value, quantity: unit.quantity, resolution: tidy(10 ** -digits.places * unit.factor) } };
}

/** Removes the tail that binary fractions leave (0.23000000000000001). */
function tidy(value: number): number {
  return Number(value.toPrecision(12));
}
