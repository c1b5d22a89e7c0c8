import { assess } from '../../core/judgement/assess';
import type { CaseFile } from '../../core/casefile/contract';
import { adviserPolicy } from '../trial/adviserPolicy';
import type { LoggedMove } from '../trial/ledger';
import { knowsTheFault } from '../trial/otherPolicies';
import type { HiddenFault } from '../world';
import { PracticeSession, worldOf, type Practice } from './session';

/** A move, what it cost, and how much of the truth one could believe before and after it. */
export interface WeighedMove extends LoggedMove {
  readonly before: number;
  readonly after: number;
}

/** What a practice was worth, once the fault may be shown. */
export interface Debrief {
  readonly faults: readonly HiddenFault[];
  /** The lamps stay out for good. */
  readonly isRight: boolean;
  readonly cost: number;
  readonly minutes: number;
  readonly partsForNothing: number;
  readonly moves: readonly WeighedMove[];
  /** Cost of just the repairs that were needed. */
  readonly leastCost: number;
  readonly leastRepairs: readonly string[];
  readonly adviser: { readonly cost: number; readonly isRight: boolean; readonly road: readonly LoggedMove[] };
}

function beliefIn(file: CaseFile, faults: readonly HiddenFault[]): number {
  const { ranking } = assess(file);
  return faults.reduce((most, fault) => {
    const row = ranking.find((row) => row.fault === fault.fault && row.channel === fault.channel);
    return Math.max(most, row?.probability ?? 0);
  }, 0);
}

/**
 * Looks back on a practice: every move's price and worth, the least it could have cost, and what the adviser would have done with the same car.
 * @param practice the car and all that was done. @returns the debrief; money and minutes as the trial counts them.
 * @example debriefOf({ level: 'first', seed: 1, actions: [] }).leastRepairs // => ["replaced:sensor"]
 */
export function debriefOf(practice: Practice): Debrief {
  const { actions } = practice;
  const session = new PracticeSession({ ...practice, actions: [] });
  const { faults } = session.world;
  let belief = beliefIn(session.ledger.file, faults);
  const moves = actions.map((action): WeighedMove => {
    session.act(action);
    const before = belief;
    belief = beliefIn(session.ledger.file, faults);
    return { ...(session.log.at(-1) as LoggedMove), before, after: belief };
  });
  const own = session.ledger.close(false);
  const other = adviserPolicy(worldOf(practice));
  const known = worldOf(practice);
  return {
    faults,
    isRight: own.repairedRightly,
    cost: own.cost,
    minutes: own.minutes,
    partsForNothing: own.partsForNothing,
    moves,
    leastCost: knowsTheFault(worldOf(practice)).cost,
    leastRepairs: known.rightRepairs.map((repair) => repair.repair),
    adviser: { cost: other.outcome.cost, isRight: other.outcome.repairedRightly, road: other.road },
  };
}
