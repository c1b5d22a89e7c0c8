import type { Candidate } from './candidates';
import { expectedRepairCost, type RepairProblem } from './expectedCost';
import { checkCost, classWeights, costsWith, LookAhead, type Situation } from './lookAhead';
import { inGoodOrder, SHORT_LOOK_MINUTES } from './orderMoves';
import type { PricedMove } from './pricedMove';
import { minutesToOpen } from '../knowledge/setups';

export interface Plan {
  readonly moves: readonly PricedMove[];
  /** Expected cost of going on with repairs alone. */
  readonly repairsOnly: number;
  readonly problem: RepairProblem;
}

/** How many checks the second step looks into, and how many follow-ups each may have. */
const FIRST_STEPS = 8;
const FOLLOW_UPS = 9;
/** Quick looks further down the list get the second step too. */
const QUICK_STEPS = 14;

function pricedChecks(candidates: readonly Candidate[], at: Situation, repairsOnly: number): PricedMove[] {
  const isQuick = (row: Candidate, rank: number): boolean =>
    rank < QUICK_STEPS && checkCost(row, at).minutes <= SHORT_LOOK_MINUTES;
  const looked = new LookAhead(at).price(candidates, { first: FIRST_STEPS, next: FOLLOW_UPS }, isQuick);
  return looked.map(({ candidate, finish, alone }): PricedMove => {
    const { minutes, money } = checkCost(candidate, at);
    return {
      kind: 'check',
      name: candidate.check,
      channel: candidate.channel,
      minutes,
      money,
      finish,
      alone,
      without: repairsOnly,
      cures: 0,
      candidate,
      option: -1,
    };
  });
}

function pricedRepairs(at: Situation, costs: Float64Array, repairsOnly: number): PricedMove[] {
  const { problem } = at;
  const weights = classWeights(
    problem,
    Float64Array.from(at.scenarios, (scenario) => scenario.probability),
  );
  return problem.options.map((option, r): PricedMove => {
    const cured = (problem.cures[r] ?? []).reduce(
      (sum, [k, bits]) => sum + (((problem.full[k] ?? 0) & ~bits) === 0 ? (weights[k] ?? 0) : 0),
      0,
    );
    const finish = expectedRepairCost(problem, weights, costs, { first: r }).cost;
    const without =
      option.row.repair === 'clear'
        ? finish + (1 - cured) * problem.workshop
        : Math.max(repairsOnly, expectedRepairCost(problem, weights, costs, { never: r }).cost);
    const minutes = option.row.minutes + minutesToOpen(option.opens, at.open, at.file);
    return {
      kind: 'repair',
      name: option.row.repair,
      channel: option.channel,
      minutes,
      money: option.price,
      finish,
      alone: finish,
      without,
      cures: cured,
      candidate: null,
      option: r,
    };
  });
}

/**
 * Prices all moves and puts the best first: two-step look-ahead over checks, then repairs in p/c order with a workshop as the way out.
 * @param at the situation. @param candidates the checks that could be made.
 * @returns moves by the expected cost of finishing, and the cost of repairing without checks.
 */
export function planMoves(at: Situation, candidates: readonly Candidate[]): Plan {
  const { costs } = costsWith(at, at.open, null);
  const weights = classWeights(
    at.problem,
    Float64Array.from(at.scenarios, (scenario) => scenario.probability),
  );
  const repairsOnly = expectedRepairCost(at.problem, weights, costs).cost;
  const moves = [...pricedChecks(candidates, at, repairsOnly), ...pricedRepairs(at, costs, repairsOnly)].sort(
    (a, b) => a.finish - b.finish,
  );
  return {
    moves: inGoodOrder(moves, at),
    repairsOnly,
    problem: at.problem,
  };
}
