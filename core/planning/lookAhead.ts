import type { CaseFile } from '../casefile/contract';
import type { Channel } from '../casefile/words';
import type { Scenario } from '../belief/posterior';
import type { Candidate } from './candidates';
import { expectedRepairCost, optionCosts, type RepairProblem } from './expectedCost';
import { priceOf, REPAIRS } from '../knowledge/repairs';
import { minutesToOpen, openFor } from '../knowledge/setups';

/** What repairs cost while some things stand open, and what each class costs at least. */
export interface CostSet {
  readonly costs: Float64Array;
  readonly least: Float64Array;
}

/** Where the job stands, as planning sees it. */
export interface Situation {
  readonly file: CaseFile;
  readonly scenarios: readonly Scenario[];
  readonly problem: RepairProblem;
  readonly open: ReadonlySet<string>;
  /** Repair costs already worked out, by what stands open. */
  readonly known: Map<string, CostSet>;
}

/** A check with its price where the job stands: per unit of mass. */
interface Priced {
  readonly candidate: Candidate;
  readonly total: number;
  readonly open: ReadonlySet<string>;
  readonly after: CostSet;
}

/** What each class costs at least, were it known: the cheapest repair that helps it. */
function leastCosts(problem: RepairProblem, costs: Float64Array): Float64Array {
  const least = new Float64Array(problem.classes).fill(problem.workshop);
  problem.cures.forEach((pairs, option) => {
    for (const [k] of pairs) least[k] = Math.min(least[k] as number, costs[option] as number);
  });
  return least;
}

/**
 * What repairs cost with what stands open, a part already in hand for nothing.
 * @param at the situation. @param open keys that stand open. @param inHand a repair as `repair@channel`.
 * @returns costs by option, worked out once.
 */
export function costsWith(at: Situation, open: ReadonlySet<string>, inHand: string | null): CostSet {
  const key = `${[...open].join()}|${inHand}`;
  const known = at.known.get(key);
  if (known) return known;
  const costs = optionCosts(at.problem, open, at.file, inHand);
  const made = { costs, least: leastCosts(at.problem, costs) };
  at.known.set(key, made);
  return made;
}

/** Chance that the sensor of a corner would have been kept: breaking one that is to be replaced costs nothing. */
function keptSensor(channel: Channel | null, { problem, scenarios }: Situation): number {
  const option = problem.options.findIndex(
    (option) => option.row.repair === 'replaced:sensor' && option.channel === channel,
  );
  if (option < 0) return 1;
  return scenarios.reduce((kept, scenario, at) => {
    const isReplaced = problem.bits[option * problem.classes + (problem.classOf[at] ?? 0)] !== 0;
    return isReplaced ? kept - scenario.probability : kept;
  }, 1);
}

/**
 * Money and minutes of a check with what stands open; a sensor that it may break is priced in, as far as it would have been kept.
 * @param candidate the check. @param at the situation. @returns minutes, money, both together in money, and what stands open then.
 */
export function checkCost(
  candidate: Candidate,
  at: Situation,
): { minutes: number; money: number; total: number; open: ReadonlySet<string> } {
  const opens = openFor(candidate.setups, at.file, candidate.channel);
  const minutes = candidate.minutes + minutesToOpen(opens, at.open, at.file);
  const sensor = REPAIRS.find((row) => row.repair === 'replaced:sensor');
  const price = sensor ? priceOf(sensor, at.file) : 0;
  const money = candidate.buys ? price : 0;
  const broken =
    candidate.mayBreakSensor > 0 ? candidate.mayBreakSensor * price * keptSensor(candidate.channel, at) : 0;
  const total = money + broken + (at.problem.hourValue * minutes) / 60;
  return { minutes, money, total, open: new Set([...at.open, ...opens]) };
}

function priced(candidate: Candidate, at: Situation): Priced {
  const { total, open } = checkCost(candidate, at);
  const inHand = candidate.buys ? `${candidate.buys}@${candidate.channel}` : null;
  return { candidate, total, open, after: costsWith(at, open, inHand) };
}

/** Sums the weights of scenarios by class, each times its chance of an outcome. */
function intoClasses(into: Float64Array, problem: RepairProblem, weights: Float64Array, chance: Float64Array): void {
  into.fill(0);
  for (let i = 0; i < weights.length; i += 1) {
    const k = problem.classOf[i] as number;
    into[k] = (into[k] as number) + (weights[i] as number) * (chance[i] as number);
  }
}

/** The weights of scenarios, summed by class. */
export function classWeights(problem: RepairProblem, weights: Float64Array): Float64Array {
  const sums = new Float64Array(problem.classes);
  intoClasses(sums, problem, weights, new Float64Array(weights.length).fill(1));
  return sums;
}

function dot(a: Float64Array, b: Float64Array): number {
  let sum = 0;
  for (let at = 0; at < a.length; at += 1) sum += (a[at] as number) * (b[at] as number);
  return sum;
}

/** After an outcome this rare nobody plans a second check in advance. */
const RARE = 0.004;

/** Looks ahead from one situation; scratch arrays are kept between its many sums. */
export class LookAhead {
  private readonly sums: Float64Array;
  private readonly then: Float64Array;

  constructor(private readonly at: Situation) {
    this.sums = new Float64Array(at.problem.classes);
    this.then = new Float64Array(at.scenarios.length);
  }

  /**
   * Expected cost of a check, then repairs alone; unnormalised, as the weights are.
   * No less than with perfect knowledge afterwards: as soon as that reaches `limit`, the sum is broken off.
   */
  private oneStep({ candidate, total, after }: Priced, weights: Float64Array, limit: number): number {
    const { problem } = this.at;
    let mass = 0;
    let cost = 0;
    for (let i = 0; i < weights.length; i += 1) {
      const weight = weights[i] as number;
      mass += weight;
      cost += weight * (after.least[problem.classOf[i] as number] as number);
    }
    cost += total * mass;
    for (const { chance } of candidate.outcomes) {
      if (cost >= limit) return cost;
      intoClasses(this.sums, problem, weights, chance);
      cost += expectedRepairCost(problem, this.sums, after.costs).cost - dot(this.sums, after.least);
    }
    return cost;
  }

  /** Expected cost of a check, then the best of repairing at once or one check more. */
  private twoSteps(first: Priced, followUps: readonly Candidate[], weights: Float64Array): number {
    const { problem } = this.at;
    const later = { ...this.at, open: first.open };
    const next = followUps
      .filter((followUp) => followUp !== first.candidate)
      .map((followUp) => priced(followUp, later));
    const { costs } = first.after;
    const mass = weights.reduce((sum, weight) => sum + weight, 0);
    let cost = first.total * mass;
    for (const { chance } of first.candidate.outcomes) {
      const { then } = this;
      let share = 0;
      for (let i = 0; i < then.length; i += 1) {
        then[i] = (weights[i] as number) * (chance[i] as number);
        share += then[i] as number;
      }
      intoClasses(this.sums, problem, weights, chance);
      let best = expectedRepairCost(problem, this.sums, costs).cost;
      if (share > RARE * mass) for (const priced of next) best = Math.min(best, this.oneStep(priced, then, best));
      cost += best;
    }
    return cost;
  }

  /**
   * Expected cost of finishing with each check first: followed by repairs alone, and with one check more between.
   * @param candidates the checks. @param howMany how many get the second step, and how many may follow.
   * @param alsoDeep which others get it too. @returns each check with both costs, the best alone first.
   */
  price(
    candidates: readonly Candidate[],
    howMany: { readonly first: number; readonly next: number },
    alsoDeep: (candidate: Candidate, rank: number) => boolean,
  ): readonly { readonly candidate: Candidate; readonly alone: number; readonly finish: number }[] {
    const weights = Float64Array.from(this.at.scenarios, (scenario) => scenario.probability);
    const first = candidates
      .map((candidate) => {
        const entry = priced(candidate, this.at);
        return { one: entry, alone: this.oneStep(entry, weights, Infinity) };
      })
      .sort((a, b) => a.alone - b.alone);
    const followUps = first.slice(0, howMany.next).map(({ one: priced }) => priced.candidate);
    return first.map(({ one: priced, alone }, rank) => {
      const isDeep = rank < howMany.first || alsoDeep(priced.candidate, rank);
      const ahead = isDeep ? this.twoSteps(priced, followUps, weights) : Infinity;
      return { candidate: priced.candidate, alone, finish: Math.min(alone, ahead) };
    });
  }
}
