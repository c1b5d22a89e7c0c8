import type { CaseFile } from '../casefile/contract';
import { HOUR_VALUE, WORKSHOP_MINUTES, workshopPrice } from '../knowledge/repairs/all';
import { repairPrice, type Circumstances, type RepairOption } from './repairOptions';
import type { States } from './states';

/** Halving what is left takes so many minutes of looking on, more or less: a reading with its set-up (trade experience). */
const HALVING_MINUTES = 15;
/** Who mends before all is known mends the likeliest, or what is at least half as likely. */
const HALF_AS_LIKELY = 0.5;
/** Of a state with two faults, the repair of one brings half of the cure. */
const HALF_WAY = 0.5;
/** A second repair that changed nothing ends the job: the stop `two-repairs-failed`. */
const MOST_TRIES = 2;

/** Where a job stands before anything was opened, bought, found or erased. */
export const NOTHING_DONE: Circumstances = { open: new Set(), inHand: null, located: new Set(), isErased: false };

/** What is paid for and what ends a job: the same for all moves of a plan. */
export interface Stakes {
  readonly hourValue: number;
  /** Money and time of handing the car to a workshop. */
  readonly workshop: number;
  /** Repairs that may still be tried before a professional is asked, 1 or more. */
  readonly tries: number;
}

/**
 * What ends a job, from its file.
 * @param file the case: hour value, quotes, repairs that failed.
 * @returns the stakes; where the last try was used up already, one more is planned for those who go on.
 */
export function stakesOf(file: CaseFile): Stakes {
  const hourValue = file.owner?.hourValue ?? HOUR_VALUE;
  const results = (file.repairs ?? []).map((repair) => repair.result);
  const failed = results.slice(results.lastIndexOf('fixed') + 1).filter((result) => result === 'no-change').length;
  return {
    hourValue,
    workshop: workshopPrice(file) + (hourValue * WORKSHOP_MINUTES) / 60,
    tries: Math.max(1, MOST_TRIES - failed),
  };
}

/** What repairs cost in some circumstances, and each state where it is known. */
export interface Costs {
  readonly repair: Float64Array;
  readonly state: Float64Array;
}

/** A way to finish: its expected cost (scaled as the weights are), and the repair that it begins with; −1 for the workshop. */
export interface Finish {
  readonly cost: number;
  readonly first: number;
}

/**
 * Works out what finishing a job sensibly costs: mend the likeliest, prove it, and look on if it was not that; or hand the car over.
 * Looking on is priced by what is left to be told apart: so many minutes a halving.
 */
export class Finishing {
  private readonly rest: Float64Array;
  private readonly groups: Float64Array;
  /** Which repairs a state needs, as a number: states that need the same need not be told apart. */
  private readonly groupOf: Int32Array;
  private readonly known = new Map<string, Costs>();
  /** Share of a cure that an option brings in each state, at option × states + state. */
  private readonly promise: Float64Array;

  constructor(
    readonly states: States,
    readonly options: readonly RepairOption[],
    readonly stakes: Stakes,
    private readonly file: CaseFile,
  ) {
    const count = states.all.length;
    this.rest = new Float64Array(count);
    this.promise = Float64Array.from({ length: options.length * count }, (_none, at) => {
      const effect = options[Math.floor(at / count)]?.effects[at % count];
      const better = effect?.left.reduce((sum, [state, chance]) => sum + (state === at % count ? 0 : chance), 0) ?? 0;
      return (effect?.cured ?? 0) + HALF_WAY * better;
    });
    this.groupOf = this.groupStates();
    this.groups = new Float64Array(Math.max(0, ...this.groupOf) + 1);
  }

  /** The cheapest way to mend a known state: repairs that each take some of its faults away. */
  private needs(state: number, repair: Float64Array): { readonly cost: number; readonly made: readonly number[] } {
    let best: { cost: number; made: readonly number[] } = { cost: this.stakes.workshop, made: [-1] };
    this.options.forEach((option, r) => {
      const effect = option.effects[state];
      if (!effect || this.isIdle(effect, state)) return;
      const price = repair[r] as number;
      if (price >= best.cost) return;
      const next = effect.cured > 0 ? null : (effect.left[0]?.[0] ?? state);
      const after = next === null ? { cost: 0, made: [] } : this.needs(next, repair);
      if (price + after.cost < best.cost) best = { cost: price + after.cost, made: [r, ...after.made] };
    });
    return best;
  }

  /** A repair that leaves a state as it is, or only now and then helps, is no way to mend it. */
  private isIdle({ cured, left }: RepairOption['effects'][number], state: number): boolean {
    const stays = left.reduce((sum, [to, chance]) => sum + (to === state ? chance : 0), 0);
    return cured < 0.9 && stays > 0.1;
  }

  private groupStates(): Int32Array {
    const { repair } = this.costsAt(NOTHING_DONE);
    const numbers = new Map<string, number>();
    return Int32Array.from(this.states.all, (_state, at) => {
      const key = [...this.needs(at, repair).made].sort().join();
      const number = numbers.get(key) ?? numbers.size;
      numbers.set(key, number);
      return number;
    });
  }

  /** Prices in some circumstances, worked out once. */
  costsAt(at: Circumstances): Costs {
    const key = `${[...at.open].sort().join()}|${at.inHand}|${[...at.located].sort().join()}|${at.isErased}`;
    const known = this.known.get(key);
    if (known) return known;
    const repair = Float64Array.from(this.options, (option) => {
      if (option.record.workshop) return this.stakes.workshop;
      if (option.isErase && at.isErased) return 0;
      const { minutes, money } = repairPrice(option, at, this.file);
      return money + (this.stakes.hourValue * minutes) / 60;
    });
    const state = Float64Array.from(this.states.all, (_state, s) => this.needs(s, repair).cost);
    const made = { repair, state };
    this.known.set(key, made);
    return made;
  }

  /** The same prices with one repair never made. */
  without(costs: Costs, never: number): Costs {
    const repair = Float64Array.from(costs.repair, (price, r) => (r === never ? Infinity : price));
    return { repair, state: Float64Array.from(this.states.all, (_state, s) => this.needs(s, repair).cost) };
  }

  /** What is left of some weights after a repair that did not cure; gives back their sum. */
  after(option: number, weights: Float64Array, into: Float64Array): number {
    const { effects } = this.options[option] as RepairOption;
    into.fill(0);
    let sum = 0;
    for (let s = 0; s < weights.length; s += 1) {
      const weight = weights[s] as number;
      if (weight === 0) continue;
      for (const [state, chance] of (effects[s] as RepairOption['effects'][number]).left) {
        into[state] = (into[state] as number) + weight * chance;
        sum += weight * chance;
      }
    }
    return sum;
  }

  /** Mending each state as it is, and so many minutes for every halving until it is known. */
  private lookOn(weights: Float64Array, mass: number, costs: Costs): number {
    const { groups, groupOf } = this;
    groups.fill(0);
    let cost = 0;
    for (let s = 0; s < weights.length; s += 1) {
      const weight = weights[s] as number;
      if (weight === 0) continue;
      cost += weight * (costs.state[s] as number);
      groups[groupOf[s] as number] = (groups[groupOf[s] as number] as number) + weight;
    }
    let halvings = 0;
    for (const group of groups) if (group > 0) halvings -= group * Math.log2(group / mass);
    return cost + (halvings * this.stakes.hourValue * HALVING_MINUTES) / 60;
  }

  /**
   * Expected cost of finishing from some weights, mending first.
   * @param weights of the states; need not sum to 1: the cost scales with them. @param costs prices now. @param tries repairs left.
   * @returns the cheapest way.
   */
  finish(weights: Float64Array, costs: Costs, tries = this.stakes.tries): Finish {
    const count = weights.length;
    let mass = 0;
    for (let s = 0; s < count; s += 1) mass += weights[s] as number;
    let best: Finish = { cost: this.stakes.workshop * mass, first: -1 };
    if (mass === 0) return { cost: 0, first: -1 };
    const promised = this.options.map((_option, r) => {
      let sum = 0;
      for (let s = 0; s < count; s += 1) sum += (weights[s] as number) * (this.promise[r * count + s] as number);
      return sum;
    });
    const enough = HALF_AS_LIKELY * Math.max(...promised);
    this.options.forEach((_option, r) => {
      if ((promised[r] as number) < enough || (costs.repair[r] as number) * mass >= best.cost) return;
      const cost = this.beginWith(r, weights, costs, tries);
      if (cost < best.cost - 1e-12) best = { cost, first: r };
    });
    return best;
  }

  /** Expected cost of making one repair first, proving it, and looking on where it did not cure. */
  beginWith(option: number, weights: Float64Array, costs: Costs, tries: number): number {
    const mass = weights.reduce((sum, weight) => sum + weight, 0);
    const left = this.after(option, weights, this.rest);
    const remaining = this.options[option]?.isErase ? tries : tries - 1;
    const handedOver = this.stakes.workshop * left;
    const on = left > 0 && remaining > 0 ? this.lookOn(this.rest, left, costs) : handedOver;
    return (costs.repair[option] as number) * mass + Math.min(on, handedOver);
  }
}
