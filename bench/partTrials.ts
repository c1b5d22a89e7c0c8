import { AT_REST, BREAK_OHM, type Car, type Corner } from './car/corner';
import { signalOf } from './car/signal';
import { soundCorner } from './car/soundCar';
import type { Chance } from './chance';
import type { Seen } from './monitor/codes';
import { driveTrip } from './monitor/drive';
import type { Strategy } from './monitor/strategy';
import { electricalTest, keyOnTest } from './monitor/tests';

/** Trials without a meter: another sensor, or none. */

/** A wheel turned by hand must be heard from here on, km/h. */
const BY_HAND_KMH = 15;
const TRIES = 3;

/** A car of this one corner with another's sensor and lead in it. */
function withSensorOf(corner: Corner, other: Corner, car: Car): Car {
  return { ...car, corners: [{ ...corner, sensor: other.sensor, lead: other.lead }] };
}

function isQuietByHand(car: Car, strategy: Strategy, chance: Chance): boolean {
  const [corner] = car.corners;
  if (!corner) return false;
  const isQuiet = Array.from({ length: TRIES }, () => keyOnTest(car, strategy, chance)).every(
    (entry) => entry.length === 0,
  );
  const signal = signalOf(corner, car, chance);
  return isQuiet && signal.cutInKmh < BY_HAND_KMH && signal.dip < 0.3 && Math.abs(signal.ratio - 1) < 0.05;
}

/**
 * Tries a corner with another sensor, or with none.
 * @param kind `swap` with the twin and a drive, `substitute` a new one and a spin by hand, `unplug`. @param corner where. @param twin the corner whose sensor is exchanged, if there is one.
 * @param car the car. @param strategy of its module. @param chance draws. @returns the observation.
 * @example tryPart('substitute', brokenWheel('sensor-open'), null, broken('sensor-open'), MODULE, chance()).result // => "signal-normal"
 */
export function tryPart(
  kind: 'swap' | 'substitute' | 'unplug',
  corner: Corner,
  twin: Corner | null,
  car: Car,
  strategy: Strategy,
  chance: Chance,
): Seen {
  const { channel } = corner;
  const testing = { ...strategy, testsAtKeyOn: true };
  const fresh = soundCorner(channel, corner.type, 1200, chance);
  if (kind === 'substitute') {
    const isNormal = isQuietByHand(withSensorOf(corner, fresh, car), testing, chance);
    return { kind, channel, result: isNormal ? 'signal-normal' : 'fault-stayed' };
  }
  if (kind === 'unplug') {
    const open = { ...fresh.plug, ohm: [BREAK_OHM, BREAK_OHM] as const };
    const unplugged = { ...corner, lead: fresh.lead, sensor: fresh.sensor, plug: open };
    const before = electricalTest(corner, car, AT_REST, strategy, chance);
    const after = electricalTest(unplugged, car, AT_REST, strategy, chance);
    return { kind, channel, result: before !== null && before === after ? 'same-code' : 'different-code' };
  }
  const trip = twin && driveTrip(withSensorOf(corner, twin, car), false, testing, chance);
  const isQuiet = trip !== null && trip.atKeyOn.length + trip.moving.length === 0;
  const result = isQuiet ? 'fault-followed' : 'fault-stayed';
  return { kind, channel, with: twin?.channel ?? channel, result, putBack: true };
}
