import { chanceFrom } from '../chance';
import { drawMade } from '../drawWorld';
import { World } from '../world';
import { adviserPolicy, type Belief, type FirstAct } from './adviserPolicy';
import type { Outcome } from './ledger';
import { flowchart, knowsTheFault, partFirst } from './otherPolicies';

export const POLICIES = ['adviser', 'part-first', 'flowchart', 'knows-the-fault'] as const;
export type Policy = (typeof POLICIES)[number];

/** How one policy did over all cars. */
export interface PolicyResult {
  readonly policy: Policy;
  /** Share of cars, 0 to 1. */
  readonly repairedRightly: number;
  readonly meanCost: number;
  readonly p95Cost: number;
  /** A car. */
  readonly partsForNothing: number;
  readonly checks: number;
  readonly minutes: number;
}

export interface TrialResult {
  readonly cars: number;
  readonly seed: number;
  readonly policies: readonly PolicyResult[];
  /** Of what the adviser first acted on, faults that one repair mends taken together. */
  readonly calibrationError: number;
  readonly brier: number;
  readonly actedOnAt80: number;
  /** Calibration apart, by what the first act rested on; so many cars in each. */
  readonly groups: Readonly<Record<FirstAct['after'], { readonly cars: number; readonly calibrationError: number }>>;
  /** The same of the single likeliest fault. */
  readonly singleFault: { readonly calibrationError: number; readonly brier: number; readonly actedOnAt80: number };
}

/** One car in the hands of every policy; plain data, so that workers can share the cars out. */
export interface CarResult {
  readonly outcomes: Readonly<Record<Policy, Outcome>>;
  readonly act: FirstAct | null;
}

const BIN_CARS = 50;
const SURE = 0.8;

function mean(list: readonly number[]): number {
  return list.length === 0 ? 0 : list.reduce((sum, value) => sum + value, 0) / list.length;
}

function resultOf(policy: Policy, outcomes: readonly Outcome[]): PolicyResult {
  const costs = outcomes.map((outcome) => outcome.cost).sort((a, b) => a - b);
  const of = (key: 'cost' | 'partsForNothing' | 'checks' | 'minutes'): number =>
    mean(outcomes.map((outcome) => outcome[key]));
  return {
    policy,
    repairedRightly: mean(outcomes.map((outcome) => Number(outcome.repairedRightly))),
    meanCost: of('cost'),
    p95Cost: costs[Math.min(costs.length - 1, Math.floor(0.95 * costs.length))] ?? 0,
    partsForNothing: of('partsForNothing'),
    checks: of('checks'),
    minutes: of('minutes'),
  };
}

/**
 * Beliefs sorted into bins of at least fifty cars: what was believed on average, and what was so.
 * @example reliability([{ probability: 0.75, isTrue: true }, { probability: 0.25, isTrue: false }]) // => [{"cars":2,"believed":0.5,"true":0.5}]
 */
export function reliability(
  beliefs: readonly Belief[],
): readonly { readonly cars: number; readonly believed: number; readonly true: number }[] {
  const sorted = [...beliefs].sort((a, b) => a.probability - b.probability);
  const bins = Math.max(1, Math.floor(sorted.length / BIN_CARS));
  const size = Math.max(1, Math.ceil(sorted.length / bins));
  return Array.from({ length: Math.ceil(sorted.length / size) }, (_one, at) => {
    const bin = sorted.slice(at * size, (at + 1) * size);
    return {
      cars: bin.length,
      believed: mean(bin.map((belief) => belief.probability)),
      true: mean(bin.map((belief) => Number(belief.isTrue))),
    };
  });
}

/**
 * Mean distance between what was believed and what was so, over bins of at least fifty cars sorted by belief.
 * @param beliefs one a car. @returns 0 (perfect) to 1; 0 for no cars.
 * @example calibrationError([{ probability: 0.75, isTrue: true }, { probability: 0.25, isTrue: true }]) // => 0.5
 */
export function calibrationError(beliefs: readonly Belief[]): number {
  return reliability(beliefs).reduce(
    (sum, bin) => sum + (bin.cars / beliefs.length) * Math.abs(bin.believed - bin.true),
    0,
  );
}

/** Progress of a trial: how many cars are done; returning false ends it there. */
export type Progress = (done: number) => boolean;

export type Weigh = (segment: string) => number;
const AS_USUAL: Weigh = () => 1;

/**
 * Some cars of a trial, each in the hands of four policies. Every policy meets the same car: each gets its own, drawn from the same seed.
 * @param from number of the first car, from 0. @param to one past the last. @param seed whole number: the same seed gives the same cars.
 * @param weigh multiplies how often faults of a segment are drawn. @param progress told after each car; false cancels.
 * @returns one result a car that was done.
 * @example trialCars(0, 1, 7).length // => 1
 */
export function trialCars(
  from: number,
  to: number,
  seed: number,
  weigh: Weigh = AS_USUAL,
  progress: Progress = () => true,
): CarResult[] {
  const results: CarResult[] = [];
  for (let car = from; car < to; car += 1) {
    const chance = chanceFrom(seed * 1_000_003 + car);
    const made = drawMade(chance, weigh);
    const draw = (): World => new World(made, chance.branch('life'));
    const { outcome, act } = adviserPolicy(draw());
    results.push({
      act,
      outcomes: {
        adviser: outcome,
        'part-first': partFirst(draw()),
        flowchart: flowchart(draw()),
        'knows-the-fault': knowsTheFault(draw()),
      },
    });
    if (!progress(results.length)) break;
  }
  return results;
}

function judged(beliefs: readonly Belief[]): TrialResult['singleFault'] {
  return {
    calibrationError: calibrationError(beliefs),
    brier: mean(beliefs.map((belief) => (belief.probability - Number(belief.isTrue)) ** 2)),
    actedOnAt80: mean(beliefs.map((belief) => Number(belief.probability >= SURE))),
  };
}

function group(acts: readonly FirstAct[], after: FirstAct['after']): TrialResult['groups']['look'] {
  const own = acts.filter((act) => act.after === after);
  return { cars: own.length, calibrationError: calibrationError(own) };
}

/**
 * The figures of a trial.
 * @param results of its cars, in any order. @param seed that they were drawn with.
 * @returns shares 0 to 1, money, minutes; zeros for no cars.
 * @example summarise([], 7).cars // => 0
 */
export function summarise(results: readonly CarResult[], seed: number): TrialResult {
  const acts = results.flatMap((result) => (result.act ? [result.act] : []));
  return {
    cars: results.length,
    seed,
    policies: POLICIES.map((policy) =>
      resultOf(
        policy,
        results.map((result) => result.outcomes[policy]),
      ),
    ),
    ...judged(acts),
    groups: { look: group(acts, 'look'), trial: group(acts, 'trial'), readings: group(acts, 'readings') },
    singleFault: judged(acts.map((act) => act.fault)),
  };
}
