import type { Channel } from '../../casefile/words';
import type { Candidate } from './candidates';
import { expectedRepairCost, type RepairProblem } from './expectedCost';
import { checkCost, classWeights, costsWith, LookAhead, type Situation } from './lookAhead';
import { minutesToOpen, openFor } from './setups';

/** A move with what finishing the job is expected to cost when it is made first. */
export interface PricedMove {
  readonly kind: 'check' | 'repair';
  readonly name: string;
  readonly channel: Channel | null;
  readonly minutes: number;
  readonly money: number;
  /** Expected cost of finishing from here with this move first, time included. */
  readonly finish: number;
  /** The same without a second check to follow. */
  readonly alone: number;
  /** Expected cost of finishing without it. */
  readonly without: number;
  /** Chance that a repair cures; 0 for checks. */
  readonly cures: number;
  readonly candidate: Candidate | null;
  readonly option: number;
}

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
const QUICK_STEPS = 24;

function pricedChecks(candidates: readonly Candidate[], at: Situation, repairsOnly: number): PricedMove[] {
  const isQuick = (one: Candidate, rank: number): boolean =>
    rank < QUICK_STEPS && checkCost(one, at).minutes <= SHORT_LOOK_MINUTES;
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
    Float64Array.from(at.scenarios, (one) => one.probability),
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

/** A free look of a few minutes comes before any repair that costs money or takes long, as long as it can say otherwise. */
const LONG_REPAIR_MINUTES = 15;
const SHORT_LOOK_MINUTES = 5;
/** Minutes that a check before a repair may take beyond what the repair opens anyway, and what it may cost on balance: before a likely repair, and before one that is still a guess. */
const QUICK = [SHORT_LOOK_MINUTES, 6] as const;
const UNSURE = [25, 12] as const;
const SURE_ENOUGH = 0.8;
const CAN_SAY_OTHERWISE = 0.04;
const RARE = 0.015;

/** Whether some outcome that may well come would have another repair made first. */
function canSayOtherwise(candidate: Candidate, at: Situation, option: number, least = CAN_SAY_OTHERWISE): boolean {
  const weights = Float64Array.from(at.scenarios, (one) => one.probability);
  const { costs } = costsWith(at, checkCost(candidate, at).open, null);
  return candidate.outcomes.some((one) => {
    const then = weights.map((weight, i) => weight * (one.chance[i] ?? 0));
    const chance = then.reduce((sum, each) => sum + each, 0);
    return chance >= least && expectedRepairCost(at.problem, classWeights(at.problem, then), costs).first !== option;
  });
}

/** Checks that finish within so many minutes of each other are as good as equal: then the order below decides. */
const NEARLY_MINUTES = 8;
const LONG_CHECK_MINUTES = 12;

/**
 * Of checks that are as good as equal, a quick look comes first (it can be left off at any moment), else the one that tells most by itself:
 * a look-ahead would as soon begin with a check that only opens the way for the next.
 */
function tellingFirst(moves: readonly PricedMove[], at: Situation): PricedMove[] {
  const top = moves[0];
  if (!top || top.kind !== 'check' || top.minutes < LONG_CHECK_MINUTES) return [...moves];
  const nearly = (at.problem.hourValue * NEARLY_MINUTES) / 60;
  const equals = moves.filter((one) => one.candidate !== null && one.finish - top.finish < nearly);
  const option = moves.find((one) => one.kind === 'repair')?.option ?? -1;
  const isQuick = (one: PricedMove): boolean =>
    one.candidate !== null &&
    one.channel === top.channel &&
    one.minutes <= SHORT_LOOK_MINUTES &&
    one.money === 0 &&
    canSayOtherwise(one.candidate, at, option);
  const quick = equals.find(isQuick);
  const isHere = (one: PricedMove): boolean => one.channel === top.channel || one.channel === null;
  const noLonger = equals.filter((one) => isHere(one) && one.minutes <= top.minutes + NEARLY_MINUTES);
  const best = quick ?? noLonger.reduce((chosen, one) => (one.alone < chosen.alone - 1e-9 ? one : chosen), top);
  return [best, ...moves.filter((one) => one !== best)];
}

/** A repair this likely to cure needs no look before it. */
const SURE_REPAIR = 0.93;

/** A check that saves less than these minutes of the owner's time is not worth putting before the repair. */
const WORTH_MINUTES = 5;

function repairFirst(moves: readonly PricedMove[], at: Situation): PricedMove[] {
  const top = moves[0];
  const repair = moves.find((one) => one.kind === 'repair');
  const worth = (at.problem.hourValue * WORTH_MINUTES) / 60;
  if (!top || !repair || top.kind === 'repair' || repair.finish - top.finish >= worth) return [...moves];
  const isFreeLook = top.money === 0 && top.minutes <= SHORT_LOOK_MINUTES;
  const canMatter = top.candidate !== null && canSayOtherwise(top.candidate, at, repair.option);
  if (isFreeLook && canMatter && repair.minutes >= LONG_REPAIR_MINUTES && repair.cures < SURE_REPAIR) return [...moves];
  return [repair, ...moves.filter((one) => one !== repair)];
}

/** Minutes of a check beyond what a repair has to open anyway. */
function minutesBeside(candidate: Candidate, opens: ReadonlySet<string>, at: Situation): number {
  const standing = new Set([...at.open, ...opens]);
  return candidate.minutes + minutesToOpen(openFor(candidate.setups, at.file, candidate.channel), standing, at.file);
}

/** A repair that is not sure yet waits for a short check, if what it opens stands open for the check too. */
function lookFirst(moves: readonly PricedMove[], at: Situation): PricedMove[] {
  const top = moves[0];
  if (!top || top.kind !== 'repair' || top.cures >= SURE_REPAIR) return [...moves];
  const isUnsure = top.cures < SURE_ENOUGH;
  const isSmall = top.money <= 0 && top.minutes < LONG_REPAIR_MINUTES;
  if (isSmall && !isUnsure) return [...moves];
  const [longest, mayCost] = isUnsure ? UNSURE : QUICK;
  const opens = at.problem.options[top.option]?.opens ?? new Set<string>();
  const short = moves.find(
    (one) =>
      one.candidate !== null &&
      one.channel === top.channel &&
      minutesBeside(one.candidate, opens, at) <= longest &&
      one.money === 0 &&
      one.finish - top.finish < (at.problem.hourValue * mayCost) / 60 &&
      canSayOtherwise(one.candidate, at, top.option),
  );
  return short ? [short, ...moves.filter((one) => one !== short)] : [...moves];
}

/** Of the first moves, so many are asked whether they can change anything. */
const FIRST_ASKED = 12;

/** A check of which no outcome that may well come would change the repair is no first move, whatever a rare outcome of it might save. */
function idleLast(moves: readonly PricedMove[], at: Situation): PricedMove[] {
  const repair = moves.find((one) => one.kind === 'repair');
  if (!repair) return [...moves];
  const isIdle = (one: PricedMove, rank: number): boolean =>
    rank < FIRST_ASKED &&
    one.candidate !== null &&
    one.alone > repair.finish &&
    !canSayOtherwise(one.candidate, at, repair.option, RARE);
  const idle = moves.filter(isIdle);
  return [...moves.filter((one) => !idle.includes(one)), ...idle];
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
    Float64Array.from(at.scenarios, (one) => one.probability),
  );
  const repairsOnly = expectedRepairCost(at.problem, weights, costs).cost;
  const moves = [...pricedChecks(candidates, at, repairsOnly), ...pricedRepairs(at, costs, repairsOnly)].sort(
    (a, b) => a.finish - b.finish,
  );
  return {
    moves: tellingFirst(lookFirst(repairFirst(idleLast(moves, at), at), at), at),
    repairsOnly,
    problem: at.problem,
  };
}
