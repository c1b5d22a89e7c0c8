import type { Quantity } from '../casefile/words';
import { COPPER_PER_KELVIN } from './copper';

/** A meter's stated accuracy: per cent of reading plus counts of the last digit. */
export interface MeterAccuracy {
  readonly percent: number;
  readonly counts: number;
}

/** A plain hand-held meter where nothing better is known (generic). */
export const GENERIC_METER: MeterAccuracy = { percent: 1, counts: 3 };

/** How far a knuckle may be from 20 °C when nobody measured it: at rest, and just after a drive (generic). */
export const UNKNOWN_TEMPERATURE_KELVIN = { rested: 15, driven: 30 } as const;

/** Full scales of a plain meter are 2 × 10ⁿ with 2000 counts (generic). */
export const COUNTS_OF_PLAIN_METER = 2000;

/** The lowest range of a plain meter: 200 Ω, 200 mV, and 200 µA seldom used (generic). */
const LOWEST_RANGE: Readonly<Record<Quantity, number>> = {
  resistance: 200,
  'ac-voltage': 0.2,
  'dc-voltage': 0.2,
  'dc-current': 0.0002,
};

/**
 * The value of one count on a plain 2000-count meter that shows this reading on its best range.
 * @param value the reading in base units; 0 and NaN count as the lowest range. @param quantity what was measured.
 * @returns one count, in the reading's unit.
 * @example likelyResolution(1030, 'resistance') // => 1
 * @example likelyResolution(0.4, 'resistance') // => 0.1
 */
export function likelyResolution(value: number, quantity: Quantity): number {
  let fullScale = LOWEST_RANGE[quantity];
  while (fullScale < Math.abs(value) && fullScale < 2e8) fullScale *= 10;
  return fullScale / COUNTS_OF_PLAIN_METER;
}

/**
 * How far a reading may be off by the meter alone: ±(per cent of reading + counts).
 * @param value the reading in base units.
 * @param accuracy the meter's accuracy; per cent and counts 0 or more.
 * @param resolution the value of one count in base units.
 * @returns half-width in the reading's unit, 0 or more.
 * @example meterHalfWidth(950, { percent: 1, counts: 3 }, 1) // => 12.5
 */
export function meterHalfWidth(value: number, accuracy: MeterAccuracy, resolution: number): number {
  return (Math.abs(value) * accuracy.percent) / 100 + accuracy.counts * resolution;
}

/**
 * Joins independent half-widths by root of sum of squares (GUM, JCGM 100).
 * @param halfWidths each 0 or more, all in one unit; none gives 0.
 * @returns the joint half-width.
 * @example joinHalfWidths([3, 4]) // => 5
 */
export function joinHalfWidths(halfWidths: readonly number[]): number {
  return Math.hypot(...halfWidths);
}

/**
 * How far a copper resistance may be off because the part's temperature is not known.
 * @param resistanceOhm the resistance, 0 or more.
 * @param spreadKelvin how far the temperature may be off, 0 or more.
 * @returns half-width in ohm.
 * @example temperatureHalfWidth(1000, 10) // => 39.3
 */
export function temperatureHalfWidth(resistanceOhm: number, spreadKelvin: number): number {
  return Number((resistanceOhm * COPPER_PER_KELVIN * spreadKelvin).toPrecision(12));
}
