import type { CaseFile } from '../casefile/contract';
import type { Channel } from '../casefile/words';
import { faultRow } from '../knowledge/faults';
import type { Scenario } from '../belief/posterior';
import {
  HOUR_VALUE,
  priceOf,
  repairsFor,
  VERIFY_MINUTES,
  WORKSHOP_MINUTES,
  workshopPrice,
  type RepairRow,
} from '../knowledge/repairs';
import { minutesToOpen, openFor } from '../knowledge/setups';

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
  /** The same as a table: bits that an option cures of a class, at option × classes + class. */
  readonly bits: Uint8Array;
  /** The same once more, in a row for the inner loops: entries of an option from `from[option]` on. */
  readonly rows: { readonly from: Int32Array; readonly classAt: Int32Array; readonly bitsAt: Uint8Array };
  /** The option that only erases, −1 where no scenario asks for it: it does not count as a repair. */
  readonly erase: number;
  /** So many repairs more before a professional is asked, 1 or more. */
  readonly tries: number;
  readonly hourValue: number;
  /** Money and time of handing the car to a workshop. */
  readonly workshop: number;
}

/** A second repair that changed nothing ends the job: the stop `two-repairs-failed`. */
const MOST_TRIES = 2;

/**
 * Repairs still to be tried before a professional is asked.
 * @param file the case. @returns 1 or more: where the stop has been reached already, one more is planned for those who go on.
 */
function triesLeft(file: CaseFile): number {
  const results = (file.repairs ?? []).map((repair) => repair.result);
  const failed = results.slice(results.lastIndexOf('fixed') + 1).filter((result) => result === 'no-change').length;
  return Math.max(1, MOST_TRIES - failed);
}

/** A car with nothing wrong still needs its codes erased and a drive, to know. */
const NOTHING = [{ channel: null, fault: 'stale-code' }] as const;

/** Repairs that were made and changed nothing: nobody makes the same one at the same place again. */
function repairsInVain(file: CaseFile): ReadonlySet<string> {
  const failed = (file.repairs ?? []).filter((repair) => repair.result === 'no-change');
  return new Set(failed.map((repair) => `${repair.action}:${repair.segment}@${repair.channel ?? null}`));
}

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
  const inVain = repairsInVain(file);
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
    const key = faults.map((fault) => `${fault.channel}.${faultRow(fault.fault).id}`).join();
    const known = classIndex.get(key);
    if (known !== undefined) return known;
    const index = full.length;
    classIndex.set(key, index);
    full.push((1 << faults.length) - 1);
    const bits = new Map<number, number>();
    faults.forEach((fault, bit) => {
      const channel = fault.fault === 'stale-code' ? null : fault.channel;
      for (const row of repairsFor(fault.fault)) {
        if (inVain.has(`${row.repair}@${channel}`)) continue;
        bits.set(optionFor(row, channel), (bits.get(optionFor(row, channel)) ?? 0) | (1 << bit));
      }
    });
    bits.forEach((mask, option) => cures[option]?.push([index, mask]));
    return index;
  });
  const hourValue = file.owner?.hourValue ?? HOUR_VALUE;
  return {
    options,
    classOf,
    classes: full.length,
    full: Uint8Array.from(full),
    cures,
    bits: bitsOf(cures, full.length),
    rows: rowsOf(cures),
    erase: options.findIndex((option) => option.row.repair === 'clear'),
    tries: triesLeft(file),
    hourValue,
    workshop: workshopPrice(file) + (hourValue * WORKSHOP_MINUTES) / 60,
  };
}

function bitsOf(cures: RepairProblem['cures'], classes: number): Uint8Array {
  const bits = new Uint8Array(cures.length * classes);
  cures.forEach((pairs, r) => pairs.forEach(([k, mask]) => (bits[r * classes + k] = mask)));
  return bits;
}

function rowsOf(cures: RepairProblem['cures']): RepairProblem['rows'] {
  const from = new Int32Array(cures.length + 1);
  cures.forEach((pairs, r) => (from[r + 1] = (from[r] ?? 0) + pairs.length));
  const flat = cures.flat();
  return { from, classAt: Int32Array.from(flat, ([k]) => k), bitsAt: Uint8Array.from(flat, ([, mask]) => mask) };
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
  return Float64Array.from(problem.options, (repairOption) => {
    if (repairOption.row.workshop) return problem.workshop;
    const minutes = repairOption.row.minutes + VERIFY_MINUTES + minutesToOpen(repairOption.opens, open, file);
    const price = inHand === `${repairOption.row.repair}@${repairOption.channel}` ? 0 : repairOption.price;
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

/** So many first repairs are followed by every second one. */
const BEAM = 4;
/** Curing one of two faults that are there together is worth this share of curing the car, for choosing what to follow. */
const HALF_WAY = 0.5;

/** Reused between calls: the planner asks many thousand times. */
let chance = new Float64Array(64);
let promise = new Float64Array(64);
let taken = new Uint8Array(64);

/** The best that was found so far; a plain record, kept from call to call. */
const best = { cost: 0, first: -1 };

function offer(cost: number, first: number): void {
  if (cost >= best.cost - 1e-12 * Math.abs(best.cost)) return;
  best.cost = cost;
  best.first = first;
}

/** What is known of the repairs at hand: the sum of the weights, what erasing cures and costs, what a workshop takes. */
interface Stakes {
  readonly mass: number;
  readonly erase: number;
  readonly eraseCures: number;
  readonly eraseCosts: number;
  readonly workshop: number;
}

/**
 * Offers repair `a`, then `b` (−1: none): alone, and with an erase before, between or after them.
 * `one` and `both` are the weights cured by the first, and by the two together.
 */
function offerSequence(at: Stakes, costs: Float64Array, a: number, b: number, value: number, both: number): void {
  const { mass, workshop } = at;
  const first = costs[a] as number;
  const second = b < 0 ? 0 : (costs[b] as number);
  const plain = first * mass + second * (mass - value);
  offer(plain + workshop * (mass - both), a);
  const { erase, eraseCures: e, eraseCosts: c } = at;
  if (erase < 0 || e * (workshop + first + second) <= c * (mass - both)) return;
  const last = workshop * (mass - both - e);
  offer(c * mass + first * (mass - e) + second * (mass - e - value) + last, erase);
  if (b >= 0) offer(first * mass + c * (mass - value) + second * (mass - value - e) + last, a);
  offer(plain + c * (mass - both) + last, a);
}

/** Whether a second repair can pay after `a` or before it; else it is better left out. */
function canPay({ mass, workshop }: Stakes, costs: Float64Array, a: number, b: number, both: number): boolean {
  const alone = chance[a] as number;
  const saved = workshop * (both - alone);
  const price = costs[b] as number;
  return saved > price * (mass - alone) || saved + (chance[b] as number) * (costs[a] as number) > price * mass;
}

/** Weights that each option cures by itself into `chance`, half of what it brings half-way added in `promise`; gives back the sum of all weights. */
function weighOptions(problem: RepairProblem, weights: Float64Array): number {
  const { from, classAt, bitsAt } = problem.rows;
  const count = problem.options.length;
  if (chance.length < count)
    [chance, promise, taken] = [new Float64Array(2 * count), new Float64Array(2 * count), new Uint8Array(2 * count)];
  for (let r = 0; r < count; r += 1) {
    let whole = 0;
    let half = 0;
    const end = from[r + 1] as number;
    for (let at = from[r] as number; at < end; at += 1) {
      const k = classAt[at] as number;
      if (bitsAt[at] === problem.full[k]) whole += weights[k] as number;
      else half += weights[k] as number;
    }
    chance[r] = whole;
    promise[r] = whole + HALF_WAY * half;
    taken[r] = 0;
  }
  let mass = 0;
  for (let k = 0; k < problem.classes; k += 1) mass += weights[k] as number;
  return mass;
}

/** The option most worth trying that has not been followed yet; −1 when all have. */
function nextFirst(problem: RepairProblem, costs: Float64Array, mass: number): number {
  let found = -1;
  let most = -Infinity;
  for (let r = 0; r < problem.options.length; r += 1) {
    if (taken[r] === 1) continue;
    const worth = problem.workshop * (promise[r] as number) - (costs[r] as number) * mass;
    if (worth > most) {
      found = r;
      most = worth;
    }
  }
  if (found >= 0) taken[found] = 1;
  return found;
}

/** Weight that `a` and `b` cure together; where only one try is left, `b` counts only as the other half of what `a` began. */
function curedByBoth(problem: RepairProblem, weights: Float64Array, a: number, b: number): number {
  const { from, classAt, bitsAt } = problem.rows;
  const row = a * problem.classes;
  let sum = chance[a] as number;
  const end = from[b + 1] as number;
  for (let at = from[b] as number; at < end; at += 1) {
    const k = classAt[at] as number;
    const before = problem.bits[row + k] as number;
    const all = problem.full[k] as number;
    if (problem.tries < MOST_TRIES && (before === 0 || bitsAt[at] === all)) continue;
    if (before !== all && (before | (bitsAt[at] as number)) === all) sum += weights[k] as number;
  }
  return sum;
}

/**
 * Expected cost of repairing without any more checks: as many repairs as may be tried, the best two in the best order (an erase beside them counts for none), then a workshop.
 * Exact for the pairs that begin with one of the four most promising repairs.
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
  if (but.first !== undefined && but.first === problem.erase) return eraseFirst(problem, weights, costs);
  const mass = weighOptions(problem, weights);
  const never = but.never ?? -1;
  const erase = problem.erase === never ? -1 : problem.erase;
  const stakes: Stakes = {
    mass,
    erase,
    eraseCures: erase < 0 ? 0 : (chance[erase] as number),
    eraseCosts: erase < 0 ? 0 : (costs[erase] as number),
    workshop: problem.workshop,
  };
  best.cost = but.first === undefined ? problem.workshop * mass : Infinity;
  best.first = -1;
  if (erase >= 0 && but.first === undefined)
    offer(stakes.eraseCosts * mass + problem.workshop * (mass - stakes.eraseCures), erase);
  if (problem.erase >= 0) taken[problem.erase] = 1;
  if (never >= 0) taken[never] = 1;
  for (let at = 0; at < (but.first === undefined ? BEAM : 1); at += 1) {
    const a = but.first ?? nextFirst(problem, costs, mass);
    if (a < 0) break;
    offerSequence(stakes, costs, a, -1, chance[a] as number, chance[a] as number);
    for (let b = 0; b < problem.options.length; b += 1) {
      if (b === a || b === never || b === problem.erase) continue;
      const both = curedByBoth(problem, weights, a, b);
      if (!canPay(stakes, costs, a, b, both)) continue;
      offerSequence(stakes, costs, a, b, chance[a] as number, both);
      if (but.first === undefined) offerSequence(stakes, costs, b, a, chance[b] as number, both);
    }
  }
  return { cost: best.cost, first: best.first };
}

/** An erase, then the best of what is left. */
function eraseFirst(problem: RepairProblem, weights: Float64Array, costs: Float64Array): ExpectedCost {
  const { erase, classes, bits, full } = problem;
  let mass = 0;
  const left = Float64Array.from(weights, (value, k) => {
    mass += value;
    return bits[erase * classes + k] === full[k] ? 0 : value;
  });
  const rest = expectedRepairCost(problem, left, costs, { never: erase });
  return { cost: (costs[erase] as number) * mass + rest.cost, first: erase };
}
