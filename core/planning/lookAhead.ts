import type { CaseFile } from '../casefile/contract';
import type { CheckMove } from './checkMoves';
import type { Finish, Finishing } from './finishing';
import { LookingOn } from './lookingOn';
import { Prices, type AnyMove, type Place } from './prices';
import type { Circumstances, RepairOption } from './repairOptions';
import { cornerInQuestion } from './states';
import { Wheels } from './wheels';

/** A move with what the job is expected to cost when it is made first. */
export interface PricedMove {
  readonly move: AnyMove;
  readonly minutes: number;
  readonly money: number;
  /** Expected cost of the best road that begins with it, time included. */
  readonly finish: number;
  /** Whether some answer that may well come would change what is mended first; true of every repair. */
  readonly canChange: boolean;
  /** Chance that it takes away a fault that is there; 0 for checks. */
  readonly cures: number;
}

/** Checks look at the likeliest follow-ups only: so many get a second step, and so many may follow. */
const FIRST_STEPS = 14;
const FOLLOW_UPS = 11;
/** After an outcome this rare nobody plans a second check in advance. */
const RARE = 0.004;
/** An answer counts as one that may well come from here on. */
const MAY_WELL_COME = 0.02;
/** Another repair is worth calling another when it saves so many minutes: two that are as good as equal change places at a breath. */
const WORTH_CHANGING_MINUTES = 1;

/** A point of the plan: what is believed, and where the job stands. */
interface Standing {
  readonly weights: Float64Array;
  readonly place: Place;
  readonly tries: number;
  /** Checks made on the way, and the halvings that they made on average. */
  readonly made: readonly CheckMove[];
  readonly halved: number;
}

/** One branch of a move: how the job stands then. */
interface Branch {
  readonly standing: Standing;
  readonly mass: number;
}

/** Prices moves by looking one and two steps ahead, with the cost of finishing sensibly behind them. */
export class LookAhead {
  /** Weights of an outcome at the end of the look, used again and again. */
  private readonly scratch: Float64Array;
  /** Belief in the corner in question alone, and halvings until it is known what must be mended there. */
  private readonly corner: Float64Array;
  private readonly halvingsThere: number;
  private readonly prices: Prices;
  private readonly lookingOn: LookingOn;
  private readonly wheels: Wheels;
  private readonly telling = new Map<AnyMove, number>();

  constructor(
    private readonly finishing: Finishing,
    private readonly moves: readonly AnyMove[],
    file: CaseFile,
  ) {
    this.prices = new Prices(finishing, file);
    this.lookingOn = new LookingOn(this.prices);
    this.wheels = new Wheels(finishing.states);
    this.scratch = new Float64Array(finishing.states.all.length);
    this.corner = cornerInQuestion(finishing.states);
    this.halvingsThere = finishing.halvings(this.corner);
  }

  /** Notes what each check can tell, and which of them can change anything. */
  private weighChecks(standing: Standing, first: number): ReadonlyMap<AnyMove, boolean> {
    const canChange = new Map<AnyMove, boolean>();
    for (const move of this.moves) {
      canChange.set(move, this.canChange(move, standing, 1, first));
      if (move.kind === 'repair') continue;
      const tells = this.tells(move);
      this.telling.set(move, tells);
      if (canChange.get(move)) this.lookingOn.add(move, tells);
    }
    return canChange;
  }

  private startingAt(at: Circumstances): Standing {
    const { states, stakes } = this.finishing;
    return { weights: states.weights, place: this.prices.placeAt(at), tries: stakes.tries, made: [], halved: 0 };
  }

  private finish({ weights, place, tries }: Standing): Finish {
    return this.finishing.finish(weights, place.costs, tries);
  }

  /** What may come of a move, the cured car left out: there the job is done. */
  private branches(move: AnyMove, { weights, place, tries, made, halved }: Standing): readonly Branch[] {
    if (move.kind === 'repair') {
      const left = new Float64Array(weights.length);
      const mass = this.finishing.after(move.option, weights, left);
      const standing = { weights: left, place: this.prices.afterRepair(place), tries: tries - 1, made, halved };
      return [{ standing, mass }];
    }
    const known = { made: [...made, move], halved: halved + (this.telling.get(move) ?? 0) };
    return move.outcomes.map(({ name, chance }) => {
      let mass = 0;
      const then = new Float64Array(weights.length);
      for (let s = 0; s < weights.length; s += 1) {
        const weight = (weights[s] as number) * (chance[s] as number);
        then[s] = weight;
        mass += weight;
      }
      return {
        standing: { weights: then, place: this.prices.afterCheck(move, name, place), tries, ...known },
        mass,
      };
    });
  }

  private leaf({ standing, mass }: Branch): number {
    if (standing.tries <= 0) return this.finishing.stakes.workshop * mass;
    return this.end(standing.weights, standing.place, standing);
  }

  /**
   * What finishing costs from here: mending first, less what looking on with the checks that are left would save.
   */
  private end(weights: Float64Array, place: Place, { tries, made, halved }: Standing): number {
    const mending = this.finishing.finish(weights, place.costs, tries).cost;
    const { cost, mass } = this.finishing.mendKnown(weights, place.costs, tries);
    const open = this.halvingsThere - halved;
    if (cost >= mending || open <= 0) return mending;
    const worth = ((mending - cost) / mass) * this.wheels.surest(weights, mass);
    return mending - mass * this.lookingOn.brings(place, made, open, worth);
  }

  /** Halvings that a check tells on average, of what must be mended at the corner in question. */
  private tells(move: CheckMove): number {
    const then = move.outcomes.reduce((sum, { chance }) => {
      this.multiply(this.corner, chance);
      return sum + this.finishing.halvings(this.scratch);
    }, 0);
    return Math.max(0, this.halvingsThere - then);
  }

  /** Expected cost of a move and then finishing; broken off once it reaches the limit. */
  private oneStep(move: AnyMove, standing: Standing, mass: number, limit: number): number {
    let cost = this.prices.of(move, standing.place).total * mass;
    if (move.kind === 'repair') {
      for (const branch of this.branches(move, standing)) if (branch.mass > 0) cost += this.leaf(branch);
      return cost;
    }
    const { scratch } = this;
    const then = {
      ...standing,
      made: [...standing.made, move],
      halved: standing.halved + (this.telling.get(move) ?? 0),
    };
    for (const { name, chance } of move.outcomes) {
      if (cost >= limit) return cost;
      if (this.multiply(standing.weights, chance) === 0) continue;
      const place = this.prices.afterCheck(move, name, standing.place);
      cost += this.end(scratch, place, then);
    }
    return cost;
  }

  /** Weights times the chances of an outcome, into the scratch array; gives back their sum. */
  private multiply(weights: Float64Array, chance: Float64Array): number {
    const { scratch } = this;
    let mass = 0;
    for (let s = 0; s < scratch.length; s += 1) {
      const weight = (weights[s] as number) * (chance[s] as number);
      scratch[s] = weight;
      mass += weight;
    }
    return mass;
  }

  /** The repair that one would begin with in a branch, as a move. */
  private mendingFirst({ standing }: Branch): readonly AnyMove[] {
    const { first } = this.finish(standing);
    return this.moves.filter((move) => move.kind === 'repair' && move.option === first);
  }

  /** What the best move to follow in a branch costs to the end. */
  private followUp(branch: Branch, followUps: readonly CheckMove[], but: AnyMove): number {
    let best = this.leaf(branch);
    for (const next of [...followUps, ...this.mendingFirst(branch)])
      if (next !== but) best = Math.min(best, this.oneStep(next, branch.standing, branch.mass, best));
    return best;
  }

  private twoSteps(move: AnyMove, standing: Standing, mass: number, followUps: readonly CheckMove[]): number {
    let cost = this.prices.of(move, standing.place).total * mass;
    for (const branch of this.branches(move, standing)) {
      if (branch.mass <= RARE * mass || branch.standing.tries === 0) {
        cost += branch.mass > 0 ? this.leaf(branch) : 0;
        continue;
      }
      cost += this.followUp(branch, followUps, move);
    }
    return cost;
  }

  /** Whether some answer that may well come would have another repair made first, and gain by it. */
  private canChange(move: AnyMove, standing: Standing, mass: number, first: number): boolean {
    if (move.kind === 'repair') return true;
    const { hourValue } = this.finishing.stakes;
    return this.branches(move, standing).some((branch) => {
      if (branch.mass < MAY_WELL_COME * mass) return false;
      const own = this.finish(branch.standing);
      if (own.first === first) return false;
      const { weights, place, tries } = branch.standing;
      const held = first < 0 ? Infinity : this.finishing.beginWith(first, weights, place.costs, tries);
      return held - own.cost >= (branch.mass * hourValue * WORTH_CHANGING_MINUTES) / 60;
    });
  }

  /** Chance that a repair takes away a fault that is there: a sound car is cured by nothing. */
  private curedBy(move: AnyMove, weights: Float64Array): number {
    if (move.kind === 'check') return 0;
    const { effects } = this.finishing.options[move.option] as RepairOption;
    return this.finishing.states.all.reduce((sum, { faults }, s) => {
      const stays = effects[s]?.left.find(([to]) => to === s)?.[1] ?? 0;
      return faults.length > 0 ? sum + (weights[s] ?? 0) * (1 - stays) : sum;
    }, 0);
  }

  /**
   * Prices all moves from where the job stands.
   * @param at how the job stands. @returns every move with its price and the best road that begins with it; cheapest road first.
   */
  priceAll(at: Circumstances): readonly PricedMove[] {
    const standing = this.startingAt(at);
    const { first } = this.finish(standing);
    const canChange = this.weighChecks(standing, first);
    const ranked = this.moves
      .map((move) => ({ move, alone: this.oneStep(move, standing, 1, Infinity) }))
      .sort((a, b) => a.alone - b.alone);
    const followUps = ranked
      .map(({ move }) => move)
      .filter((move): move is CheckMove => move.kind === 'check')
      .slice(0, FOLLOW_UPS);
    const priced = ranked.map(({ move, alone }, rank): PricedMove => {
      const isDeep = rank < FIRST_STEPS || move.kind === 'repair';
      const ahead = isDeep ? this.twoSteps(move, standing, 1, followUps) : alone;
      const { minutes, money } = this.prices.of(move, standing.place);
      return {
        move,
        minutes,
        money,
        finish: Math.min(alone, ahead),
        canChange: canChange.get(move) ?? false,
        cures: this.curedBy(move, standing.weights),
      };
    });
    return priced.sort((a, b) => a.finish - b.finish);
  }
}
