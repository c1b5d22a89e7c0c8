import type { CaseFile, Observation } from '../casefile/contract';
import { natureOf } from '../knowledge/faults';
import { DRIVES } from '../knowledge/limits';
import { minutesOf } from '../quantities/moment';

/** Two drives noted within so many minutes are one: nobody drives, parks and looks twice in that time. */
const ONE_TRIP_MINUTES = 10;

/**
 * Clean drives among observations.
 * @param observations in order. @returns trips and kilometres; a drive may stand for several trips. Drives within ten minutes of each other count once.
 * @example cleanTrips([{ id: 'd', kind: 'drive', result: 'lamps-stayed-out', distance: 12 }]) // => {"trips":1,"kilometres":12}
 */
export function cleanTrips(observations: readonly Observation[]): {
  readonly trips: number;
  readonly kilometres: number;
} {
  let [trips, kilometres, last] = [0, 0, -Infinity];
  for (const seen of observations) {
    if (seen.kind !== 'drive' || seen.result === 'lamps-came-back') continue;
    const at = seen.at === undefined ? NaN : minutesOf(seen.at);
    /* Near in time either way: a clock that was set back must not swallow all drives to come. */
    const isSame = Math.abs(at - last) < ONE_TRIP_MINUTES;
    if (!isSame) {
      trips += seen.trips ?? 1;
      kilometres += (seen.distance ?? DRIVES.unnotedKm) * (seen.trips ?? 1);
    }
    if (!Number.isNaN(at)) last = at;
  }
  return { trips, kilometres };
}

/** What comes and goes by nature. */
const COMES_AND_GOES: readonly string[] = ['intermittent', 'contact'];
/** From this chance on such a fault is taken for the one that was there. */
const LIKELY = 0.3;

/**
 * Whether the fault came and went: then only trips can prove that it is gone.
 * @param file the case. @param ranking faults with their chances. @returns true where the car showed it, or such a fault is likely.
 * @example comesAndGoes(CASE, []) // => false
 */
export function comesAndGoes(
  file: CaseFile,
  ranking: readonly { readonly fault: string; readonly probability: number }[],
): boolean {
  const isShown = file.observations.some(
    (seen) =>
      !seen.withdrawn &&
      ((seen.kind === 'lamps' && seen.pattern?.includes('intermittent') === true) ||
        (seen.kind === 'code' && seen.failure === 'intermittent') ||
        (seen.kind === 'live' && seen.finding === 'drops-out')),
  );
  return (
    isShown ||
    ranking.some(({ fault, probability }) => probability > LIKELY && COMES_AND_GOES.includes(natureOf(fault)))
  );
}
