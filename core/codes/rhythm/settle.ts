import type { Take } from './take';

/** What several takes say together. */
export interface Settled {
  /** The codes on which at least two takes agree, in the order first flashed; null while none do. */
  readonly codes: readonly string[] | null;
  /** How many takes say the same as the best supported reading. */
  readonly agreeing: number;
}

interface Candidate {
  readonly codes: readonly string[];
  /** Takes in which it is the likeliest reading. */
  agreeing: number;
  /** Takes' natural logs for it, summed. */
  score: number;
}

/** All takes together must put the agreed reading this far before any other, as a natural log. */
const SURE = 5;
/** A hand slips: one take can speak against a reading by no more than this. */
const MOST_AGAINST = 6;

/** The list without its repeats: a lamp says each code several times, and begins again at the end. */
function distinct(codes: readonly string[]): readonly string[] {
  return [...new Set(codes)];
}

function keyOf(codes: readonly string[]): string {
  return [...distinct(codes)].sort().join();
}

/** How far each list of codes trails in one take: its best reading counts. */
function trailsIn(take: Take): Map<string, number> {
  const trails = new Map<string, number>();
  for (const reading of take.readings)
    trails.set(keyOf(reading.codes), Math.max(reading.trails, trails.get(keyOf(reading.codes)) ?? -Infinity));
  return trails;
}

/**
 * Settles flash codes from takes, whatever code each began with: at least two takes must agree, and all takes together
 * must put that reading clearly before any other.
 * @param takes in order. @returns the agreed codes, or null.
 * @example settleTakes([]).codes // => null
 */
export function settleTakes(takes: readonly Take[]): Settled {
  const read = takes.filter((take) => take.codes.length > 0);
  const candidates = new Map<string, Candidate>();
  for (const { codes } of read.flatMap((take) => take.readings))
    if (!candidates.has(keyOf(codes))) candidates.set(keyOf(codes), { codes: distinct(codes), agreeing: 0, score: 0 });
  for (const take of read) {
    const trails = trailsIn(take);
    for (const [key, candidate] of candidates) {
      candidate.score += Math.max(-MOST_AGAINST, trails.get(key) ?? -Infinity);
      if (key === keyOf(take.codes)) candidate.agreeing += 1;
    }
  }
  const [best, next] = [...candidates.values()].sort((a, b) => b.agreeing - a.agreeing || b.score - a.score);
  if (!best) return { codes: null, agreeing: 0 };
  const rival = [...candidates.values()].reduce(
    (most, candidate) => (candidate === best ? most : Math.max(most, candidate.score)),
    -Infinity,
  );
  const isAgreed = best.agreeing >= 2 && best.agreeing > (next?.agreeing ?? 0) && best.score - rival >= SURE;
  return { codes: isAgreed ? best.codes : null, agreeing: best.agreeing };
}
