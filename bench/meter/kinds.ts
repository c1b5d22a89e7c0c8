import type { Quantity } from '../../core/casefile/words';
import type { Chance } from '../chance';

/** A multimeter: how many counts it shows, how exact it is, its ranges (full scale), and who chooses them. */
export interface MeterKind {
  readonly id: 'autoranging' | 'by-hand';
  readonly counts: number;
  /** Error: percent of the reading and counts, as three deviations. */
  readonly percent: number;
  readonly digits: number;
  readonly ranges: Readonly<Record<Quantity, readonly number[]>>;
  /** Full scale of the range that it stands on, where its owner has set one. */
  readonly setTo?: number;
}

/** A low-cost autoranging meter of four thousand counts. */
export const AUTORANGING: MeterKind = {
  id: 'autoranging',
  counts: 4_000,
  percent: 1,
  digits: 2,
  ranges: {
    resistance: [400, 4e3, 40e3, 400e3, 4e6, 40e6],
    'dc-voltage': [0.4, 4, 40, 400],
    'ac-voltage': [4, 40, 400],
    'dc-current': [0.04, 0.4],
  },
};

/** The plainest one: two thousand counts, ranges set by hand, and no alternating range that resolves a tenth of a volt well. */
export const BY_HAND: MeterKind = {
  id: 'by-hand',
  counts: 2_000,
  percent: 1,
  digits: 3,
  ranges: {
    resistance: [200, 2e3, 20e3, 200e3, 2e6, 20e6],
    'dc-voltage': [0.2, 2, 20, 200],
    'ac-voltage': [200, 600],
    'dc-current': [0.02, 0.2],
  },
};

const BY_HAND_SHARE = 0.35;

/**
 * The meter that an owner has.
 * @example drawMeter(chance()).id // => "autoranging"
 */
export function drawMeter(chance: Chance): MeterKind {
  return chance.hits(BY_HAND_SHARE) ? BY_HAND : AUTORANGING;
}

/** What a display shows: overload, or a value with its count; and the range where it was set by hand. */
export interface Display {
  readonly value: number | 'overload';
  readonly resolution?: number;
  readonly range?: number;
}

/** The range that somebody ends on who turns down until the next one would overload. */
function bestRange(value: number, ranges: readonly number[]): number {
  return ranges.find((range) => Math.abs(value) < range) ?? ranges.at(-1) ?? 1;
}

/**
 * What the display shows of a true value.
 * @param value in the quantity's base unit. @param quantity what is measured. @param meter which. @param chance draws the meter's error.
 * @returns the display: overload above the range, else rounded to one count and never negative.
 * @example displayOf(3000, 'resistance', { ...BY_HAND, setTo: 2000 }, chance()).value // => "overload"
 */
export function displayOf(value: number, quantity: Quantity, meter: MeterKind, chance: Chance): Display {
  const fullScale = meter.setTo ?? bestRange(value, meter.ranges[quantity]);
  const byHand = meter.id === 'by-hand' ? { range: fullScale } : {};
  if (!(Math.abs(value) < fullScale)) return { value: 'overload', ...byHand };
  const resolution = fullScale / meter.counts;
  const error = (value * meter.percent * chance.gaussian()) / 300 + (meter.digits * resolution * chance.gaussian()) / 3;
  const counts = Math.max(0, Math.round((value + error) / resolution));
  if (counts >= meter.counts) return { value: 'overload', ...byHand };
  return { value: Number((counts * resolution).toPrecision(6)), resolution, ...byHand };
}
