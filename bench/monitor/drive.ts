import { AT_REST, type Car, type Corner, type Moment } from '../car/corner';
import type { Chance } from '../chance';
import type { Strategy } from './strategy';
import { electricalTest, keyOnTest, motionTest, type Finding } from './tests';

/** A finding on the road, with what acted on the car when it came up. */
export interface MovingFinding extends Finding {
  readonly moment: Moment;
  readonly kmh: number;
}

/** All that one drive brought out. */
export interface Trip {
  readonly isWet: boolean;
  readonly atKeyOn: readonly Finding[];
  readonly moving: readonly MovingFinding[];
  /** Whether any finding came up in some moments only. */
  readonly isPassing: boolean;
}

const SHAKEN: Moment = { ...AT_REST, moved: 'all' };
const HOT: Moment = { ...AT_REST, isHot: true };

/** A mixed drive of some minutes: smooth, a rough road, a bend; and all again once the car is warm. */
const ROAD: readonly { readonly moment: Moment; readonly kmh: number }[] = [
  { moment: AT_REST, kmh: 30 },
  { moment: SHAKEN, kmh: 40 },
  { moment: { ...SHAKEN, isSteered: true }, kmh: 20 },
  { moment: { ...SHAKEN, isHot: true }, kmh: 50 },
  { moment: { ...HOT, isSteered: true }, kmh: 25 },
  { moment: HOT, kmh: 60 },
];

/**
 * Whether any conductor of a corner opens now and then.
 * @example isShaky(brokenWheel('lead-intermittent')) // => true
 */
export function isShaky({ sensor, lead, plug, loom, modulePlug }: Corner): boolean {
  return [sensor, lead, plug, loom, modulePlug].some((sensor) => sensor.shaky !== null);
}

/**
 * The moments of a drive in this weather.
 * @example momentsOf(true).every(({ moment }) => moment.isWet) // => true
 */
export function momentsOf(isWet: boolean): readonly { readonly moment: Moment; readonly kmh: number }[] {
  return ROAD.map(({ moment, kmh }) => ({ moment: { ...moment, isWet }, kmh }));
}

/** A corner without a bad conductor is the same at every moment: one look is enough. */
function circuitOnRoad(corner: Corner, car: Car, isWet: boolean, strategy: Strategy, chance: Chance): MovingFinding[] {
  const moments = momentsOf(isWet);
  const asked = isShaky(corner) ? moments : moments.slice(0, 1);
  const found = asked.flatMap(({ moment, kmh }): MovingFinding[] => {
    const byte = electricalTest(corner, car, moment, strategy, chance);
    return byte ? [{ channel: corner.channel, byte, by: 'circuit', moment, kmh }] : [];
  });
  const hasPassed = found.length > 0 && found.length < asked.length;
  return hasPassed ? found.map((finding) => ({ ...finding, byte: strategy.passingByte ?? finding.byte })) : found;
}

/**
 * Key on, then a drive: the electrical test again and again while all shakes, warms and bends, and the comparison of wheels.
 * @param car the car. @param isWet the weather. @param strategy of its module. @param chance draws. @returns what was found, a finding a channel.
 * @example driveTrip(SOUND, false, MODULE, chance()).moving // => []
 */
export function driveTrip(car: Car, isWet: boolean, strategy: Strategy, chance: Chance): Trip {
  const atKeyOn = keyOnTest(car, strategy, chance);
  let isPassing = false;
  const moving = car.corners.flatMap((corner): MovingFinding[] => {
    const found = circuitOnRoad(corner, car, isWet, strategy, chance);
    if (isShaky(corner) && found.length < ROAD.length) isPassing ||= found.length > 0;
    if (found.length > 0) return found;
    const byte = motionTest(corner, car, strategy, chance);
    const kmh = strategy.comparesFromKmh;
    return byte ? [{ channel: corner.channel, byte, by: 'signal', moment: AT_REST, kmh }] : [];
  });
  return { isWet, atKeyOn, moving, isPassing };
}
