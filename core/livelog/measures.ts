/** Below this many km/h a good sensor may show nothing: many modules begin at 3 to 5. */
export const SURELY_MOVING = 8;
/** A reader that shows whole km/h is wrong by half of one. */
export const STEP = 1;

/** A wheel that shows less than this share of what it should be is far below it. */
export const FAR_BELOW = 0.6;

/**
 * Whether a wheel plainly follows, as far as one reading tells. @param speed of its own, km/h. @param should what the others say.
 * @example follows(20, 30) // => true
 */
export const follows = (speed: number, should: number): boolean => speed > FAR_BELOW * should;

/** What holds for a whole drive is seen in so many readings, spread evenly over it; more make nothing surer. */
const ENOUGH = 5000;

/**
 * Every so manyth row is looked at for what holds for a whole drive. @param rows of the recording. @returns 1 or more.
 * @example strideOf(1000000) // => 200
 */
export const strideOf = (rows: number): number => Math.max(1, Math.floor(rows / ENOUGH));

/**
 * How sure so many readings make. @param many 0 or more. @returns 0.5 to 0.98.
 * @example sure(0) // => 0.5
 */
export const sure = (many: number): number => Math.min(0.98, 1 - 0.5 / (1 + many / 3));

/** Values counted in equal boxes: medians of millions without sorting them. */
export class Boxes {
  private readonly counts: Uint32Array;
  total = 0;

  /** @param from least value. @param to largest; beyond both nothing is counted. @param size of a box. */
  constructor(
    private readonly from: number,
    to: number,
    private readonly size: number,
  ) {
    this.counts = new Uint32Array(Math.ceil((to - from) / size) + 1);
  }

  add(value: number): void {
    const box = Math.floor((value - this.from) / this.size);
    if (box < 0 || box >= this.counts.length) return;
    this.counts[box] = (this.counts[box] as number) + 1;
    this.total += 1;
  }

  /** The middle value, to a part of a box; NaN for none. */
  median(): number {
    return this.quantile(0.5);
  }

  private quantile(share: number): number {
    if (this.total === 0) return Number.NaN;
    let [seen, box] = [0, 0];
    const wanted = share * this.total;
    for (; seen + (this.counts[box] as number) < wanted; box += 1) seen += this.counts[box] as number;
    const inside = (wanted - seen) / Math.max(1, this.counts[box] as number);
    return this.from + (box + inside) * this.size;
  }

  /** Middle distance from a value, to a box. */
  spreadAround(value: number): number {
    const distances = new Boxes(0, this.counts.length * this.size, this.size);
    this.counts.forEach((count, box) => {
      const distance = Math.abs(this.from + (box + 0.5) * this.size - value);
      const at = Math.floor(distance / this.size);
      distances.counts[at] = (distances.counts[at] ?? 0) + count;
    });
    distances.total = this.total;
    return distances.median();
  }
}
