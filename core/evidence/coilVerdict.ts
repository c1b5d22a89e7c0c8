import type { ObservationOf } from '../casefile/contract';
import type { Channel } from '../casefile/words';
import { copperAt } from '../quantities/copper';
import {
  GENERIC_METER,
  joinHalfWidths,
  likelyResolution,
  meterHalfWidth,
  temperatureHalfWidth,
  UNKNOWN_TEMPERATURE_KELVIN,
} from '../quantities/uncertainty';
import { judge, split, type Verdict } from '../quantities/verdict';
import { coilBand, type CoilBand } from './coilBand';
import type { ReadingContext } from './report';

export interface CoilVerdict {
  readonly band: CoilBand;
  /** The reading at the band's temperature, ohm. */
  readonly correctedOhm: number;
  /** How far it may be off there, ohm. */
  readonly halfWidthOhm: number;
  readonly verdict: Verdict;
  /** How well each outcome of the coil tables explains the reading. */
  readonly fits: Readonly<Record<string, number>>;
}

/** Below this share of the band's lower end a coil is bridged; above this multiple of its upper end it is as good as open. */
const NEAR_ZERO = 0.1;
const AS_GOOD_AS_OPEN = 20;
/** Two sides that agree this well outvote a printed band in part: a new part can read outside it and still work. */
const SIDES_AGREE = 0.1;
const OUTVOTED = 0.6;

function temperatureSpread(meter: ObservationOf<'meter'>, context: ReadingContext): number {
  if (meter.temperature !== undefined) return 0;
  const before = context.stage[(context.positions.get(meter.id) ?? 0) - 1];
  return before?.kind === 'drive' ? UNKNOWN_TEMPERATURE_KELVIN.driven : UNKNOWN_TEMPERATURE_KELVIN.rested;
}

/**
 * The meter's own half-width of a reading, in its unit.
 * @example halfWidthOf(CASE.observations[2], STAGE) // => 15
 */
export function halfWidthOf(meter: ObservationOf<'meter'>, context: ReadingContext): number {
  if (meter.value === 'overload') return 0;
  const accuracy = { ...GENERIC_METER, ...context.owner.meter };
  const plain = { percent: accuracy.percent ?? GENERIC_METER.percent, counts: accuracy.counts ?? GENERIC_METER.counts };
  const fromRange = meter.range === undefined ? undefined : meter.range / 2000;
  return meterHalfWidth(
    meter.value,
    plain,
    meter.resolution ?? fromRange ?? likelyResolution(meter.value, meter.quantity),
  );
}

function fitsOf(ohm: number, halfWidth: number, band: CoilBand): Record<string, number> {
  if (ohm < band.min * NEAR_ZERO) return { 'near-zero': 1 };
  if (ohm > band.max * AS_GOOD_AS_OPEN) return { open: 1 };
  const shares = split(ohm, halfWidth, band);
  const fits = { low: shares.below, inside: shares.inside, high: shares.above };
  const agrees = band.otherSideOhm !== null && Math.abs(ohm - band.otherSideOhm) <= band.otherSideOhm * SIDES_AGREE;
  return agrees && band.from === 'manual' ? { ...fits, inside: Math.max(OUTVOTED, fits.inside) } : fits;
}

/**
 * Judges a coil's resistance: corrected to the band's temperature, with the meter's accuracy and an unknown temperature as uncertainty.
 * @param meter a numeric resistance reading at `sensor` or `module-end`. @param channel its channel.
 * @param context the stage it was made in.
 * @returns the verdict, or null for an overload, which is no number to judge.
 * @example coilVerdict(CASE.observations[2], 'front-right', STAGE).correctedOhm // => 1200
 */
export function coilVerdict(
  meter: ObservationOf<'meter'>,
  channel: Channel,
  context: ReadingContext,
): CoilVerdict | null {
  if (meter.value === 'overload') return null;
  const band = coilBand(channel, meter.point === 'module-end' ? 'module-end' : 'sensor', context);
  const correctedOhm = copperAt(meter.value, meter.temperature ?? 20, band.atCelsius);
  const scale = meter.value > 0 ? correctedOhm / meter.value : 1;
  const halfWidthOhm = joinHalfWidths([
    halfWidthOf(meter, context) * scale,
    temperatureHalfWidth(correctedOhm, temperatureSpread(meter, context)),
  ]);
  return {
    band,
    correctedOhm,
    halfWidthOhm,
    verdict: judge(correctedOhm, halfWidthOhm, band),
    fits: fitsOf(correctedOhm, halfWidthOhm, band),
  };
}
