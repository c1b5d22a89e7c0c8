import type { CaseFile } from '../casefile/contract';
import { HOUR_VALUE, WORKSHOP_MINUTES, workshopPrice } from '../knowledge/repairs/all';
import { repairPrice, type Circumstances, type RepairOption } from './repairOptions';
import type { States } from './states';

/** Halving what is left takes so many minutes of looking on, more or less: a reading with its set-up (trade experience). */
const HALVING_MINUTES = 20;
/** Of the last repairs that may still be tried, every fifth is in vain all the same. */
const LAST_TRY_FAILS = 0.2;
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
 * @example stakesOf(CASE).hourValue // => 15
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

/** What an option does, as flat lists. */
interface Touched {
  /** States that it touches, and the share of a cure that it brings in each. */
  readonly states: Int32Array;
  readonly promise: Float64Array;
  /** Where a touched state goes when it is not cured: from, to, with what chance. */
  readonly from: Int32Array;
  readonly to: Int32Array;
  readonly chance: Float64Array;
}

function touchedBy({ effects }: RepairOption): Touched {
  const touched = effects.flatMap((effect, s) => {
    const stays = effect.left.reduce((sum, [to, chance]) => sum + (to === s ? chance : 0), 0);
    return stays >= 1 ? [] : [{ s, effect, better: 1 - stays - effect.cured }];
  });
  const moves = touched.flatMap(({ s, effect }) => effect.left.map(([to, chance]) => ({ from: s, to, chance })));
  return {
    states: Int32Array.from(touched, (state) => state.s),
    promise: Float64Array.from(touched, ({ effect, better }) => effect.cured + HALF_WAY * better),
    from: Int32Array.from(moves, (move) => move.from),
    to: Int32Array.from(moves, (move) => move.to),
    chance: Float64Array.from(moves, (move) => move.chance),
  };
}

/** A repair that helps a state; next is null where it cures. */
interface Help {
  readonly option: number;
  readonly next: number | null;
  /** Chance that it leaves the state as it is: a bad new part, a bad joint. */
  readonly mayFail: number;
}

const NO_MORE = { cost: 0, made: [] } as const;
/** A repair that leaves a state as it is more often than this is no way to mend it. */
const MAY_FAIL = 0.1;

function helpsFor(state: number, options: readonly RepairOption[]): readonly Help[] {
  return options.flatMap(({ effects }, option): readonly Help[] => {
    const { cured, left } = effects[state] as RepairOption['effects'][number];
    const stays = left.reduce((sum, [to, chance]) => sum + (to === state ? chance : 0), 0);
    if (stays > MAY_FAIL) return [];
    const next = cured > 1 - cured ? null : (left.find(([to]) => to !== state)?.[0] ?? null);
    return [{ option, next, mayFail: stays }];
  });
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
  private readonly promised: Float64Array;
  /** What each option does, as flat lists: only the states that it touches. */
  private readonly touched: readonly Touched[];
  /** Which repairs a state needs, as a number: states that need the same need not be told apart. */
  private readonly groupOf: Int32Array;
  /** By state: the repairs that help it, and what state is left then. */
  private readonly helps: readonly (readonly Help[])[];
  constructor(
    readonly states: States,
    readonly options: readonly RepairOption[],
    readonly stakes: Stakes,
    private readonly file: CaseFile,
  ) {
    const count = states.all.length;
    this.rest = new Float64Array(count);
    this.promised = new Float64Array(options.length);
    this.touched = options.map(touchedBy);
    this.helps = states.all.map((_state, s) => helpsFor(s, options));
    this.groupOf = this.groupStates();
    this.groups = new Float64Array(Math.max(0, ...this.groupOf) + 1);
  }

  /** The cheapest way to mend a known state: repairs that each take some of its faults away. */
  private needs(state: number, repair: Float64Array): { readonly cost: number; readonly made: readonly number[] } {
    let best: { cost: number; made: readonly number[] } = { cost: this.stakes.workshop, made: [-1] };
    for (const { option, next, mayFail } of this.helps[state] as readonly Help[]) {
      const once = repair[option] as number;
      const price = once + mayFail * (once + LAST_TRY_FAILS * this.stakes.workshop);
      if (price >= best.cost) continue;
      const after = next === null ? NO_MORE : this.needs(next, repair);
      if (price + after.cost < best.cost) best = { cost: price + after.cost, made: [option, ...after.made] };
    }
    return best;
  }

  private stateCosts(repair: Float64Array): Float64Array {
    return Float64Array.from(this.helps, (_helps, s) => this.needs(s, repair).cost);
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

  /** Prices in some circumstances. */
  costsAt(at: Circumstances): Costs {
    const repair = Float64Array.from(this.options, (option) => {
      if (option.record.workshop) return this.stakes.workshop;
      if (option.isErase && at.isErased) return 0;
      const { minutes, money } = repairPrice(option, at, this.file);
      return money + (this.stakes.hourValue * minutes) / 60;
    });
    return { repair, state: this.stateCosts(repair) };
  }

  /** The same prices with one repair never made. */
  without(costs: Costs, never: number): Costs {
    const repair = Float64Array.from(costs.repair, (price, r) => (r === never ? Infinity : price));
    return { repair, state: this.stateCosts(repair) };
  }

  /** What is left of some weights after a repair that did not cure; gives back their sum. */
  after(option: number, weights: Float64Array, into: Float64Array): number {
    const { states, from, to, chance } = this.touched[option] as Touched;
    into.set(weights);
    for (let i = 0; i < states.length; i += 1) into[states[i] as number] = 0;
    for (let i = 0; i < from.length; i += 1) {
      const t = to[i] as number;
      into[t] = (into[t] as number) + (weights[from[i] as number] as number) * (chance[i] as number);
    }
    let sum = 0;
    for (let s = 0; s < into.length; s += 1) sum += into[s] as number;
    return sum;
  }

  /** Halvings until it is known what must be mended, times the sum of the weights. */
  halvings(weights: Float64Array): number {
    const { groups, groupOf } = this;
    groups.fill(0);
    let mass = 0;
    for (let s = 0; s < weights.length; s += 1) {
      const weight = weights[s] as number;
      if (weight === 0) continue;
      mass += weight;
      groups[groupOf[s] as number] = (groups[groupOf[s] as number] as number) + weight;
    }
    let halvings = 0;
    for (let g = 0; g < groups.length; g += 1) {
      const group = groups[g] as number;
      if (group > 0) halvings -= group * Math.log2(group / mass);
    }
    return halvings;
  }

  /** Mending each state as it is, once it is known; with one try left, now and then in vain. */
  mendKnown(weights: Float64Array, costs: Costs, tries: number): { readonly cost: number; readonly mass: number } {
    let [cost, mass] = [0, 0];
    for (let s = 0; s < weights.length; s += 1) {
      const weight = weights[s] as number;
      cost += weight * (costs.state[s] as number);
      mass += weight;
    }
    const inVain = tries > 1 ? 0 : LAST_TRY_FAILS * this.stakes.workshop * mass;
    return { cost: cost + inVain, mass };
  }

  /** Looking on until it is known, then mending. */
  private lookOn(weights: Float64Array, costs: Costs, tries: number): number {
    const looking = (this.halvings(weights) * this.stakes.hourValue * HALVING_MINUTES) / 60;
    return this.mendKnown(weights, costs, tries).cost + looking;
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
    const enough = HALF_AS_LIKELY * this.weighPromises(weights);
    for (let r = 0; r < this.options.length; r += 1) {
      if ((this.promised[r] as number) < enough || (costs.repair[r] as number) * mass >= best.cost) continue;
      const cost = this.beginWith(r, weights, costs, tries);
      if (cost < best.cost - 1e-12) best = { cost, first: r };
    }
    return best;
  }

  /** How much of a cure each option brings, in weights; gives back the most. */
  private weighPromises(weights: Float64Array): number {
    let most = 0;
    this.touched.forEach(({ states, promise }, r) => {
      let sum = 0;
      for (let i = 0; i < states.length; i += 1)
        sum += (weights[states[i] as number] as number) * (promise[i] as number);
      this.promised[r] = sum;
      if (sum > most) most = sum;
    });
    return most;
  }

  /** Expected cost of making one repair first, proving it, and looking on where it did not cure. */
  beginWith(option: number, weights: Float64Array, costs: Costs, tries: number): number {
    let mass = 0;
    for (let s = 0; s < weights.length; s += 1) mass += weights[s] as number;
    const left = this.after(option, weights, this.rest);
    const remaining = this.options[option]?.isErase ? tries : tries - 1;
    const handedOver = this.stakes.workshop * left;
    const on = left > 0 && remaining > 0 ? this.lookOn(this.rest, costs, remaining) : handedOver;
    return (costs.repair[option] as number) * mass + Math.min(on, handedOver);
  }
}
