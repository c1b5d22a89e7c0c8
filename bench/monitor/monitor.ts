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
  const supply = supplyFindings(car, chance).map((supplyFinding) => codeOf(supplyFinding, strategy));
  return [...shared, ...supply].reduce((kept, found) => remembered(kept, found, frame, strategy, true), memory);
}

/**
 * Key off and on: circuits are tested, what is found is there now; other modules miss what the brake module has given up.
 * @param car the car. @param memory before. @param strategy of its module. @param odometerKm now. @param chance draws.
 * @returns whether a channel failed, and memory.
 * @example keyOn(broken('lead-open'), [], MODULE, 84200, chance()).memory.map(({ text }) => text) // => ["C0031-13"]
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
  const kept = found.reduce((sum, finding) => remembered(sum, codeOf(finding, strategy), frame, strategy, true), fresh);
  return { found: found.length > 0, memory: kept };
}

/**
 * Key on, then a drive.
 * @param car the car. @param memory before. @param strategy of its module. @param odometerKm at its end. @param isWet the weather. @param chance draws.
 * @returns all that was found, and memory as the car stands again.
 * @example onTheRoad(SOUND, [], MODULE, 84200, false, chance()).memory // => []
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
  for (const finding of trip.atKeyOn) kept = remembered(kept, codeOf(finding, strategy), atKey, strategy, true);
  const seen = new Set(trip.atKeyOn.map((finding) => finding.channel));
  for (const finding of trip.moving) {
    if (seen.has(finding.channel)) continue;
    seen.add(finding.channel);
    const frame = frameOf(car, odometerKm, finding.kmh, finding.moment.isHot);
    kept = remembered(kept, codeOf(finding, strategy), frame, strategy, false);
  }
  const flood = frameOf({ ...car, batteryVolt: car.crankingVolt - 1.4 }, odometerKm, 0, false);
  for (const floodCode of floodCodes(car, strategy, chance)) kept = remembered(kept, floodCode, flood, strategy, false);
  for (const echo of echoesOf(kept, strategy)) kept = remembered(kept, echo, atKey, strategy, false);
  return { trip, memory: kept };
}
