import type { States } from './states';

/** How sure it is at which wheel the fault lies: a reading at a wheel tells only if it is that one. */
export class Wheels {
  /** By state: the number of its wheel; states that lie at no wheel have a number of their own. */
  private readonly wheelOf: Int32Array;
  private readonly shares: Float64Array;

  constructor({ all }: States) {
    const numbers = new Map<string, number>();
    this.wheelOf = Int32Array.from(all, ({ faults }) => {
      const key = faults.find((fault) => fault.channel)?.channel ?? '';
      const number = numbers.get(key) ?? numbers.size;
      numbers.set(key, number);
      return number;
    });
    this.shares = new Float64Array(numbers.size);
  }

  /**
   * Share of the likeliest wheel.
   * @param weights by state. @param mass their sum, above 0. @returns 0 to 1.
   */
  surest(weights: Float64Array, mass: number): number {
    const { shares, wheelOf } = this;
    shares.fill(0);
    for (let s = 0; s < weights.length; s += 1) {
      const wheel = wheelOf[s] as number;
      shares[wheel] = (shares[wheel] as number) + (weights[s] as number);
    }
    let most = 0;
    for (let w = 0; w < shares.length; w += 1) most = Math.max(most, shares[w] as number);
    return most / mass;
  }
}
