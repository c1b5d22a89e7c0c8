import type { CaseFile } from '../casefile/contract';
import { priceOf, repairRecord } from '../knowledge/repairs/all';
import { minutesToOpen } from '../knowledge/setups';
import type { CheckMove } from './checkMoves';
import type { Costs, Finish, Finishing } from './finishing';
import { repairPrice, type Circumstances, type RepairOption } from './repairOptions';

/** A repair as a move. */
export interface RepairMove {
  readonly kind: 'repair';
  readonly name: string;
  readonly channel: RepairOption['channel'];
  readonly option: number;
}

/** Any move: they are priced alike and looked ahead from equally deep. */
export type AnyMove = CheckMove | RepairMove;

/** A move with what the job is expected to cost when it is made first. */
export interface PricedMove {
  readonly move: AnyMove;
  readonly minutes: number;
  readonly money: number;
  /** Expected cost of the best road that begins with it, time included. */
  readonly finish: number;
  /** Whether some answer that may well come would change what is mended first; true of every repair. */
  readonly canChange: boolean;
  /** Chance that it cures the car; 0 for checks. */
  readonly cures: number;
  /** What each next move adds to the road when it may not be used. */
  readonly reliesOn: ReadonlyMap<AnyMove, number>;
}

/** Checks look at the likeliest follow-ups only: so many get a second step, and so many may follow. */
const FIRST_STEPS = 14;
const FOLLOW_UPS = 11;
/** After an outcome this rare nobody plans a second check in advance. */
const RARE = 0.004;
/** An answer counts as one that may well come from here on. */
const MAY_WELL_COME = 0.01;
/** Another repair is worth calling another when it saves so many minutes: two that are as good as equal change places at a breath. */
const WORTH_CHANGING_MINUTES = 1;

/** A place in the plan: what is believed, and how the job stands. */
interface Standing {
  readonly weights: Float64Array;
  readonly at: Circumstances;
  readonly tries: number;
}

/** One branch of a move: how the job stands then. */
interface Branch {
  readonly standing: Standing;
  readonly mass: number;
}

/** Prices moves by looking one and two steps ahead, with the cost of finishing sensibly behind them. */
export class LookAhead {
  constructor(
    private readonly finishing: Finishing,
    private readonly moves: readonly AnyMove[],
    private readonly file: CaseFile,
  ) {}

  private costs(at: Circumstances): Costs {
    return this.finishing.costsAt(at);
  }

  private finish({ weights, at, tries }: Standing): Finish {
    return this.finishing.finish(weights, this.costs(at), tries);
  }

  /** Chance that the sensor of a corner would have been kept: breaking one that is to be replaced costs nothing. */
  private keptSensor({ channel }: CheckMove, weights: Float64Array): number {
    const option = this.finishing.options.find(
      (one) => one.record.repair === 'replaced:sensor' && one.channel === channel,
    );
    if (!option) return 1;
    let [mass, replaced] = [0, 0];
    weights.forEach((weight, s) => {
      mass += weight;
      if ((option.effects[s]?.cured ?? 0) > 0.5) replaced += weight;
    });
    return mass > 0 ? 1 - replaced / mass : 1;
  }

  /** What a move takes where the job stands: minutes, money, and both with its risk as money. */
  price(move: AnyMove, { weights, at }: Standing): { minutes: number; money: number; total: number } {
    const { hourValue, workshop } = this.finishing.stakes;
    if (move.kind === 'repair') {
      const option = this.finishing.options[move.option] as RepairOption;
      const { minutes, money } = repairPrice(option, at, this.file);
      return { minutes, money, total: option.record.workshop ? workshop : money + (hourValue * minutes) / 60 };
    }
    const minutes = move.minutes + minutesToOpen(move.openings, at.open, this.file);
    const sensor = repairRecord('replaced:sensor');
    const sensorPrice = sensor ? priceOf(sensor, this.file) : 0;
    const money = move.buys ? sensorPrice : 0;
    const risk = move.mayBreakSensor > 0 ? move.mayBreakSensor * sensorPrice * this.keptSensor(move, weights) : 0;
    return { minutes, money, total: money + risk + (hourValue * minutes) / 60 };
  }

  private afterCheck(move: CheckMove, outcome: string, at: Circumstances): Circumstances {
    const place = move.name.startsWith('look:') ? move.name.slice('look:'.length) : '';
    const isFound = (place === 'lead' || place === 'loom') && outcome !== 'sound';
    return {
      open: new Set([...at.open, ...move.openings.map((opening) => opening.key)]),
      inHand: move.buys ? `${move.buys}@${move.channel ?? ''}` : at.inHand,
      located: isFound ? new Set([...at.located, `${place}@${move.channel ?? ''}`]) : at.located,
      isErased: at.isErased || move.name === 'clear',
    };
  }

  /** What may come of a move, the cured car left out: there the job is done. */
  private branches(move: AnyMove, { weights, at, tries }: Standing): readonly Branch[] {
    if (move.kind === 'repair') {
      const left = new Float64Array(weights.length);
      const mass = this.finishing.after(move.option, weights, left);
      const closed = { ...at, open: new Set<string>(), isErased: true };
      return [{ standing: { weights: left, at: closed, tries: tries - 1 }, mass }];
    }
    return move.outcomes.map(({ name, chance }) => {
      let mass = 0;
      const then = new Float64Array(weights.length);
      for (let s = 0; s < weights.length; s += 1) {
        then[s] = (weights[s] as number) * (chance[s] as number);
        mass += then[s] as number;
      }
      return { standing: { weights: then, at: this.afterCheck(move, name, at), tries }, mass };
    });
  }

  private leaf({ standing, mass }: Branch): number {
    return standing.tries > 0 ? this.finish(standing).cost : this.finishing.stakes.workshop * mass;
  }

  /** Expected cost of a move and then finishing; broken off once it reaches the limit. */
  private oneStep(move: AnyMove, standing: Standing, mass: number, limit: number): number {
    let cost = this.price(move, standing).total * mass;
    for (const branch of this.branches(move, standing)) {
      if (cost >= limit) return cost;
      if (branch.mass > 0) cost += this.leaf(branch);
    }
    return cost;
  }

  /** The best check to follow in a branch, and what it is better than the next best road. */
  private followUp(branch: Branch, followUps: readonly CheckMove[], but: AnyMove) {
    const leaf = this.leaf(branch);
    let [best, second, chosen]: [number, number, AnyMove | null] = [leaf, leaf, null];
    for (const next of followUps) {
      if (next === but) continue;
      const cost = this.oneStep(next, branch.standing, branch.mass, second);
      if (cost < best) [best, second, chosen] = [cost, best, next];
      else second = Math.min(second, cost);
    }
    return { best, chosen, more: second - best };
  }

  private twoSteps(move: AnyMove, standing: Standing, mass: number, followUps: readonly CheckMove[]) {
    const reliesOn = new Map<AnyMove, number>();
    let cost = this.price(move, standing).total * mass;
    for (const branch of this.branches(move, standing)) {
      if (branch.mass <= RARE * mass || branch.standing.tries === 0) {
        cost += branch.mass > 0 ? this.leaf(branch) : 0;
        continue;
      }
      const { best, chosen, more } = this.followUp(branch, followUps, move);
      cost += best;
      if (chosen) reliesOn.set(chosen, (reliesOn.get(chosen) ?? 0) + more);
    }
    return { cost, reliesOn };
  }

  /** Whether some answer that may well come would have another repair made first, and gain by it. */
  private canChange(move: AnyMove, standing: Standing, mass: number, first: number): boolean {
    if (move.kind === 'repair') return true;
    const { hourValue } = this.finishing.stakes;
    return this.branches(move, standing).some((branch) => {
      if (branch.mass < MAY_WELL_COME * mass) return false;
      const own = this.finish(branch.standing);
      if (own.first === first) return false;
      const costs = this.costs(branch.standing.at);
      const held = first < 0 ? Infinity : this.finishing.beginWith(first, branch.standing.weights, costs, branch.standing.tries);
      return held - own.cost >= (branch.mass * hourValue * WORTH_CHANGING_MINUTES) / 60;
    });
  }

  private curedBy(move: AnyMove, weights: Float64Array): number {
    if (move.kind === 'check') return 0;
    const effects = (this.finishing.options[move.option] as RepairOption).effects;
    return weights.reduce((sum, weight, s) => sum + weight * (effects[s]?.cured ?? 0), 0);
  }

  /**
   * Prices all moves from where the job stands.
   * @param at how the job stands. @returns every move with its price and the best road that begins with it; cheapest road first.
   */
  priceAll(at: Circumstances): readonly PricedMove[] {
    const { weights } = this.finishing.states;
    const standing: Standing = { weights, at, tries: this.finishing.stakes.tries };
    const { first } = this.finish(standing);
    const ranked = this.moves
      .map((move) => ({ move, alone: this.oneStep(move, standing, 1, Infinity) }))
      .sort((a, b) => a.alone - b.alone);
    const followUps = ranked
      .map(({ move }) => move)
      .filter((move): move is CheckMove => move.kind === 'check')
      .slice(0, FOLLOW_UPS);
    const priced = ranked.map(({ move, alone }, rank): PricedMove => {
      const isDeep = rank < FIRST_STEPS || move.kind === 'repair';
      const ahead = isDeep ? this.twoSteps(move, standing, 1, followUps) : { cost: alone, reliesOn: new Map<AnyMove, number>() };
      const { minutes, money } = this.price(move, standing);
      return {
        move,
        minutes,
        money,
        finish: Math.min(alone, ahead.cost),
        canChange: this.canChange(move, standing, 1, first),
        cures: this.curedBy(move, weights),
        reliesOn: ahead.reliesOn,
      };
    });
    return priced.sort((a, b) => a.finish - b.finish);
  }

  /**
   * Expected cost of the best road that never makes a repair: one check ahead.
   * @param never number of the repair. @param at how the job stands. @returns cost, time included.
   */
  withoutRepair(never: number, at: Circumstances): number {
    const { weights, } = this.finishing.states;
    const standing: Standing = { weights, at, tries: this.finishing.stakes.tries };
    const leaf = (branch: Standing): number =>
      this.finishing.finish(branch.weights, this.finishing.without(this.costs(branch.at), never), branch.tries).cost;
    return this.moves.reduce((best, move) => {
      if (move.kind === 'repair') return best;
      let cost = this.price(move, standing).total;
      for (const branch of this.branches(move, standing)) {
        if (cost >= best) return best;
        if (branch.mass > 0) cost += leaf(branch.standing);
      }
      return Math.min(best, cost);
    }, leaf(standing));
  }
}
