/** Chance that repeats: the same seed draws the same. */
export interface Chance {
  /** A number in [0, 1). */
  readonly next: () => number;
  readonly between: (low: number, high: number) => number;
  /** Even on a log scale: for what spans decades, such as resistances. */
  readonly logBetween: (low: number, high: number) => number;
  readonly whole: (low: number, high: number) => number;
  readonly hits: (probability: number) => boolean;
  readonly pick: <T>(list: readonly T[]) => T;
  /** One of the entries, as likely as its weight. */
  readonly weighted: <T>(list: readonly (readonly [T, number])[]) => T;
  /** Gaussian with mean 0 and deviation 1 (Box and Muller 1958). */
  readonly gaussian: () => number;
  /** Draws of their own under a name: a new draw in one branch changes no other. */
  readonly branch: (name: string) => Chance;
}

/** A seed from a seed and a name: FNV-1a, 32 bits. */
function seedOf(seed: number, name: string): number {
  let hash = (0x811c9dc5 ^ seed) >>> 0;
  for (let at = 0; at < name.length; at += 1) hash = Math.imul(hash ^ name.charCodeAt(at), 0x01000193) >>> 0;
  return hash;
}

/**
 * Random numbers that repeat: mulberry32, a 32-bit generator in the public domain.
 * @param seed any whole number. @returns draws; `pick` and `weighted` throw RangeError on an empty list.
 * @example chanceFrom(1).next() === chanceFrom(1).next() // => true
 * @example chanceFrom(1).branch('car').next() === chanceFrom(1).branch('past').next() // => false
 */
export function chanceFrom(seed: number): Chance {
  let state = seed >>> 0;
  const next = (): number => {
    state = (state + 0x6d2b79f5) >>> 0;
    let mixed = Math.imul(state ^ (state >>> 15), 1 | state);
    mixed = (mixed + Math.imul(mixed ^ (mixed >>> 7), 61 | mixed)) ^ mixed;
    return ((mixed ^ (mixed >>> 14)) >>> 0) / 4_294_967_296;
  };
  const between = (low: number, high: number): number => low + (high - low) * next();
  const first = <T>(list: readonly T[]): T => {
    const [element] = list;
    if (element === undefined) throw new RangeError('nothing to draw from');
    return element;
  };
  return {
    next,
    between,
    logBetween: (low, high) => low * (high / low) ** next(),
    whole: (low, high) => Math.floor(between(low, high + 1)),
    hits: (probability) => next() < probability,
    pick: (list) => list[Math.floor(next() * list.length)] ?? first(list),
    weighted: (list) => {
      let rest = next() * list.reduce((sum, [, weight]) => sum + weight, 0);
      for (const [element, weight] of list) {
        rest -= weight;
        if (rest < 0) return element;
      }
      return first(list)[0];
    },
    branch: (name) => chanceFrom(seedOf(seed, name)),
    gaussian: () => Math.sqrt(-2 * Math.log(1 - next())) * Math.cos(2 * Math.PI * next()),
  };
}
