import type { Channel } from '../casefile/words';
import { copperAt } from '../quantities/copper';
import { COILS_DIFFER, USUAL_COIL_BAND } from '../knowledge/outcomes/outcome';
import { otherSide } from '../vehicle/channels';
import { ofKind, type ReadingContext } from './report';

/** The band that a coil's resistance is judged by, and whose it is. */
export interface CoilBand {
  readonly min: number;
  readonly max: number;
  readonly atCelsius: number;
  readonly from: 'manual' | 'other-side' | 'generic' | 'own-sensor';
  /** The other side's reading at the band's temperature, where there is one. */
  readonly otherSideOhm: number | null;
}

type MeterPoint = 'sensor' | 'module-end';

/** The last steady resistance of a channel's coil in the stage, corrected; null when there is none that could be a coil. */
function coilReading(context: ReadingContext, channel: Channel, point: MeterPoint, atCelsius: number): number | null {
  const fits = ofKind(context, 'meter').filter(
    (meter) => meter.channel === channel && meter.point === point && meter.quantity === 'resistance' && !meter.unsteady,
  );
  const value = fits.at(-1)?.value;
  const [least, most] = COILS_DIFFER.couldBe;
  if (typeof value !== 'number' || value < least || value > most) return null;
  return copperAt(value, fits.at(-1)?.temperature ?? 20, atCelsius);
}

/** At the module's end a coil reads as at its own plug plus a few ohm: what is more lies in between. */
function bandBeyondPlug(channel: Channel, context: ReadingContext, plain: CoilBand): CoilBand {
  const own = coilReading(context, channel, 'sensor', plain.atCelsius);
  if (own === null || own < plain.min || own > plain.max) return plain;
  const [min, max] = [own * (1 - COILS_DIFFER.readings), own * (1 + COILS_DIFFER.readings) + COILS_DIFFER.wiresOhm];
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
  const atCelsius = manual?.at ?? USUAL_COIL_BAND.at;
  const other = otherSide(channel, context.vehicle.channels);
  const otherSideOhm = other && coilReading(context, other, point, atCelsius);
  if (manual) return { min: manual.min, max: manual.max, atCelsius, from: 'manual', otherSideOhm };
  const { min, max } = USUAL_COIL_BAND;
  if (otherSideOhm !== null && otherSideOhm >= min && otherSideOhm <= max)
    return {
      min: otherSideOhm * (1 - COILS_DIFFER.sides),
      max: otherSideOhm * (1 + COILS_DIFFER.sides),
      atCelsius,
      from: 'other-side',
      otherSideOhm,
    };
  return { min, max, atCelsius, from: 'generic', otherSideOhm };
}
