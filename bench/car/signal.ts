import { ringPitchM, spacingLoss } from '../../core/vehicle/gap';
import type { Chance } from '../chance';
import { AS_FITTED, isOpen, NODES, wiringOf, type Manner, type Place } from '../circuit/wiring';
import { solve } from '../circuit/network';
import { AT_REST, SOUND_GAP_M, type Car, type Corner, type Moment, type Shaky } from './corner';

/** A sound passive corner is heard from this road speed on, km/h; the e.m.f. grows with speed. */
const SOUND_CUT_IN_KMH = 3.5;
/** Field that an active sensor's threshold needs, as a share of a sound one's. */
const ACTIVE_THRESHOLD = 0.22;
/** Load of the module's input on a passive sensor, ohm. */
const INPUT_OHM = 20_000;

/** What a corner gives when its wheel turns. */
export interface Signal {
  /** Road speed from which the module hears it, km/h; Infinity: never. */
  readonly cutInKmh: number;
  /** Share by which the field falls once a turn, 0 to 1. */
  readonly dip: number;
  /** Its speed over the true one. */
  readonly ratio: number;
  readonly direction: 'right' | 'none';
}

/** Field at the tip, as a share of a sound corner's, farthest and nearest in one turn. */
function fieldOf(corner: Corner): { readonly strong: number; readonly weak: number } {
  const pitch = ringPitchM(corner.ring.diameterM, corner.ring.teeth);
  const wander = corner.ring.runoutM + corner.bearingPlayM;
  const base = corner.sensor.strength * (1 - corner.ring.debris) * (1 - corner.sensor.dirt);
  const strong = base * spacingLoss(corner.gapM - SOUND_GAP_M, pitch);
  const weak = base * spacingLoss(corner.gapM - SOUND_GAP_M + wander, pitch);
  return { strong, weak };
}

/** Where a passive sensor's e.m.f. is taken off, what loads it there, and what is apart meanwhile. */
interface Tap {
  readonly nodes: readonly [string, string];
  readonly loadOhm: number;
  readonly manner: Manner;
}

const AT_MODULE = { nodes: NODES.input, loadOhm: INPUT_OHM } as const;

/** Share of a passive sensor's e.m.f. that arrives at a tap: the divider of coil, wires and load. */
function arriving(corner: Corner, celsius: number, tap: Tap, chance: Chance): number {
  const wiring = wiringOf(corner, tap.manner, celsius, chance);
  const [coil, ...others] = wiring.resistors;
  if (!coil) return 0;
  const [from, to] = tap.nodes;
  const volts = solve({
    resistors: [...others, { from, to, ohm: tap.loadOhm }],
    sources: [{ from: coil.from, to: coil.to, volt: 1, ohm: coil.ohm }],
  });
  return Math.abs((volts.get(to) ?? 0) - (volts.get(from) ?? 0));
}

/** E.m.f. of a sound passive sensor at one turn a second, volt. */
const SPIN_VOLT = 0.35;

/**
 * What a voltmeter shows of a passive sensor while its wheel is spun by hand, one turn a second.
 * @param corner the corner. @param car what it shares. @param tap where the probes sit. @param chance draws the moment of shaky conductors.
 * @returns volt, 0 or more; 0 for an active sensor. The meter's own input is the load.
 * @example spinVolt(ACTIVE_WHEEL, ACTIVE, { nodes: ['s1', 's2'], loadOhm: 1e7, manner: {} }, chance()) // => 0
 */
export function spinVolt(corner: Corner, car: Car, tap: Tap, chance: Chance): number {
  if (corner.type === 'active') return 0;
  return SPIN_VOLT * fieldOf(corner).strong * arriving(corner, car.partCelsius, tap, chance);
}

/** Whether one of a corner's bad conductors is open at this moment. */
function isBroken(corner: Corner, moment: Moment, chance: Chance): boolean {
  const open = ({ shaky }: { readonly shaky: Shaky | null }, part: Place): boolean =>
    isOpen(shaky, part, moment, chance);
  return (
    open(corner.sensor, 'sensor') ||
    open(corner.lead, 'lead') ||
    open(corner.plug, 'lead') ||
    open(corner.loom, 'loom') ||
    open(corner.modulePlug, 'module')
  );
}

/**
 * Whether an active sensor is fed and heard: no break, no short, enough volts left.
 * @example isFed(brokenWheel('lead-open', ACTIVE), ACTIVE, chance()) // => false
 */
export function isFed(corner: Corner, car: Car, chance: Chance, moment: Moment = AT_REST): boolean {
  const pairs = [corner.lead, corner.plug, corner.loom, corner.modulePlug];
  const series = pairs.reduce((sum, pair) => sum + pair.ohm[0] + pair.ohm[1], 0);
  const shorted = pairs.some((pair) => Math.min(pair.bridgeOhm, ...pair.toGroundOhm, pair.toSupplyOhm) < 300);
  const isStill = corner.sensor.chip === 'mute' || corner.sensor.chip === 'frozen';
  const dead = isStill || corner.sensor.coilOhm < 200 || corner.sensor.insulationOhm < 2000;
  return (
    !isBroken(corner, moment, chance) && !shorted && !dead && series < 250 && car.batteryVolt - car.feedDropVolt > 7
  );
}

/**
 * The signal of a corner as its module hears it, at this moment.
 * Passive: a wire that touches a feed drives the input out of its range; else e.m.f. ∝ speed · exp(−2π·gap/pitch) (spacing loss, Wallace 1951). Active: heard where the field passes a threshold, down to standstill.
 * @param corner the corner. @param car what it shares. @param chance draws whether bad conductors open. @param moment what acts on the car. @returns the signal.
 * @example signalOf(brokenWheel('lead-open'), SOUND, chance()).cutInKmh // => Infinity
 */
export function signalOf(corner: Corner, car: Car, chance: Chance, moment: Moment = AT_REST): Signal {
  const { strong, weak } = fieldOf(corner);
  const dip =
    corner.ring.missingTeeth > 0 ? Math.min(1, 0.35 * corner.ring.missingTeeth) : 1 - weak / Math.max(1e-9, strong);
  const ratio = (corner.ring.kind === 'wrong-count' ? corner.ring.teeth / 48 : 1) * (1.95 / corner.circumferenceM);
  const common = {
    dip,
    ratio,
    direction: corner.sensor.chip === 'no-direction' ? ('none' as const) : ('right' as const),
  };
  if (!corner.inputWorks) return { ...common, cutInKmh: Infinity };
  if (corner.type === 'active') {
    const heard = isFed(corner, car, chance, moment) && corner.ring.kind !== 'reversed' && strong > ACTIVE_THRESHOLD;
    return { ...common, cutInKmh: heard ? 0.5 : Infinity };
  }
  if (corner.loom.toSupplyOhm < INPUT_OHM) return { ...common, cutInKmh: Infinity };
  const share =
    strong * arriving(corner, car.partCelsius, { ...AT_MODULE, manner: { ...AS_FITTED, ...moment } }, chance);
  return { ...common, cutInKmh: share > 0.005 ? SOUND_CUT_IN_KMH / share : Infinity };
}
