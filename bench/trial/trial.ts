import { chanceFrom } from '../chance';
import { drawWorld } from '../drawWorld';
import type { World } from '../world';
import { adviserPolicy, type FirstAct } from './adviserPolicy';
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
  readonly calibrationError: number;
  readonly brier: number;
  readonly actedOnAt80: number;
}

const BIN_CARS = 50;
const SURE = 0.8;

function mean(list: readonly number[]): number {
  return list.length === 0 ? 0 : list.reduce((sum, one) => sum + one, 0) / list.length;
}

function resultOf(policy: Policy, outcomes: readonly Outcome[]): PolicyResult {
  const costs = outcomes.map((one) => one.cost).sort((a, b) => a - b);
  const of = (key: 'cost' | 'partsForNothing' | 'checks' | 'minutes'): number => mean(outcomes.map((one) => one[key]));
  return {
    policy,
    repairedRightly: mean(outcomes.map((one) => Number(one.repairedRightly))),
    meanCost: of('cost'),
    p95Cost: costs[Math.min(costs.length - 1, Math.floor(0.95 * costs.length))] ?? 0,
    partsForNothing: of('partsForNothing'),
    checks: of('checks'),
    minutes: of('minutes'),
  };
}

/**
 * Mean distance between what was believed and what was so, over bins of at least fifty cars sorted by belief.
 * @param acts belief and truth, one a car. @returns 0 (perfect) to 1; 0 for no cars.
 */
export function calibrationError(acts: readonly FirstAct[]): number {
  const sorted = [...acts].sort((a, b) => a.probability - b.probability);
  const bins = Math.max(1, Math.floor(sorted.length / BIN_CARS));
  const size = Math.ceil(sorted.length / bins);
  let error = 0;
  for (let at = 0; at < sorted.length; at += size) {
    const bin = sorted.slice(at, at + size);
    error +=
      (bin.length / sorted.length) *
      Math.abs(mean(bin.map((one) => one.probability)) - mean(bin.map((one) => Number(one.isTrue))));
  }
  return error;
}

/** Progress of a trial: how many cars are done; returning false ends it there. */
export type Progress = (done: number) => boolean;

/** Every policy meets the same car: each gets its own, drawn from the same seed. */
function worldFor(seed: number, car: number, weigh: (segment: string) => number): World {
  return drawWorld(chanceFrom(seed * 1_000_003 + car), weigh);
}

/**
 * Random cars from the physics with faults drawn by the priors, in the hands of four policies.
 * @param cars how many, 1 or more. @param seed whole number: the same seed gives the same figures.
 * @param weigh multiplies how often faults of a segment are drawn. @param progress told after each car; false cancels.
 * @returns the figures, over the cars that were done.
 */
export function runTrial(
  cars: number,
  seed: number,
  weigh: (segment: string) => number = () => 1,
  progress: Progress = () => true,
): TrialResult {
  const outcomes: Record<Policy, Outcome[]> = { adviser: [], 'part-first': [], flowchart: [], 'knows-the-fault': [] };
  const acts: FirstAct[] = [];
  for (let car = 0; car < cars; car += 1) {
    const draw = (): World => worldFor(seed, car, weigh);
    const { outcome, act } = adviserPolicy(draw());
    if (act) acts.push(act);
    outcomes.adviser.push(outcome);
    outcomes['part-first'].push(partFirst(draw()));
    outcomes.flowchart.push(flowchart(draw()));
    outcomes['knows-the-fault'].push(knowsTheFault(draw()));
    if (!progress(car + 1)) break;
  }
  return {
    cars: outcomes.adviser.length,
    seed,
    policies: POLICIES.map((one) => resultOf(one, outcomes[one])),
    calibrationError: calibrationError(acts),
    brier: mean(acts.map((one) => (one.probability - Number(one.isTrue)) ** 2)),
    actedOnAt80: mean(acts.map((one) => Number(one.probability >= SURE))),
  };
}
