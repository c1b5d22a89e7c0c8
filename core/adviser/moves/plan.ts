import type { CaseFile } from '../../casefile/contract';
import type { Channel } from '../../casefile/words';
import type { Scenario } from '../posterior';
import type { Candidate } from './candidates';
import { expectedRepairCost, optionCosts, type RepairProblem } from './expectedCost';
import { minutesToOpen, openFor } from './setups';
import { priceOf, REPAIRS } from './repairs';

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

export interface Situation {
  readonly file: CaseFile;
  readonly scenarios: readonly Scenario[];
  readonly problem: RepairProblem;
  readonly open: ReadonlySet<string>;
  /** Repair costs already worked out, by what stands open. */
  readonly known: Map<string, Float64Array>;
}

/** How many checks the second step looks into, and how many follow-ups each may have. */
const FIRST_STEPS = 8;
const FOLLOW_UPS = 9;
/** Quick looks further down the list get the second step too. */
const QUICK_STEPS = 24;

function costsWith(at: Situation, open: ReadonlySet<string>, inHand: string | null): Float64Array {
  const key = `${[...open].join()}|${inHand}`;
  const known = at.known.get(key);
  if (known) return known;
  const costs = optionCosts(at.problem, open, at.file, inHand);
  at.known.set(key, costs);
  return costs;
}

function partInHand(candidate: Candidate): string | null {
  return candidate.buys ? `${candidate.buys}@${candidate.channel}` : null;
}

function classWeights(problem: RepairProblem, weights: Float64Array): Float64Array {
  const sums = new Float64Array(problem.classes);
  for (let i = 0; i < weights.length; i += 1) {
    const k = problem.classOf[i] ?? 0;
    sums[k] = (sums[k] ?? 0) + (weights[i] ?? 0);
  }
  return sums;
}

/** Money and minutes of a check with what stands open; a sensor it may break is priced in. */
function checkCost(
  candidate: Candidate,
  at: Situation,
): { minutes: number; money: number; total: number; open: ReadonlySet<string> } {
  const opens = openFor(candidate.setups, at.file, candidate.channel);
  const minutes = candidate.minutes + minutesToOpen(opens, at.open, at.file);
  const sensor = REPAIRS.find((one) => one.repair === 'replaced:sensor');
  const price = sensor ? priceOf(sensor, at.file) : 0;
  const money = candidate.buys ? price : 0;
  const total = money + candidate.mayBreakSensor * price + (at.problem.hourValue * minutes) / 60;
  return { minutes, money, total, open: new Set([...at.open, ...opens]) };
}

function after(weights: Float64Array, chance: Float64Array): Float64Array {
  const then = new Float64Array(weights.length);
  for (let i = 0; i < then.length; i += 1) then[i] = (weights[i] ?? 0) * (chance[i] ?? 0);
  return then;
}

/** Expected cost of repairing once an outcome is known; unnormalised. */
function repairAfter(weights: Float64Array, chance: Float64Array, costs: Float64Array, problem: RepairProblem): number {
  const sums = new Float64Array(problem.classes);
  for (let i = 0; i < weights.length; i += 1) {
    const k = problem.classOf[i] ?? 0;
    sums[k] = (sums[k] ?? 0) + (weights[i] ?? 0) * (chance[i] ?? 0);
  }
  return expectedRepairCost(problem, sums, costs).cost;
}

/** Expected cost of a check followed by repairs alone; unnormalised, as the weights are. */
function oneStep(candidate: Candidate, weights: Float64Array, at: Situation): number {
  const mass = weights.reduce((sum, one) => sum + one, 0);
  const price = checkCost(candidate, at);
  const costs = costsWith(at, price.open, partInHand(candidate));
  return candidate.outcomes.reduce(
    (sum, one) => sum + repairAfter(weights, one.chance, costs, at.problem),
    price.total * mass,
  );
}

/** What each class costs at least, were it known: the cheapest repair that helps it. */
function leastCosts(problem: RepairProblem, costs: Float64Array): Float64Array {
  return Float64Array.from(problem.curedBy, (pairs) =>
    pairs.reduce((best, [option]) => Math.min(best, costs[option] as number), problem.workshop),
  );
}

/** Whether even perfect knowledge would save what the cheapest check costs. */
function canPay(classes: Float64Array, least: Float64Array, repairNow: number, cheapest: number): boolean {
  let [mass, known] = [0, 0];
  for (let k = 0; k < classes.length; k += 1) {
    mass += classes[k] as number;
    known += (classes[k] as number) * (least[k] as number);
  }
  return repairNow - known > cheapest * mass;
}

/** Expected cost of a check, then the best of repairing at once or one check more. */
function twoSteps(candidate: Candidate, followUps: readonly Candidate[], weights: Float64Array, at: Situation): number {
  const mass = weights.reduce((sum, one) => sum + one, 0);
  const price = checkCost(candidate, at);
  const later = { ...at, open: price.open };
  const costs = costsWith(at, price.open, partInHand(candidate));
  const least = leastCosts(at.problem, costs);
  const cheapest = followUps.reduce((best, next) => Math.min(best, checkCost(next, later).total), Infinity);
  return candidate.outcomes.reduce((sum, outcome) => {
    const then = after(weights, outcome.chance);
    const classes = classWeights(at.problem, then);
    const repairNow = expectedRepairCost(at.problem, classes, costs).cost;
    if (!canPay(classes, least, repairNow, cheapest)) return sum + repairNow;
    const checkAgain = followUps.reduce(
      (best, next) => (next === candidate ? best : Math.min(best, oneStep(next, then, later))),
      repairNow,
    );
    return sum + Math.min(repairNow, checkAgain);
  }, price.total * mass);
}

function pricedChecks(candidates: readonly Candidate[], at: Situation, repairsOnly: number): PricedMove[] {
  const weights = Float64Array.from(at.scenarios, (one) => one.probability);
  const first = candidates
    .map((candidate) => ({ candidate, finish: oneStep(candidate, weights, at) }))
    .sort((a, b) => a.finish - b.finish);
  const followUps = first.slice(0, FOLLOW_UPS).map((one) => one.candidate);
  const isQuick = (one: Candidate): boolean => checkCost(one, at).minutes <= SHORT_LOOK_MINUTES;
  const deep = first.map((one, index) => {
    const isWorth = index < FIRST_STEPS || (index < QUICK_STEPS && isQuick(one.candidate));
    const ahead = isWorth ? twoSteps(one.candidate, followUps, weights, at) : Infinity;
    return { ...one, alone: one.finish, finish: Math.min(one.finish, ahead) };
  });
  return deep.map(({ candidate, finish, alone }): PricedMove => {
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
const SHORT_LOOK_MAY_COST_MINUTES = 6;
const CAN_SAY_OTHERWISE = 0.04;

/** Whether some outcome that may well come would have another repair made first. */
function canSayOtherwise(candidate: Candidate, at: Situation, option: number): boolean {
  const weights = Float64Array.from(at.scenarios, (one) => one.probability);
  const costs = costsWith(at, checkCost(candidate, at).open, null);
  return candidate.outcomes.some((one) => {
    const then = after(weights, one.chance);
    const chance = then.reduce((sum, each) => sum + each, 0);
    return (
      chance >= CAN_SAY_OTHERWISE &&
      expectedRepairCost(at.problem, classWeights(at.problem, then), costs).first !== option
    );
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
  if (isFreeLook && repair.minutes >= LONG_REPAIR_MINUTES && repair.cures < SURE_REPAIR) return [...moves];
  return [repair, ...moves.filter((one) => one !== repair)];
}

function lookFirst(moves: readonly PricedMove[], at: Situation): PricedMove[] {
  const top = moves[0];
  const isSmall = (one: PricedMove): boolean => one.money <= 0 && one.minutes < LONG_REPAIR_MINUTES;
  if (!top || top.kind !== 'repair' || isSmall(top) || top.cures >= SURE_REPAIR) return [...moves];
  const short = moves.find(
    (one) =>
      one.candidate !== null &&
      one.channel === top.channel &&
      one.minutes <= SHORT_LOOK_MINUTES &&
      one.money === 0 &&
      one.finish - top.finish < (at.problem.hourValue * SHORT_LOOK_MAY_COST_MINUTES) / 60 &&
      canSayOtherwise(one.candidate, at, top.option),
  );
  return short ? [short, ...moves.filter((one) => one !== short)] : [...moves];
}

/**
 * Prices all moves and puts the best first: two-step look-ahead over checks, then repairs in p/c order with a workshop as the way out.
 * @param at the situation. @param candidates the checks that could be made.
 * @returns moves by the expected cost of finishing, and the cost of repairing without checks.
 */
export function planMoves(at: Situation, candidates: readonly Candidate[]): Plan {
  const costs = costsWith(at, at.open, null);
  const weights = classWeights(
    at.problem,
    Float64Array.from(at.scenarios, (one) => one.probability),
  );
  const repairsOnly = expectedRepairCost(at.problem, weights, costs).cost;
  const moves = [...pricedChecks(candidates, at, repairsOnly), ...pricedRepairs(at, costs, repairsOnly)].sort(
    (a, b) => a.finish - b.finish,
  );
  return { moves: tellingFirst(lookFirst(repairFirst(moves, at), at), at), repairsOnly, problem: at.problem };
}
