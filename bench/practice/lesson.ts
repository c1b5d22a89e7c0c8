import type { Vehicle } from '../../core/casefile/contract';
import { adviserPolicy } from '../trial/adviserPolicy';
import type { LoggedMove } from '../trial/ledger';
import { knowsTheFault } from '../trial/otherPolicies';
import type { HiddenFault } from '../world';
import { twinWorld } from './drawPractice';

/** What a job would have taken on the shortest sensible road. */
export interface Lesson {
  /** The adviser's moves on such a car, first to last. */
  readonly road: readonly LoggedMove[];
  /** Money and time together, in the currency that the Bench reckons in; minutes of hands. */
  readonly cost: number;
  readonly minutes: number;
  readonly isRight: boolean;
  /** For somebody who knows the fault beforehand. */
  readonly leastMinutes: number;
}

/**
 * Plays a car like the owner's, with the fault that it turned out to have, from its lamps to its proof.
 * @param vehicle the owner's. @param found what it turned out to have. @param seed whole number: tolerances and chance.
 * @returns the adviser's road on it; the same one for the same three.
 * @throws RangeError where such a car shows no fault.
 * @example lessonOf(CASE.vehicle, { channel: 'front-right', fault: 'plug-loose' }).isRight // => true
 */
export function lessonOf(vehicle: Vehicle, found: HiddenFault, seed = 1): Lesson {
  const likely = [{ ...found, probability: 1 }];
  const made = adviserPolicy(twinWorld({ vehicle, likely }, seed));
  const known = knowsTheFault(twinWorld({ vehicle, likely }, seed));
  return {
    road: made.road,
    cost: made.outcome.cost,
    minutes: made.outcome.minutes,
    isRight: made.outcome.repairedRightly,
    leastMinutes: known.minutes,
  };
}
