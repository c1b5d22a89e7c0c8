import type { Channel } from '../casefile/words';
import { copperAt } from '../quantities/copper';
import type { Band } from '../quantities/verdict';
import { otherSide } from '../vehicle/channels';
import { ofKind, type ReadingContext } from './report';

/** The band that a coil's resistance is judged by, and whose it is. */
export interface CoilBand extends Band {
  readonly min: number;
  readonly max: number;
  readonly atCelsius: number;
  readonly from: 'manual' | 'other-side' | 'generic' | 'own-sensor';
  /** The other side's reading at the band's temperature, where there is one. */
  readonly otherSideOhm: number | null;
}

/** Passive coils usually lie here (generic; the manual decides). */
export const GENERIC_COIL_BAND = { min: 600, max: 2500, at: 20 } as const;

/** Two coils of one axle seldom differ by more (trade experience). */
const SIDES_DIFFER_BY = 0.2;

type MeterPoint = 'sensor' | 'module-end';

/** The last steady resistance of a channel's coil in the stage, corrected; null when there is none that could be a coil. */
function coilReading(context: ReadingContext, channel: Channel, point: MeterPoint, atCelsius: number): number | null {
  const fits = ofKind(context, 'meter').filter(
    (meter) => meter.channel === channel && meter.point === point && meter.quantity === 'resistance' && !meter.unsteady,
  );
  const value = fits.at(-1)?.value;
  if (typeof value !== 'number' || value < 300 || value > 5000) return null;
  return copperAt(value, fits.at(-1)?.temperature ?? 20, atCelsius);
}

/** Two readings of one coil differ by the meter's error on each, ±(1 % + 3 counts), and by the wires between. */
const READINGS_DIFFER_BY = 0.03;
const WIRES_OHM = 10;

/** At the module's end a coil reads as at its own plug plus a few ohm: what is more lies in between. */
function bandBeyondPlug(channel: Channel, context: ReadingContext, plain: CoilBand): CoilBand {
  const own = coilReading(context, channel, 'sensor', plain.atCelsius);
  if (own === null || own < plain.min || own > plain.max) return plain;
  const [min, max] = [own * (1 - READINGS_DIFFER_BY), own * (1 + READINGS_DIFFER_BY) + WIRES_OHM];
  return { ...plain, min, max, from: 'own-sensor' };
}

/**
 * Which band judges a coil: the manual's; without one, the same sensor on the other side; without that, a generic one.
 * At the module's end the reading at the sensor's own plug comes before all of them, where it was in its band.
 * @param channel the channel measured. @param point where. @param context the stage it was measured in.
 * @returns the band in ohm with its temperature and whose it is.
 * @example coilBand('front-right', 'sensor', STAGE).from // => "manual"
 */
export function coilBand(channel: Channel, point: MeterPoint, context: ReadingContext): CoilBand {
  const plain = plainBand(channel, point, context);
  return point === 'module-end' ? bandBeyondPlug(channel, context, plain) : plain;
}

function plainBand(channel: Channel, point: MeterPoint, context: ReadingContext): CoilBand {
  const manual = context.vehicle.specs?.sensorResistance;
  const atCelsius = manual?.at ?? GENERIC_COIL_BAND.at;
  const other = otherSide(channel, context.vehicle.channels);
  const otherSideOhm = other && coilReading(context, other, point, atCelsius);
  if (manual) return { min: manual.min, max: manual.max, atCelsius, from: 'manual', otherSideOhm };
  const { min, max } = GENERIC_COIL_BAND;
  if (otherSideOhm !== null && otherSideOhm >= min && otherSideOhm <= max)
    return {
      min: otherSideOhm * (1 - SIDES_DIFFER_BY),
      max: otherSideOhm * (1 + SIDES_DIFFER_BY),
      atCelsius,
      from: 'other-side',
      otherSideOhm,
    };
  return { min, max, atCelsius, from: 'generic', otherSideOhm };
}
