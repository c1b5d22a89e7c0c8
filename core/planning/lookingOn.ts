import type { CheckMove } from './checkMoves';
import type { Place, Prices } from './prices';

/** A check that may be made later: what it costs where the job stands, and the halvings that it tells. */
interface Later {
  readonly check: CheckMove;
  readonly cost: number;
  readonly tells: number;
}

/**
 * What looking on is still worth at the end of a plan: the checks left, the cheapest for what it tells first,
 * each for what it tells less its own price, until nothing is open or the next one costs more than it tells.
 * A check that grows dearer takes no more from this than the rise of its price, so that it never looks better for being dear.
 */
export class LookingOn {
  private readonly later = new Map<Place, readonly Later[]>();
  private readonly telling = new Map<CheckMove, number>();

  constructor(private readonly prices: Prices) {}

  /** Notes a check that can change what is done, and the halvings that it tells on average. */
  add(check: CheckMove, tells: number): void {
    if (tells > 0) this.telling.set(check, tells);
  }

  /** The checks in the order of what they tell for their price; what one opens stands open for the next. */
  private at(place: Place): readonly Later[] {
    const known = this.later.get(place);
    if (known) return known;
    const open = new Set(place.at.open);
    const left = new Set(this.telling.keys());
    const made: Later[] = [];
    while (left.size > 0) {
      const next = this.cheapest(left, open);
      made.push(next);
      left.delete(next.check);
      next.check.openings.forEach(({ key }) => open.add(key));
    }
    this.later.set(place, made);
    return made;
  }

  private cheapest(left: ReadonlySet<CheckMove>, open: ReadonlySet<string>): Later {
    let [best, least]: [Later | null, number] = [null, Infinity];
    for (const check of left) {
      const tells = this.telling.get(check) ?? 0;
      const cost = this.prices.ofCheck(check, open).total;
      if (best && cost / tells >= least) continue;
      [best, least] = [{ check, cost, tells }, cost / tells];
    }
    return best as Later;
  }

  /**
   * What the checks left bring.
   * @param place where the job stands. @param made checks that were made on the way. @param open halvings still open, 0 or more.
   * @param worth of knowing all of it, money for each unit of belief. @returns money for each unit of belief, 0 or more.
   */
  brings(place: Place, made: readonly CheckMove[], open: number, worth: number): number {
    let [left, brings] = [open, 0];
    for (const { check, cost, tells } of this.at(place)) {
      if (left <= 0) return brings;
      const gain = (Math.min(tells, left) * worth) / open - cost;
      if (made.includes(check)) continue;
      if (gain <= 0) continue;
      brings += gain;
      left -= tells;
    }
    return brings;
  }
}
