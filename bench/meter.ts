import type { ObservationOf } from '../core/casefile/contract';
import type { MeterPoint, Quantity } from '../core/casefile/words';
import type { Car, Corner } from './car/corner';
import { isFed, signalOf, spinVolt } from './car/signal';
import type { Chance } from './chance';
import { GROUND, ohmBetween, voltBetween, type Network } from './circuit/network';
import { AS_FITTED, NODES, powered, wiringOf, type Manner } from './circuit/wiring';

type Meter = ObservationOf<'meter'>;

/** A low-cost autoranging meter: accuracy in percent of reading and counts, four thousand of them. */
const PERCENT = 1;
const COUNTS = 2;
const DISPLAY = 4_000;
/** Its highest range, ohm. */
const MOST_OHM = 40e6;
/** Its input impedance on volts, ohm. */
const INPUT_OHM = 1e7;
/** Probes slip or leads are bad this often, and then read open. */
const BAD_CONTACT = 0.004;
/** The lower of an active sensor's two current levels, ampere. */
const IDLE_A = 0.007;
/** Readings taken while something is moved. */
const MOVED_MOMENTS = 8;

const APART: Manner = { ...AS_FITTED, sensorPlug: 'apart' };
const BOTH_APART: Manner = { ...APART, modulePlug: 'apart' };

interface Probes {
  readonly from: string;
  readonly to: string;
  readonly manner: Manner;
}

/** Where the probes sit for each point, and what must be apart. */
const PROBES = {
  sensor: { from: NODES.leadEnd[0], to: NODES.leadEnd[1], manner: APART },
  'sensor-to-ground': { from: NODES.leadEnd[0], to: NODES.metal, manner: APART },
  'module-end': { from: NODES.loomFar[0], to: NODES.loomFar[1], manner: { ...AS_FITTED, modulePlug: 'apart' } },
  'wire-1': { from: NODES.loomNear[0], to: NODES.loomFar[0], manner: BOTH_APART },
  'wire-2': { from: NODES.loomNear[1], to: NODES.loomFar[1], manner: BOTH_APART },
  'wire-1-to-ground': { from: NODES.loomNear[0], to: GROUND, manner: BOTH_APART },
  'wire-2-to-ground': { from: NODES.loomNear[1], to: GROUND, manner: BOTH_APART },
  'wire-to-wire': { from: NODES.loomNear[0], to: NODES.loomNear[1], manner: BOTH_APART },
  'supply-at-plug': { from: NODES.loomNear[1], to: NODES.loomNear[0], manner: APART },
} as const satisfies Partial<Record<MeterPoint, Probes>>;

/** One count of the range that a value falls into. */
export function countOf(value: number): number {
  const size = Math.max(Math.abs(value), 1e-3);
  return 10 ** Math.ceil(Math.log10(size / DISPLAY));
}

/**
 * What the display shows of a true value.
 * @param value in the quantity's unit. @param chance draws the meter's error.
 * @returns value rounded to its count, and the count.
 */
export function shown(value: number, chance: Chance): { readonly value: number; readonly resolution: number } {
  const resolution = countOf(value);
  const error = (value * PERCENT * chance.gaussian()) / 300 + (COUNTS * resolution * chance.gaussian()) / 3;
  return { value: Math.max(0, Math.round((value + error) / resolution) * resolution), resolution };
}

function ohmsAt(point: MeterPoint, corner: Corner, car: Car, moved: Manner['moved'], chance: Chance): number {
  const probes = (PROBES as Readonly<Partial<Record<MeterPoint, Probes>>>)[point];
  if (!probes) return Infinity;
  if (corner.loom.crossedWith && (point === 'wire-1' || point === 'wire-2')) return Infinity;
  const wiring = wiringOf(corner, { ...probes.manner, moved }, car.partCelsius, chance);
  return ohmBetween(wiring, probes.from, probes.to);
}

function resistance(
  point: MeterPoint,
  corner: Corner,
  car: Car,
  isWiggle: boolean,
  chance: Chance,
): Partial<Meter> & { value: Meter['value'] } {
  if (chance.hits(BAD_CONTACT)) return { value: 'overload' };
  const moved = !isWiggle ? 'nothing' : point.startsWith('wire') ? 'loom' : 'lead';
  const moments = Array.from({ length: isWiggle ? MOVED_MOMENTS : 1 }, () => ohmsAt(point, corner, car, moved, chance));
  const least = Math.min(...moments);
  const most = Math.max(...moments);
  const unsteady = most > least * 1.25 + 1 ? { unsteady: true } : {};
  const ohm = unsteady.unsteady ? least : most;
  if (ohm > MOST_OHM) return { value: 'overload', ...unsteady };
  return { ...shown(ohm, chance), ...unsteady };
}

/** Volt as the meter reads it: its own input loads what it measures, so that a broken wire shows next to nothing. */
function loaded(network: Network, from: string, to: string): number {
  const input = { from, to, ohm: INPUT_OHM };
  return Math.max(0, voltBetween({ ...network, resistors: [...network.resistors, input] }, from, to));
}

function volts(point: MeterPoint, corner: Corner, car: Car, chance: Chance): number {
  const feed = car.batteryVolt - car.feedDropVolt;
  if (point === 'supply-at-plug') {
    const network = powered(wiringOf(corner, APART, car.partCelsius, chance), corner, feed);
    return loaded(network, NODES.loomNear[1], NODES.loomNear[0]);
  }
  const wiring = wiringOf(corner, BOTH_APART, car.partCelsius, chance);
  const fed: Network = { ...wiring, sources: [{ from: GROUND, to: NODES.fed, volt: feed, ohm: 0.1 }] };
  return loaded(fed, GROUND, point === 'wire-2-to-ground' ? NODES.loomNear[1] : NODES.loomNear[0]);
}

/** Supply current of an active sensor, ampere: one of its two levels, its idle level where it is frozen, none where nothing flows. */
function currentOf(corner: Corner, car: Car, chance: Chance): number {
  if (corner.type !== 'active' || !corner.isFed) return 0;
  const { chip } = corner.sensor;
  if (chip === 'mute' || !isFed({ ...corner, sensor: { ...corner.sensor, chip: 'works' } }, car, chance)) return 0;
  return chip === 'frozen' ? IDLE_A : chance.pick([IDLE_A, 2 * IDLE_A]);
}

/**
 * One reading with the multimeter, every one agreeing with every other because all come from the same network.
 * @param corner the channel; null for battery and module's feed. @param car the car. @param point where the probes are.
 * @param quantity what is measured. @param how `wiggle` while flexing, `hand-spin`, `cranking`. @param chance draws.
 * @returns the observation without its id.
 */
export function readMeter(
  corner: Corner | null,
  car: Car,
  point: MeterPoint,
  quantity: Quantity,
  how: NonNullable<Meter['while']>,
  chance: Chance,
): Omit<Meter, 'id'> {
  const at = corner ? { channel: corner.channel } : {};
  const base = { kind: 'meter' as const, point, quantity, ...at, ...(how === 'still' ? {} : { while: how }) };
  if (!corner) {
    const volt =
      point === 'module-supply'
        ? car.batteryVolt - car.feedDropVolt
        : how === 'cranking'
          ? car.crankingVolt
          : car.batteryVolt;
    return { ...base, ...shown(volt, chance) };
  }
  if (quantity === 'resistance') {
    const temperature = point === 'sensor' || point === 'module-end' ? { temperature: car.partCelsius } : {};
    return { ...base, ...temperature, ...resistance(point, corner, car, how === 'wiggle', chance) };
  }
  if (quantity === 'ac-voltage') {
    const { from, to, manner } = PROBES[point === 'sensor' ? 'sensor' : 'module-end'];
    const tap = { nodes: [from, to] as const, loadOhm: INPUT_OHM, manner };
    const volt = spinVolt(corner, car, tap, chance) * chance.between(0.8, 1.2);
    const { dip } = signalOf(corner, car, chance);
    return {
      ...base,
      while: 'hand-spin',
      ...shown(volt, chance),
      ...(dip > 0.25 && volt > 0.01 ? { unsteady: true } : {}),
    };
  }
  if (quantity === 'dc-current') return { ...base, ...shown(currentOf(corner, car, chance), chance) };
  return { ...base, ...shown(volts(point, corner, car, chance), chance) };
}
