import type { ObservationOf } from '../casefile/contract';
import type { Channel, SensorType } from '../casefile/words';
import * as loom from '../knowledge/tables/meterLoom';
import * as sensor from '../knowledge/tables/meterSensor';
import * as signal from '../knowledge/tables/meterSignal';
import { bothTypes, type TypedTable } from '../knowledge/tables/table';
import { otherSide } from '../vehicle/channels';
import { copperAt } from '../quantities/copper';
import { joinHalfWidths, temperatureHalfWidth, UNKNOWN_TEMPERATURE_KELVIN } from '../quantities/uncertainty';
import { COILS_DIFFER, USUAL_COIL_BAND, type Scale } from '../knowledge/outcomes/outcome';
import { coilBand, type CoilBand } from './coilBand';
import { usedLimit } from './limits';
import { halfWidthOf, knownResolution } from './meterAccuracy';
import { fitsOfFigure, fitsOfOverload, goodBand, isBorderline, usedScale, type UsedScale } from './onScale';
import { ofKind, kindAt, type ReadingContext } from './report';
import type { Verdict } from './verdict';
import { meterWording, voidVerdict } from './verdictWords';
import { texts } from '#words/core/evidence';

type Meter = ObservationOf<'meter'>;

/** A reading judged: the check that it answers and what it amounts to there; or why it counts for nothing. */
export type JudgedMeter =
  | { readonly check: TypedTable; readonly verdict: Verdict }
  | { readonly check: null; readonly why: string; readonly verdict: Verdict };

const isCoilPoint = ({ point }: Meter): boolean => point === 'sensor' || point === 'module-end';
const isFlexed = (meter: Meter): boolean => meter.while === 'wiggle';

/** The check that a reading answers. */
function checkOf(meter: Meter): TypedTable {
  switch (meter.point) {
    case 'sensor':
      if (meter.quantity === 'ac-voltage') return signal.SENSOR_SPIN;
      return isFlexed(meter) ? sensor.SENSOR_WIGGLE : sensor.SENSOR_RESISTANCE;
    case 'module-end':
      return meter.quantity === 'ac-voltage' ? signal.MODULE_SPIN : sensor.MODULE_END;
    case 'wire-1':
    case 'wire-2':
      return isFlexed(meter) ? loom.WIRE_WIGGLE : loom.WIRES[meter.point === 'wire-1' ? 1 : 2];
    case 'wire-1-to-ground':
    case 'wire-2-to-ground':
      if (meter.quantity === 'dc-voltage') return loom.WIRE_VOLTAGE;
      return loom.WIRES_TO_GROUND[meter.point === 'wire-1-to-ground' ? 1 : 2];
    case 'wire-to-wire':
      return loom.WIRE_TO_WIRE;
    case 'sensor-to-ground':
      return sensor.SENSOR_TO_GROUND;
    case 'supply-at-plug':
      return loom.SUPPLY_AT_PLUG;
    case 'sensor-current':
      return signal.SENSOR_CURRENT;
    case 'battery':
      return bothTypes(meter.while === 'cranking' ? loom.BATTERY_CRANKING : loom.BATTERY_REST);
    case 'module-supply':
      return bothTypes(loom.MODULE_SUPPLY);
    default:
      return meter.point satisfies never;
  }
}

const ignitionIs = ({ ignition }: Meter, on: boolean): boolean => ignition === on || ignition === (on ? 'on' : 'off');
const anEndIsIn = ({ ends }: Meter): boolean => ends !== undefined && ends !== 'both-unplugged';

/** The scale of a check for a kind of sensor; where the kind is open, that of a fed one. */
function scaleFor(check: TypedTable, kind: SensorType | null): Scale | null {
  return ((kind ? check[kind] : check.active) ?? check.passive)?.scale ?? null;
}

/**
 * The scale that a reading is judged on.
 * @param meter the reading. @param context the stage: the kind of sensor. @returns the scale, as `knowledge` has it.
 * @example scaleOf(CASE.observations[2], STAGE).unit // => "Ω"
 */
export function scaleOf(meter: Meter, context: ReadingContext): Scale | null {
  return scaleFor(checkOf(meter), kindAt(context, meter.channel ?? null));
}

/** Why a reading would say nothing where it was taken; null where it may. */
function voidReason(meter: Meter, kind: SensorType | null): string | null {
  if (meter.quantity === 'resistance' && ignitionIs(meter, true)) return texts.voidOhmsOnA;
  const isOverload = meter.value === 'overload';
  switch (meter.point) {
    case 'sensor':
    case 'module-end':
      if (kind === 'active') return texts.voidAcrossAnActive;
      return meter.quantity === 'ac-voltage' && meter.while !== 'hand-spin' ? texts.voidTheWheelWas : null;
    case 'wire-1':
    case 'wire-2':
      return anEndIsIn(meter) ? texts.voidAnEndOf : null;
    case 'supply-at-plug':
      if (isOverload) return texts.voidOverloadOnA;
      return ignitionIs(meter, false) ? texts.voidTheIgnitionWas : null;
    case 'sensor-current':
      return kind === 'passive' ? texts.voidAPassiveSensor : null;
    case 'battery':
    case 'module-supply':
      return isOverload ? texts.voidOverloadOnA : null;
    default:
      return null;
  }
}

/** How far the figure may be off because nobody knows how warm the part was, kelvin. */
function temperatureSpread(meter: Meter, context: ReadingContext): number {
  if (meter.temperature !== undefined) return 0;
  const before = context.stage[(context.positions.get(meter.id) ?? 0) - 1];
  return before?.kind === 'drive' ? UNKNOWN_TEMPERATURE_KELVIN.driven : UNKNOWN_TEMPERATURE_KELVIN.rested;
}

interface Corrected {
  readonly value: number;
  readonly halfWidth: number;
}

/** A figure under the conditions of its limits: a coil's at the temperature of its band, a feed without its sign. */
function corrected(value: number, meter: Meter, { scale, band, context }: UsedScale): Corrected {
  const own = halfWidthOf(meter, context);
  if (!band) return { value: Math.abs(value), halfWidth: own + (scale.doing ?? 0) * Math.abs(value) };
  const ohm = copperAt(value, meter.temperature ?? USUAL_COIL_BAND.at, band.atCelsius);
  const stretched = value > 0 ? ohm / value : 1;
  const warmth = temperatureHalfWidth(ohm, temperatureSpread(meter, context));
  return { value: ohm, halfWidth: joinHalfWidths([own * stretched, warmth]) };
}

/** A zero is believed when the meter could have shown the least voltage: told by its resolution, or by the other side. */
function isCoarse(meter: Meter, channel: Channel | null, { context }: UsedScale): boolean {
  const least = usedLimit({ manual: 'spin-voltage' }, null, context).value;
  const resolution = knownResolution(meter);
  if (resolution !== null) return resolution > least / 5;
  const other = channel && otherSide(channel, context.vehicle.channels);
  return !ofKind(context, 'meter').some(
    (seen) =>
      seen.channel === other &&
      seen.point === meter.point &&
      seen.quantity === meter.quantity &&
      typeof seen.value === 'number' &&
      seen.value >= least,
  );
}

/** Two sides that agree outvote a printed band in part. */
function outvoted(fits: Verdict['fits'], ohm: number, band: CoilBand | null): Verdict['fits'] {
  if (band?.from !== 'manual' || band.otherSideOhm === null) return fits;
  const agrees = Math.abs(ohm - band.otherSideOhm) <= band.otherSideOhm * COILS_DIFFER.sidesAgree;
  const isOff = fits['low'] !== undefined || fits['high'] !== undefined;
  return agrees && isOff ? { ...fits, inside: Math.max(COILS_DIFFER.outvoted, fits['inside'] ?? 0) } : fits;
}

/** What the display did, where that tells more than its figure: it jumped, or it was watched while the lead was flexed. */
function shown(meter: Meter, { scale }: UsedScale): Verdict['fits'] | null {
  const offScale = scale.outcomes.filter((outcome) => outcome.offScale).map(({ id }) => id);
  const [jumped] = offScale;
  if (meter.unsteady && jumped) return { [jumped]: 1 };
  if (!scale.flexed) return null;
  return meter.value === 'overload' ? { [offScale.at(-1) ?? '']: 1 } : { [scale.sound]: 1 };
}

/** The likeliest outcome, and whether another that would be taken otherwise is nearly as likely. */
function likeliest(fits: Verdict['fits'], { scale }: UsedScale) {
  const [best, next] = Object.entries(fits).sort(([, a], [, b]) => b - a);
  const outcome = scale.outcomes.find(({ id }) => id === best?.[0]) ?? scale.outcomes[0];
  const rival = scale.outcomes.find(({ id }) => id === next?.[0]);
  const isRivalled = rival !== undefined && rival.tone !== outcome?.tone && (next?.[1] ?? 0) > NEARLY_AS_LIKELY;
  return { outcome, isRivalled };
}

/** From this fit on the next outcome takes the certainty away from the first. */
const NEARLY_AS_LIKELY = 0.25;

function judgeOn(used: UsedScale, meter: Meter, channel: Channel | null): Verdict | null {
  const { scale } = used;
  const seen = shown(meter, used);
  const figure = seen || meter.value === 'overload' ? null : corrected(meter.value, meter, used);
  const raw =
    seen ??
    (figure
      ? fitsOfFigure(figure.value, figure.halfWidth, used, scale.doing !== undefined && isCoarse(meter, channel, used))
      : fitsOfOverload(meter.range ?? Infinity, used));
  if (!raw) return null;
  const fits = figure ? outvoted(raw, figure.value, used.band) : raw;
  const { outcome, isRivalled } = likeliest(fits, used);
  if (!outcome) return null;
  const isOpen = isRivalled || (figure !== null && isBorderline(figure.value, figure.halfWidth, used));
  const isClear = outcome.tone === 'plain' || !isOpen;
  return {
    topic: scale.topic,
    outcome: outcome.id,
    tone: isClear ? outcome.tone : 'borderline',
    ...meterWording({ meter, outcome, figure, used, isClear, isRivalled }),
    fits,
    good: isClear ? (outcome.good ?? []) : [],
    bad: isClear ? (outcome.bad ?? []) : [],
    ...(outcome.with ? { with: outcome.with } : {}),
    figure: figure && { ...figure, unit: scale.unit, ...goodBand(used) },
  };
}

/**
 * Judges a meter reading: the figure against the limits of its check's outcomes, as softly as its uncertainty asks.
 * @param meter the reading, in ohm, volt or ampere. @param channel its channel, null where unknown or of the car. @param context the stage it was made in.
 * @returns the check that it answers and its verdict; a void one with the reason where it says nothing: fed circuit, end still plugged in, wrong range, a kind of sensor that it says nothing of.
 * @example judgeMeter(CASE.observations[2], 'front-right', STAGE).verdict.outcome // => "inside"
 * @example judgeMeter({ ...CASE.observations[2], ignition: 'on' }, 'front-right', STAGE).verdict.tone // => "void"
 */
export function judgeMeter(meter: Meter, channel: Channel | null, context: ReadingContext): JudgedMeter {
  const nothing = (why: string): JudgedMeter => ({ check: null, why, verdict: voidVerdict(why) });
  const kind = kindAt(context, channel);
  const reason = voidReason(meter, kind);
  if (reason !== null) return nothing(reason);
  const check = checkOf(meter);
  const scale = scaleFor(check, kind);
  if (!scale) return nothing(texts.notCountedTellsNothing);
  const where = channel ?? context.vehicle.channels[0] ?? 'front-left';
  const isCoil = isCoilPoint(meter) && meter.quantity === 'resistance' && !isFlexed(meter);
  const band = isCoil ? coilBand(where, meter.point === 'module-end' ? 'module-end' : 'sensor', context) : null;
  const verdict = judgeOn(usedScale(scale, band, context), meter, channel);
  if (!verdict) return nothing(texts.voidOverloadOnThe);
  const isLeak = verdict.outcome !== scale.sound && meter.quantity === 'resistance';
  const isInsulation = meter.point === 'wire-to-wire' || checkIsToGround(meter);
  if (isLeak && isInsulation && anEndIsIn(meter)) return nothing(texts.voidAnEndOf);
  return { check, verdict };
}

const checkIsToGround = ({ point, quantity }: Meter): boolean =>
  (point === 'wire-1-to-ground' || point === 'wire-2-to-ground') && quantity === 'resistance';
