import { fixed } from '../words/figures';
import type { Quantity } from '../casefile/words';

/** A number set apart from its unit, for the screen. */
export interface Shown {
  readonly number: string;
  readonly unit: string;
}

const UNIT: Readonly<Record<Quantity, string>> = {
  resistance: 'Ω',
  'ac-voltage': 'V~',
  'dc-voltage': 'V',
  'dc-current': 'A',
};

function prefixFor(value: number, quantity: Quantity): readonly [number, string] {
  const size = Math.abs(value);
  if (quantity === 'resistance') return size >= 1e6 ? [1e6, 'M'] : size >= 1e3 ? [1e3, 'k'] : [1, ''];
  return size > 0 && size < 1 ? [1e-3, 'm'] : [1, ''];
}

/**
 * Writes a reading as a display would: a number and its unit, apart.
 * @param value in ohm, volt or ampere, or overload.
 * @param quantity what was measured.
 * @param resolution the value of one count, to show as many digits as were read; null for three significant digits.
 * @returns the number and its unit; overload has no unit.
 * @example showReading(1030, 'resistance', 10) // => { number: "1.03", unit: "kΩ" }
 * @example showReading('overload', 'resistance') // => { number: "OL", unit: "" }
 */
export function showReading(value: number | 'overload', quantity: Quantity, resolution: number | null = null): Shown {
  if (value === 'overload') return { number: 'OL', unit: '' };
  const [factor, prefix] = prefixFor(value, quantity);
  const scaled = value / factor;
  const places = resolution
    ? Math.round(-Math.log10(resolution / factor))
    : 2 - Math.floor(Math.log10(Math.abs(scaled) || 1));
  return { number: fixed(scaled, Math.min(4, Math.max(0, places))), unit: prefix + UNIT[quantity] };
}

/** What a scale's unit measures; a length is none of a meter's. */
const QUANTITY_OF = { Ω: 'resistance', V: 'dc-voltage', A: 'dc-current' } as const satisfies Record<string, Quantity>;

/**
 * Writes a figure of a scale, three significant digits, with its unit; lengths in millimetres.
 * @param value in the unit. @param unit of the scale. @returns such as `1.20 kΩ`.
 * @example showFigure(1200, 'Ω') // => "1.20 kΩ"
 * @example showFigure(0.0009, 'm') // => "0.90 mm"
 */
export function showFigure(value: number, unit: 'Ω' | 'V' | 'A' | 'm'): string {
  if (unit === 'm') return `${fixed(1000 * value, 2)} mm`;
  const shown = showReading(value, QUANTITY_OF[unit]);
  return `${shown.number} ${shown.unit}`;
}

/**
 * A whole number with its thousands set apart by a narrow space.
 * @param value any number; it is rounded. @returns digits.
 * @example spaced(84200) // => "84\u202f200"
 */
export function spaced(value: number): string {
  return String(Math.round(value)).replace(/\B(?=(\d{3})+(?!\d))/g, '\u202f');
}
