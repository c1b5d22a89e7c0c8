import type { ObservationOf } from '../../core/casefile/contract';
import type { MeterPoint, Quantity } from '../../core/casefile/words';
import type { Car, Corner, Moment } from '../car/corner';
import { isFed, signalOf } from '../car/signal';
import type { Chance } from '../chance';
import { GROUND } from '../circuit/network';
import { AS_FITTED, NODES, type Manner } from '../circuit/wiring';
import { AUTORANGING, displayOf, type Display, type MeterKind } from './kinds';
import { ohmsAt, spinVoltsAt, voltsAt, type Probes } from './probing';

type Meter = ObservationOf<'meter'>;

/** Probes slip or leads are bad this often, and then read open. */
const BAD_CONTACT = 0.004;
/** The lower of an active sensor's two current levels, ampere. */
const IDLE_A = 0.007;
/** Readings taken while something is flexed and let go again. */
const MOVED_MOMENTS = 8;
/** The field that falls by more than this once a turn makes a reading waver; below the least one nothing is seen of it, volt. */
const WAVERS = 0.25;
const LEAST_VOLT = 0.01;

const APART: Manner = { ...AS_FITTED, sensorPlug: 'apart' };
const BOTH_APART: Manner = { ...APART, modulePlug: 'apart' };

/** Where the probes sit for each point of the contract, what must be apart, and what is flexed while they sit there. */
export const PROBES = {
  sensor: { from: NODES.leadEnd[0], to: NODES.leadEnd[1], manner: APART, flexes: 'lead' },
  'sensor-to-ground': { from: NODES.leadEnd[0], to: NODES.metal, manner: APART, flexes: 'lead' },
  'module-end': {
    from: NODES.loomFar[0],
    to: NODES.loomFar[1],
    manner: { ...AS_FITTED, modulePlug: 'apart' },
    flexes: 'lead',
  },
  'wire-1': { from: NODES.loomNear[0], to: NODES.loomFar[0], manner: BOTH_APART, flexes: 'loom' },
  'wire-2': { from: NODES.loomNear[1], to: NODES.loomFar[1], manner: BOTH_APART, flexes: 'loom' },
  'wire-1-to-ground': { from: GROUND, to: NODES.loomNear[0], manner: BOTH_APART, flexes: 'loom' },
  'wire-2-to-ground': { from: GROUND, to: NODES.loomNear[1], manner: BOTH_APART, flexes: 'loom' },
  'wire-to-wire': { from: NODES.loomNear[0], to: NODES.loomNear[1], manner: BOTH_APART, flexes: 'loom' },
  'supply-at-plug': { from: NODES.loomNear[1], to: NODES.loomNear[0], manner: APART, flexes: 'lead' },
} as const satisfies Partial<Record<MeterPoint, Probes & { readonly flexes: Moment['moved'] }>>;

type ProbedPoint = keyof typeof PROBES;
type Reading = Display & { readonly unsteady?: true };

function resistance(
  point: ProbedPoint,
  corner: Corner,
  car: Car,
  isWiggle: boolean,
  meter: MeterKind,
  chance: Chance,
): Reading {
  const shows = (ohm: number): Display => displayOf(ohm, 'resistance', meter, chance);
  if (chance.hits(BAD_CONTACT)) return shows(Infinity);
  const part = PROBES[point].flexes;
  const reading = (moved: Moment['moved']): number =>
    ohmsAt({ ...PROBES[point], manner: { ...PROBES[point].manner, moved } }, corner, car, chance);
  const moments = isWiggle
    ? Array.from({ length: MOVED_MOMENTS }, (_one, at) => reading(at % 2 === 0 ? part : 'nothing'))
    : [reading('nothing')];
  const [least, most] = [Math.min(...moments), Math.max(...moments)];
  return most > least * 1.25 + 1 ? { ...shows(least), unsteady: true } : shows(most);
}

/** Supply current of an active sensor, ampere: one of its two levels, its idle level where it is frozen, none where nothing flows. */
function currentOf(corner: Corner, car: Car, chance: Chance): number {
  if (corner.type !== 'active' || !corner.isFed) return 0;
  const { chip } = corner.sensor;
  if (chip === 'mute' || !isFed({ ...corner, sensor: { ...corner.sensor, chip: 'works' } }, car, chance)) return 0;
  return chip === 'frozen' ? IDLE_A : chance.pick([IDLE_A, 2 * IDLE_A]);
}

function spun(point: ProbedPoint, corner: Corner, car: Car, meter: MeterKind, chance: Chance): Reading {
  const volt = spinVoltsAt(PROBES[point], corner, car, chance) * chance.between(0.8, 1.2);
  const { dip } = signalOf(corner, car, chance);
  const display = displayOf(volt, 'ac-voltage', meter, chance);
  const isSeen = volt > LEAST_VOLT && volt > 2 * (display.resolution ?? 0);
  return { ...display, ...(dip > WAVERS && isSeen ? { unsteady: true as const } : {}) };
}

function beside(point: MeterPoint, car: Car, how: Meter['while']): number {
  if (point === 'module-supply') return car.batteryVolt - car.feedDropVolt;
  return how === 'cranking' ? car.crankingVolt : car.batteryVolt;
}

function isProbed(point: MeterPoint): point is ProbedPoint {
  return point in PROBES;
}

/**
 * One reading with the multimeter, every one agreeing with every other because all come from the same network.
 * @param corner the channel; null for battery and module's feed. @param car the car. @param point where the probes are.
 * @param quantity what is measured. @param how `wiggle` while flexing, `hand-spin`, `cranking`. @param chance draws. @param meter which multimeter.
 * @returns the observation without its id. @throws RangeError for a point at no channel that needs one.
 * @example readMeter(brokenWheel('sensor-open'), SOUND, 'sensor', 'resistance', 'rest', chance()).value // => "overload"
 */
export function readMeter(
  corner: Corner | null,
  car: Car,
  point: MeterPoint,
  quantity: Quantity,
  how: NonNullable<Meter['while']>,
  chance: Chance,
  meter: MeterKind = AUTORANGING,
): Omit<Meter, 'id'> {
  const at = corner ? { channel: corner.channel } : {};
  const base = { kind: 'meter' as const, point, quantity, ...at, ...(how === 'still' ? {} : { while: how }) };
  if (point === 'battery' || point === 'module-supply')
    return { ...base, ...displayOf(beside(point, car, how), quantity, meter, chance) };
  if (!corner) throw new RangeError(`"${point}" needs a channel`);
  if (quantity === 'dc-current')
    return { ...base, ...displayOf(currentOf(corner, car, chance), quantity, meter, chance) };
  if (!isProbed(point)) throw new RangeError(`nothing but current is measured at "${point}"`);
  if (quantity === 'resistance') {
    const temperature = point === 'sensor' || point === 'module-end' ? { temperature: car.partCelsius } : {};
    return { ...base, ...temperature, ...resistance(point, corner, car, how === 'wiggle', meter, chance) };
  }
  if (quantity === 'ac-voltage') return { ...base, while: 'hand-spin', ...spun(point, corner, car, meter, chance) };
  const volt = Math.max(0, voltsAt(PROBES[point], corner, car, chance));
  return { ...base, ...displayOf(volt, quantity, meter, chance) };
}
