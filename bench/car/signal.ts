import { ringPitchM, spacingLoss } from '../../core/vehicle/gap';
import type { Chance } from '../chance';
import { AS_FITTED, isOpen, NODES, wiringOf } from '../circuit/wiring';
import { solve } from '../circuit/network';
import { BREAK_OHM, SOUND_GAP_M, type Car, type Corner } from './corner';

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
  /** Peak volt of a passive one at 7 km/h at its plug. */
  readonly voltAtSpin: number;
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

/** Share of a passive sensor's e.m.f. that arrives at the module: the divider of coil, wires and input. */
function arriving(corner: Corner, celsius: number, chance: Chance): number {
  const wiring = wiringOf(corner, AS_FITTED, celsius, chance);
  const [coil, ...others] = wiring.resistors;
  if (!coil) return 0;
  const volts = solve({
    resistors: [...others, { from: NODES.input[0], to: NODES.input[1], ohm: INPUT_OHM }],
    sources: [{ from: coil.from, to: coil.to, volt: 1, ohm: coil.ohm }],
  });
  return Math.abs((volts.get(NODES.input[1]) ?? 0) - (volts.get(NODES.input[0]) ?? 0));
}

/** Whether an active sensor is fed and heard: no break, no short, enough volts left. */
export function isFed(corner: Corner, car: Car, chance: Chance): boolean {
  const pairs = [corner.lead, corner.plug, corner.loom, corner.modulePlug];
  const series = pairs.reduce((sum, one) => sum + one.ohm[0] + one.ohm[1], 0);
  const shorted = pairs.some((one) => Math.min(one.bridgeOhm, ...one.toGroundOhm, one.toSupplyOhm) < 300);
  const broken = pairs.some((one) => isOpen(one.shaky, false, chance)) || isOpen(corner.sensor.shaky, false, chance);
  const dead = corner.sensor.chip === 'mute' || corner.sensor.coilOhm < 200 || corner.sensor.insulationOhm < 2000;
  return !broken && !shorted && !dead && series < 250 && car.batteryVolt - car.feedDropVolt > 7;
}

/**
 * The signal of a corner as its module hears it, at this moment.
 * Passive: e.m.f. ∝ speed · exp(−2π·gap/pitch) (spacing loss, Wallace 1951). Active: heard where the field passes a threshold, down to standstill.
 * @param corner the corner. @param car what it shares. @param chance draws the moment of shaky conductors. @returns the signal.
 */
export function signalOf(corner: Corner, car: Car, chance: Chance): Signal {
  const { strong, weak } = fieldOf(corner);
  const dip =
    corner.ring.missingTeeth > 0 ? Math.min(1, 0.35 * corner.ring.missingTeeth) : 1 - weak / Math.max(1e-9, strong);
  const ratio = (corner.ring.kind === 'wrong-count' ? corner.ring.teeth / 48 : 1) * (1.95 / corner.circumferenceM);
  const common = {
    dip,
    ratio,
    direction: corner.sensor.chip === 'no-direction' ? ('none' as const) : ('right' as const),
  };
  if (!corner.inputWorks) return { ...common, cutInKmh: Infinity, voltAtSpin: 0.35 * strong };
  if (corner.type === 'active') {
    const heard = isFed(corner, car, chance) && corner.ring.kind !== 'reversed' && strong > ACTIVE_THRESHOLD;
    return { ...common, cutInKmh: heard ? 0.5 : Infinity, voltAtSpin: 0 };
  }
  const share = strong * arriving(corner, car.partCelsius, chance);
  const coilIsWhole = corner.sensor.coilOhm < BREAK_OHM / 2;
  return {
    ...common,
    cutInKmh: share > 0.005 ? SOUND_CUT_IN_KMH / share : Infinity,
    voltAtSpin: coilIsWhole && corner.lead.ohm.every((one) => one < 1e6) ? 0.35 * strong : 0,
  };
}
