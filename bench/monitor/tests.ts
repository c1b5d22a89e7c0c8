import type { Channel } from '../../core/casefile/words';
import { AT_REST, BREAK_OHM, type Car, type Corner, type Moment, type Pair } from '../car/corner';
import { signalOf } from '../car/signal';
import type { Chance } from '../chance';
import { GROUND, ohmBetween } from '../circuit/network';
import { AS_FITTED, NODES, wiringOf } from '../circuit/wiring';
import type { Strategy } from './strategy';

/** What a test found at one channel. */
export interface Finding {
  readonly channel: Channel;
  /** Failure type byte (ISO 15031-6). */
  readonly byte: string;
  /** The circuit itself, or what comparing wheels shows. */
  readonly by: 'circuit' | 'signal';
}

/** A bridge harder than this is a short to any input, ohm. */
const BRIDGE_OHM = 150;
const LEAK_OHM = 3_000;
const ACTIVE_SERIES_OHM = 250;
/** From here on a contact passes for broken. */
const BROKEN_OHM = 1e6;

function pairsOf(corner: Corner): readonly Pair[] {
  return [corner.lead, corner.plug, corner.loom, corner.modulePlug];
}

/** Faults that any input sees as a short, whichever sensor. */
function shortOf(corner: Corner): string | null {
  const pairs = pairsOf(corner);
  if (pairs.some((pair) => pair.toSupplyOhm < 1000)) return '12';
  if (pairs.some((pair) => Math.min(...pair.toGroundOhm) < LEAK_OHM) || corner.sensor.insulationOhm < LEAK_OHM)
    return '11';
  return pairs.some((pair) => pair.bridgeOhm < BRIDGE_OHM) ? '01' : null;
}

/**
 * The electrical test of one channel: what the module can measure from its own pins, at this moment.
 * @param corner the channel. @param car what it shares. @param moment what acts on the car. @param names what this make takes for a circuit, and how it names what it finds. @param chance draws.
 * @returns a failure type byte (ISO 15031-6), null when it passes.
 * @example electricalTest(brokenWheel('lead-open'), SOUND, { moved: 'nothing' }, MODULE, chance()) // => "13"
 */
export function electricalTest(
  corner: Corner,
  car: Car,
  moment: Moment,
  names: Pick<Strategy, 'openByte' | 'resistsByte' | 'coilOhm'>,
  chance: Chance,
): string | null {
  if (!corner.inputWorks) return '01';
  const short = shortOf(corner);
  if (short) return short;
  const wiring = wiringOf(corner, { ...AS_FITTED, ...moment }, car.partCelsius, chance);
  if (corner.type === 'active') {
    const series = ohmBetween({ resistors: wiring.resistors.slice(1), sources: [] }, NODES.input[0], NODES.sensor[0]);
    const back = ohmBetween({ resistors: wiring.resistors.slice(1), sources: [] }, NODES.input[1], NODES.sensor[1]);
    const way = wiring.resistors[0]?.ohm === BREAK_OHM ? BREAK_OHM : series + back;
    if (way > ACTIVE_SERIES_OHM) return way > BROKEN_OHM ? names.openByte : names.resistsByte;
    if (corner.sensor.coilOhm < 200) return '01';
    return corner.sensor.chip === 'mute' ? names.resistsByte : null;
  }
  const across = ohmBetween(wiring, NODES.input[0], NODES.input[1]);
  if (across > names.coilOhm.most) return across > BROKEN_OHM ? names.openByte : names.resistsByte;
  if (across < names.coilOhm.least) return '01';
  const leak = ohmBetween(wiring, NODES.input[1], GROUND);
  return leak < LEAK_OHM ? '11' : null;
}

/**
 * What comparing wheels on the road shows of one channel.
 * @example motionTest(brokenWheel('lead-open'), SOUND, MODULE, chance()) // => "31"
 */
export function motionTest(corner: Corner, car: Car, strategy: Strategy, chance: Chance): string | null {
  const signal = signalOf(corner, car, chance);
  if (signal.cutInKmh > strategy.comparesFromKmh) return strategy.silentByte;
  if (signal.dip > 0.3) return strategy.waversByte;
  if (Math.abs(signal.ratio - 1) > 0.06) return '64';
  if (corner.loom.crossedWith && chance.hits(0.7)) return '64';
  if (signal.direction === 'none' && chance.hits(0.4)) return '64';
  return null;
}

/**
 * The key-on test: still, before anything moves.
 * @example keyOnTest(broken('lead-open'), MODULE, chance()).map(({ channel, byte }) => `${channel} ${byte}`) // => ["front-left 13"]
 */
export function keyOnTest(car: Car, strategy: Strategy, chance: Chance): Finding[] {
  if (!strategy.testsAtKeyOn) return [];
  return car.corners.flatMap((corner): Finding[] => {
    const byte = electricalTest(corner, car, AT_REST, strategy, chance);
    return byte ? [{ channel: corner.channel, byte, by: 'circuit' }] : [];
  });
}
