import type { CaseFile } from '../../casefile/contract';
import type { Channel } from '../../casefile/words';
import { faultRow } from '../faults';
import type { Scenario } from '../posterior';
import {
  HOUR_VALUE,
  priceOf,
  repairsFor,
  VERIFY_MINUTES,
  WORKSHOP_MINUTES,
  workshopPrice,
  type RepairRow,
} from './repairs';
import { minutesToOpen, openFor } from './setups';

/** A repair that some scenario may need. */
export interface RepairOption {
  readonly row: RepairRow;
  readonly channel: Channel | null;
  readonly opens: ReadonlySet<string>;
  readonly price: number;
}

/** What is to be repaired, compiled: scenarios that need the same repairs are one class. */
export interface RepairProblem {
  readonly options: readonly RepairOption[];
  /** Class of each scenario. */
  readonly classOf: Int32Array;
  readonly classes: number;
  /** All faults of a class as bits. */
  readonly full: Uint8Array;
  /** cures[option]: pairs of class and the bits it cures there. */
  readonly cures: readonly (readonly (readonly [classIndex: number, bits: number])[])[];
  /** The same by class: pairs of option and bits. */
  readonly curedBy: readonly (readonly (readonly [option: number, bits: number])[])[];
  /** What each option brings nearer to cured at the start: entries of a class from `startAt[class]` on. */
  readonly start: { readonly startAt: Int32Array; readonly startOption: Int32Array; readonly startShare: Float64Array };
  readonly hourValue: number;
  /** Money and time of handing the car to a workshop. */
  readonly workshop: number;
}

/** A car with nothing wrong still needs its codes erased and a drive, to know. */
const NOTHING = [{ channel: null, fault: 'stale-code' }] as const;

/**
 * Compiles scenarios into a repair problem.
 * @param scenarios what may be wrong, with probabilities. @param file the case: prices, places, hour value.
 * @returns the problem; options in the order in which scenarios first need them.
 */
export function repairProblem(scenarios: readonly Scenario[], file: CaseFile): RepairProblem {
  const options: RepairOption[] = [];
  const optionIndex = new Map<string, number>();
  const classIndex = new Map<string, number>();
  const full: number[] = [];
  const cures: [number, number][][] = [];
  const optionFor = (row: RepairRow, channel: Channel | null): number => {
    const key = `${row.repair}@${channel}`;
    const known = optionIndex.get(key);
    if (known !== undefined) return known;
    optionIndex.set(key, options.length);
    options.push({
      row,
      channel,
      opens: openFor(row.setups, file, channel),
      price: row.workshop ? workshopPrice(file) : priceOf(row, file),
    });
    cures.push([]);
    return options.length - 1;
  };
  const classOf = Int32Array.from(scenarios, (scenario) => {
    const faults = scenario.faults.length > 0 ? scenario.faults : NOTHING;
    const key = faults.map((one) => `${one.channel}.${faultRow(one.fault).id}`).join();
    const known = classIndex.get(key);
    if (known !== undefined) return known;
    const index = full.length;
    classIndex.set(key, index);
    full.push((1 << faults.length) - 1);
    const bits = new Map<number, number>();
    faults.forEach((one, bit) => {
      const channel = one.fault === 'stale-code' ? null : one.channel;
      for (const row of repairsFor(one.fault))
        bits.set(optionFor(row, channel), (bits.get(optionFor(row, channel)) ?? 0) | (1 << bit));
    });
    bits.forEach((mask, option) => cures[option]?.push([index, mask]));
    return index;
  });
  const hourValue = file.owner?.hourValue ?? HOUR_VALUE;
  const curedBy = full.map((_one, k) =>
    cures.flatMap((pairs, r) => pairs.filter(([at]) => at === k).map(([, bits]) => [r, bits] as const)),
  );
  return {
    options,
    curedBy,
    start: startOf(curedBy, full),
    classOf,
    classes: full.length,
    full: Uint8Array.from(full),
    cures,
    hourValue,
    workshop: workshopPrice(file) + (hourValue * WORKSHOP_MINUTES) / 60,
  };
}

function startOf(curedBy: RepairProblem['curedBy'], full: readonly number[]): RepairProblem['start'] {
  const startAt = new Int32Array(full.length + 1);
  curedBy.forEach((pairs, k) => (startAt[k + 1] = (startAt[k] ?? 0) + pairs.length));
  const flat = curedBy.flatMap((pairs, k) =>
    pairs.map(([r, mask]) => [r, gainShare(mask, full[k] ?? 1, full[k] ?? 1)] as const),
  );
  return {
    startAt,
    startOption: Int32Array.from(flat, ([r]) => r),
    startShare: Float64Array.from(flat, ([, share]) => share),
  };
}

/**
 * What each repair option costs, time at the owner's hour value, with what stands open.
 * @param problem the compiled problem. @param open keys that stand open. @param file the case.
 * @param inHand a repair whose part is already paid for, as `repair@channel`.
 * @returns money for each option, the check that it worked included.
 */
export function optionCosts(
  problem: RepairProblem,
  open: ReadonlySet<string>,
  file: CaseFile,
  inHand: string | null = null,
): Float64Array {
  return Float64Array.from(problem.options, (one) => {
    if (one.row.workshop) return problem.workshop;
    const minutes = one.row.minutes + VERIFY_MINUTES + minutesToOpen(one.opens, open, file);
    const price = inHand === `${one.row.repair}@${one.channel}` ? 0 : one.price;
    return price + (problem.hourValue * minutes) / 60;
  });
}

export interface ExpectedCost {
  readonly cost: number;
  /** The option to try first, −1 to hand the car to a workshop. */
  readonly first: number;
}

/** Terms of a what-if: this option first, or never this one. */
export interface Terms {
  readonly first?: number;
  readonly never?: number;
}

/** Less than this share of the start is not worth following. */
const TAIL = 1e-4;

/**
 * Expected cost of repairing without any more checks: repairs in the order of chance over cost (Heckerman, Breese & Rommelse 1995, the p/c rule), re-ordered as repairs cure several faults, until a workshop is cheaper.
 * Exact for one fault and independent costs; with two faults at once, or repairs that cure several, it is the greedy approximation.
 * @param problem the compiled problem. @param weights of each class; need not sum to 1: the cost scales with them.
 * @param costs of each option. @param but an option that must be first, or one that must never be.
 * @returns the expected cost times the sum of weights, and the first repair.
 */
export function expectedRepairCost(
  problem: RepairProblem,
  weights: Float64Array,
  costs: Float64Array,
  but: Terms = {},
): ExpectedCost {
  const { cures, full } = problem;
  const open = Uint8Array.from(full);
  const gain = startingGains(problem, weights, but.never);
  let remaining = 0;
  for (let k = 0; k < weights.length; k += 1) remaining += weights[k] ?? 0;
  const tail = remaining * TAIL;
  let cost = 0;
  let first = -2;
  while (remaining > tail) {
    const forced = first === -2 && but.first !== undefined;
    const best = forced ? (but.first ?? -1) : bestOption(gain, costs);
    if (!forced && (best < 0 || ((gain[best] ?? 0) / (costs[best] ?? 1)) * problem.workshop < remaining * (1 - 1e-9)))
      break;
    if (first === -2) first = best;
    cost += (costs[best] ?? 0) * remaining;
    for (const [k, bits] of cures[best] ?? []) {
      const weight = weights[k] ?? 0;
      const before = open[k] ?? 0;
      const still = before & ~bits;
      if (weight === 0 || still === before) continue;
      for (const [r, mask] of problem.curedBy[k] ?? [])
        gain[r] =
          (gain[r] ?? 0) + weight * (gainShare(mask, still, full[k] ?? 1) - gainShare(mask, before, full[k] ?? 1));
      open[k] = still;
      if (still === 0) remaining -= weight;
    }
    gain[best] = -Infinity;
  }
  return { cost: cost + Math.max(0, remaining) * problem.workshop, first: first === -2 ? -1 : first };
}

function startingGains(problem: RepairProblem, weights: Float64Array, never: number | undefined): Float64Array {
  const gain = new Float64Array(problem.cures.length);
  const { startAt, startOption, startShare } = problem.start;
  for (let k = 0; k < weights.length; k += 1) {
    const weight = weights[k] as number;
    if (weight === 0) continue;
    const end = startAt[k + 1] as number;
    for (let at = startAt[k] as number; at < end; at += 1) {
      const r = startOption[at] as number;
      gain[r] = (gain[r] as number) + weight * (startShare[at] as number);
    }
  }
  if (never !== undefined) gain[never] = -Infinity;
  return gain;
}

/** The option with most gain for its cost; −1 when none gains. */
function bestOption(gain: Float64Array, costs: Float64Array): number {
  let best = -1;
  let bestRatio = 1e-12;
  for (let r = 0; r < gain.length; r += 1) {
    const ratio = (gain[r] as number) / (costs[r] as number);
    if (ratio > bestRatio) {
      best = r;
      bestRatio = ratio;
    }
  }
  return best;
}

/** Share of a class's weight that a repair brings nearer to cured: all if it finishes it, its part of the faults if it helps. */
function gainShare(mask: number, open: number, full: number): number {
  const cured = open & mask;
  if (cured === 0) return 0;
  return cured === open ? 1 : bitCount(cured) / bitCount(full);
}

function bitCount(bits: number): number {
  let count = 0;
  for (let rest = bits; rest; rest &= rest - 1) count += 1;
  return count;
}
