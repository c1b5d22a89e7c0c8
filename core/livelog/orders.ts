import { circleOf, transform, type Circle } from './fourier';

/** Places of the grid to a turn: more than twice what is wanted at most, seven waves a turn. */
const PLACES = 32;
/** The highest order that can be asked for, waves a turn. */
export const HIGHEST = 7.5;
/** A reading is spread over so many places to either side. */
const REACH = 5;
/** Orders are known at steps of this part of one wave over the whole way, or finer: what lies between loses a twentieth of its power at most. */
const FINENESS = 4;
/** A shorter way is taken for so many turns, so that the orders lie close enough to be drawn. */
const SHORTEST = 16;
const OVER = PLACES / (2 * HIGHEST);
/** Steepness of the bell that a reading is spread by, in places of the grid (Greengard and Lee 2004, SIAM Review 46). */
const STEEPNESS = (Math.PI * (OVER - 0.5)) / (OVER * REACH);

/** Bell at whole places beside its middle. */
const bell = Float64Array.from({ length: 2 * REACH }, (_, at) => Math.exp(-STEEPNESS * (at - REACH + 1) ** 2));

/**
 * How strongly readings that lie anywhere along the way recur by the turn, for all orders at once: the sums of Lomb (1976) and Scargle (1982),
 * by way of an even grid (Greengard and Lee 2004; exact to a hundred-thousandth).
 */
export class Orders {
  /** Places of the grid in turn: the first, third and so on as real parts, the others as imaginary ones, so that half a transform does. */
  private readonly even: Float64Array;
  private readonly odd: Float64Array;
  private readonly circle: Circle;
  /** Waves a turn from one known order to the next. */
  readonly step: number;

  /**
   * @param turns of the wheel at each reading, rising. @param values at each, of any unit, as many.
   */
  constructor(turns: Float64Array, values: Float64Array) {
    const start = turns[0] ?? 0;
    const way = Math.max(SHORTEST, (turns.at(-1) ?? 0) - start);
    const size = 2 ** Math.ceil(Math.log2(FINENESS * way * PLACES));
    this.even = new Float64Array(size / 2);
    this.odd = new Float64Array(size / 2);
    this.circle = circleOf(size);
    this.step = PLACES / size;
    for (let at = 0; at < turns.length; at += 1)
      this.spread(((turns[at] as number) - start) * PLACES, values[at] as number);
    transform(this.even, this.odd);
  }

  /** Adds a reading to the places around it; the bell is taken apart so that it costs two exponentials. */
  private spread(place: number, value: number): void {
    const { even, odd } = this;
    const nearest = Math.floor(place);
    const beside = place - nearest;
    const factor = Math.exp(2 * STEEPNESS * beside);
    let height = value * Math.exp(-STEEPNESS * beside * beside) * factor ** (1 - REACH);
    for (let at = 0; at < 2 * REACH; at += 1) {
      /* The grid is a circle: what lies before its first place lies behind its last. */
      const into = nearest - REACH + 1 + at;
      const half = (into & 1) === 0 ? even : odd;
      const there = (into >> 1) & (half.length - 1);
      half[there] = (half[there] as number) + height * (bell[at] as number);
      height *= factor;
    }
  }

  /**
   * Square of the sum of all values, each turned on by its place, at the known order next to this.
   * @param order waves a turn, 0 to {@link HIGHEST}. @returns cosine sum and sine sum, squared and added.
   */
  square(order: number): number {
    const { even, odd, circle } = this;
    const half = even.length;
    const at = Math.round(order / this.step);
    const other = (half - at) & (half - 1);
    const x = even[at] as number;
    const y = odd[at] as number;
    const u = even[other] as number;
    const v = odd[other] as number;
    const c = circle.cosine[at] as number;
    const s = circle.sine[at] as number;
    const ox = (y + v) / 2;
    const oy = (u - x) / 2;
    const real = (x + u) / 2 + ox * c - oy * s;
    const imaginary = (y - v) / 2 + ox * s + oy * c;
    const frequency = at / (2 * half);
    const bellThere = (Math.PI / STEEPNESS) * Math.exp((-2 * Math.PI * Math.PI * frequency * frequency) / STEEPNESS);
    return (real * real + imaginary * imaginary) / bellThere;
  }
}
