import type { Car } from '../car/corner';
import type { Chance } from '../chance';
import { codeOf, echoesOf, floodCodes, sharedCodes, supplyFindings } from './codes';
import { driveTrip, type Trip } from './drive';
import { nextCycle, remembered, type Frame, type Memory } from './memory';
import type { Strategy } from './strategy';
import { keyOnTest } from './tests';

/** The control module at work: what it tests when, and what it keeps of it. */

/** Share of drives in the wet. */
export const WET_SHARE = 0.3;
const WARM_BY = 60;

function frameOf(car: Car, odometerKm: number, kmh: number, isHot: boolean): Frame {
  return { odometerKm, kmh, volt: car.batteryVolt + 1.4, celsius: car.partCelsius + (isHot ? WARM_BY : 0) };
}

/** What lasts beside the channels, at any key-on. */
function beside(car: Car, memory: Memory, strategy: Strategy, frame: Frame, chance: Chance): Memory {
  const shared = sharedCodes(car, strategy, chance);
  const supply = supplyFindings(car, chance).map((one) => codeOf(one, strategy));
  return [...shared, ...supply].reduce((kept, one) => remembered(kept, one, frame, strategy, true), memory);
}

/**
 * Key off and on: circuits are tested, what is found is there now; other modules miss what the brake module has given up.
 * @param car the car. @param memory before. @param strategy of its module. @param odometerKm now. @param chance draws.
 * @returns whether a channel failed, and memory.
 */
export function keyOn(
  car: Car,
  memory: Memory,
  strategy: Strategy,
  odometerKm: number,
  chance: Chance,
): { readonly found: boolean; readonly memory: Memory } {
  const frame = frameOf(car, odometerKm, 0, false);
  const found = keyOnTest(car, strategy, chance);
  const fresh = beside(car, nextCycle(memory, strategy, false), strategy, frame, chance);
  const kept = found.reduce((sum, one) => remembered(sum, codeOf(one, strategy), frame, strategy, true), fresh);
  return { found: found.length > 0, memory: kept };
}

/**
 * Key on, then a drive.
 * @param car the car. @param memory before. @param strategy of its module. @param odometerKm at its end. @param isWet the weather. @param chance draws.
 * @returns all that was found, and memory as the car stands again.
 */
export function onTheRoad(
  car: Car,
  memory: Memory,
  strategy: Strategy,
  odometerKm: number,
  isWet: boolean,
  chance: Chance,
): { readonly trip: Trip; readonly memory: Memory } {
  const trip = driveTrip(car, isWet, strategy, chance);
  const atKey = frameOf(car, odometerKm, 0, false);
  let kept = beside(car, nextCycle(memory, strategy, true), strategy, atKey, chance);
  for (const one of trip.atKeyOn) kept = remembered(kept, codeOf(one, strategy), atKey, strategy, true);
  const seen = new Set(trip.atKeyOn.map((one) => one.channel));
  for (const one of trip.moving) {
    if (seen.has(one.channel)) continue;
    seen.add(one.channel);
    const frame = frameOf(car, odometerKm, one.kmh, one.moment.isHot);
    kept = remembered(kept, codeOf(one, strategy), frame, strategy, false);
  }
  const flood = frameOf({ ...car, batteryVolt: car.crankingVolt - 1.4 }, odometerKm, 0, false);
  for (const one of floodCodes(car, strategy, chance)) kept = remembered(kept, one, flood, strategy, false);
  for (const one of echoesOf(kept, strategy)) kept = remembered(kept, one, atKey, strategy, false);
  return { trip, memory: kept };
}
