import type { ObservationOf } from '../casefile/contract';
import type { Channel } from '../casefile/words';
import * as loom from '../knowledge/tables/meterLoom';
import * as sensor from '../knowledge/tables/meterSensor';
import * as signal from '../knowledge/tables/meterSignal';
import { bothTypes } from '../knowledge/tables/table';
import { split } from '../quantities/verdict';
import { otherSide } from '../vehicle/channels';
import { coilBand } from './coilBand';
import { coilVerdict, halfWidthOf } from './coilVerdict';
import { ofKind, saw, sawSoftly, statedType, type ReadingContext, type Reading } from './report';
import { texts } from '#words/core/evidence';

type Meter = ObservationOf<'meter'>;

/** Ranges below this show overload on sound coils too. */
const FULL_COIL_RANGE_OHM = 20_000;
const INSULATED_OHM = 1e6;
const SHORT_OHM = 1e3;
const GOOD_WIRE_OHM = 5;

const VOID_ACTIVE = texts.voidAcrossAnActive;

function readCoil(meter: Meter, channel: Channel | null, context: ReadingContext): Reading {
  if (statedType(context, channel) === 'active') return { ignored: VOID_ACTIVE };
  const check = meter.point === 'sensor' ? sensor.SENSOR_RESISTANCE : sensor.MODULE_END;
  if (meter.while === 'wiggle' && meter.point === 'sensor') {
    const outcome = meter.value === 'overload' ? 'open' : meter.unsteady ? 'unsteady' : 'steady';
    return saw(meter, channel, sensor.SENSOR_WIGGLE, outcome);
  }
  if (meter.unsteady) return saw(meter, channel, check, 'unsteady');
  const where = channel ?? context.vehicle.channels[0] ?? 'front-left';
  if (meter.value === 'overload') return sawSoftly(meter, channel, check, overloadFits(meter, where, context));
  return sawSoftly(meter, channel, check, coilVerdict(meter, where, context)?.fits ?? {});
}

/** Overload on a range too small for the coil is weak evidence of an open circuit. */
function overloadFits(meter: Meter, channel: Channel, context: ReadingContext): Record<string, number> {
  const range = meter.range ?? Infinity;
  if (range >= FULL_COIL_RANGE_OHM) return { open: 1, high: 0.2 };
  const band = coilBand(channel, meter.point === 'module-end' ? 'module-end' : 'sensor', context);
  const sound = range < band.min ? 1 : range < band.max ? 0.7 : 0.15;
  return { open: 1, high: 1, inside: sound };
}

function readSpinVoltage(meter: Meter, channel: Channel | null, context: ReadingContext): Reading {
  if (statedType(context, channel) === 'active') return { ignored: VOID_ACTIVE };
  if (meter.while !== 'hand-spin') return { ignored: texts.voidTheWheelWas };
  const check = meter.point === 'sensor' ? signal.SENSOR_SPIN : signal.MODULE_SPIN;
  if (meter.unsteady) return saw(meter, channel, check, 'waver');
  if (meter.value === 'overload') return saw(meter, channel, check, 'normal');
  const least = context.vehicle.specs?.handSpinVoltage?.min ?? 0.1;
  if (meter.value >= 0.15 * least) {
    const shares = split(meter.value, halfWidthOf(meter, context) + 0.2 * meter.value, { min: least, max: null });
    return sawSoftly(meter, channel, check, { low: shares.below, normal: shares.inside });
  }
  return sawSoftly(
    meter,
    channel,
    check,
    believesZero(meter, channel, least, context) ? { none: 1, low: 0.1 } : { none: 1, low: 0.5, normal: 0.3 },
  );
}

/** A zero is believed when the meter could have shown the least voltage: told by its resolution, or by the other side. */
function believesZero(meter: Meter, channel: Channel | null, least: number, context: ReadingContext): boolean {
  const resolution = meter.resolution ?? (meter.range === undefined ? null : meter.range / 2000);
  if (resolution !== null) return resolution <= least / 5;
  const other = channel && otherSide(channel, context.vehicle.channels);
  return ofKind(context, 'meter').some(
    (observation) =>
      observation.channel === other &&
      observation.point === meter.point &&
      observation.quantity === 'ac-voltage' &&
      typeof observation.value === 'number' &&
      observation.value >= least,
  );
}

/** Measured battery voltage of the stage, else the nominal one. */
function batteryVolt(context: ReadingContext): number {
  const measured = ofKind(context, 'meter').filter((meter) => meter.point === 'battery' && meter.while !== 'cranking');
  const value = measured.at(-1)?.value;
  return typeof value === 'number' && value > 3 ? value : (context.vehicle.supplyNominal ?? 12);
}

function readSupply(meter: Meter, channel: Channel | null, context: ReadingContext): Reading {
  if (meter.value === 'overload') return { ignored: texts.voidOverloadOnA };
  if (ignitionIs(meter, false)) return { ignored: texts.voidTheIgnitionWas };
  const volt = Math.abs(meter.value);
  const enough = context.vehicle.specs?.supplyAtPlug?.min ?? 4.6;
  const outcome = volt < 0.8 ? 'none' : volt < enough ? 'low' : volt < 0.7 * batteryVolt(context) ? 'part' : 'full';
  return saw(meter, channel, loom.SUPPLY_AT_PLUG, outcome);
}

function ignitionIs(meter: Meter, on: boolean): boolean {
  return meter.ignition === on || meter.ignition === (on ? 'on' : 'off');
}

function readWire(meter: Meter, channel: Channel | null, context: ReadingContext): Reading {
  const check = loom.WIRES[wireOf(meter)];
  if (meter.ends !== undefined && meter.ends !== 'both-unplugged') return { ignored: texts.voidAnEndOf };
  if (meter.while === 'wiggle')
    return saw(meter, channel, loom.WIRE_WIGGLE, meter.unsteady || meter.value === 'overload' ? 'unsteady' : 'steady');
  if (meter.unsteady) return saw(meter, channel, check, 'unsteady');
  if (meter.value === 'overload')
    return sawSoftly(
      meter,
      channel,
      check,
      (meter.range ?? Infinity) >= FULL_COIL_RANGE_OHM ? { open: 1 } : { open: 1, some: 1 },
    );
  if (meter.value >= INSULATED_OHM) return saw(meter, channel, check, 'open');
  const shares = split(meter.value, halfWidthOf(meter, context), { min: null, max: GOOD_WIRE_OHM });
  return sawSoftly(meter, channel, check, { good: shares.inside, some: shares.above });
}

/** Which of the channel's two wires a reading was of. */
function wireOf(meter: Meter): 1 | 2 {
  return meter.point.startsWith('wire-2') ? 2 : 1;
}

function readInsulation(meter: Meter, channel: Channel | null): Reading {
  const check =
    meter.point === 'wire-to-wire'
      ? loom.WIRE_TO_WIRE
      : meter.point === 'sensor-to-ground'
        ? sensor.SENSOR_TO_GROUND
        : loom.WIRES_TO_GROUND[wireOf(meter)];
  const poor = meter.point === 'sensor-to-ground' ? 'leak' : 'short';
  if (meter.value === 'overload') {
    const range = meter.range ?? Infinity;
    if (range <= 200) return { ignored: texts.voidOverloadOnThe };
    return sawSoftly(
      meter,
      channel,
      check,
      range >= INSULATED_OHM ? { insulated: 1 } : { insulated: 1, leak: range >= 20_000 ? 0.5 : 0.9 },
    );
  }
  if (meter.value >= INSULATED_OHM) return saw(meter, channel, check, 'insulated');
  if (meter.ends !== undefined && meter.ends !== 'both-unplugged' && meter.point !== 'sensor-to-ground')
    return { ignored: texts.voidAnEndOf };
  return saw(meter, channel, check, meter.value < SHORT_OHM ? poor : 'leak');
}

function readBattery(meter: Meter, context: ReadingContext): Reading {
  if (meter.value === 'overload') return { ignored: texts.voidOverloadOnA };
  const scale = (context.vehicle.supplyNominal ?? 12) / 12;
  const cranking = meter.while === 'cranking';
  const least = (meter.point === 'module-supply' ? 11 : cranking ? 9.6 : 12.4) * scale;
  const table =
    meter.point === 'module-supply' ? loom.MODULE_SUPPLY : cranking ? loom.BATTERY_CRANKING : loom.BATTERY_REST;
  const shares = split(meter.value, halfWidthOf(meter, context), { min: least, max: null });
  return sawSoftly(meter, null, bothTypes(table), { well: shares.inside, low: shares.below });
}

function readCurrent(meter: Meter, channel: Channel | null, context: ReadingContext): Reading {
  if (statedType(context, channel) === 'passive') return { ignored: texts.voidAPassiveSensor };
  const ampere = meter.value === 'overload' ? 1 : Math.abs(meter.value);
  return saw(meter, channel, signal.SENSOR_CURRENT, ampere < 0.002 ? 'none' : ampere > 0.035 ? 'high' : 'normal');
}

/**
 * Turns a meter reading into a report: the number judged against its band, as softly as its uncertainty asks.
 * @param meter the observation. @param channel its channel, null where unknown. @param context the stage it was made in.
 * @returns the report, or why it is void: wrong range, fed circuit, end still plugged in, or a sensor type it says nothing of.
 * @example Object.keys(readMeter(CASE.observations[2], 'front-right', STAGE).reports[0].fits) // => ["low","inside","high"]
 */
export function readMeter(meter: Meter, channel: Channel | null, context: ReadingContext): Reading {
  if (meter.quantity === 'resistance' && ignitionIs(meter, true)) return { ignored: texts.voidOhmsOnA };
  switch (meter.point) {
    case 'sensor':
    case 'module-end':
      return meter.quantity === 'ac-voltage'
        ? readSpinVoltage(meter, channel, context)
        : readCoil(meter, channel, context);
    case 'wire-1':
    case 'wire-2':
      return readWire(meter, channel, context);
    case 'wire-1-to-ground':
    case 'wire-2-to-ground':
      if (meter.quantity === 'dc-voltage')
        return saw(
          meter,
          channel,
          loom.WIRE_VOLTAGE,
          meter.value !== 'overload' && Math.abs(meter.value) < 0.8 ? 'none' : 'some',
        );
      return readInsulation(meter, channel);
    case 'sensor-to-ground':
    case 'wire-to-wire':
      return readInsulation(meter, channel);
    case 'supply-at-plug':
      return readSupply(meter, channel, context);
    case 'sensor-current':
      return readCurrent(meter, channel, context);
    case 'battery':
    case 'module-supply':
      return readBattery(meter, context);
    default:
      return meter.point satisfies never;
  }
}
