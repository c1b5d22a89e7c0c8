/** One flash of the lamp as tapped along with: when it began and how long the key was held, in seconds. */
export interface Flash {
  readonly at: number;
  readonly held: number;
}

/** How a car counts: a count a digit, or long flashes for tens and short ones for units. */
export type Scheme = 'counts' | 'long-short';

/** A flash that comes sooner than this after the last is the finger bouncing, in seconds. */
const BOUNCE = 0.09;
/** No rhythm is longer; what is tapped beyond it isn't read. */
const MOST_FLASHES = 240;

/**
 * Flashes in order of time, without the finger's bounces and without anything that isn't a time.
 * @param flashes as tapped, seconds, any order. @returns at most 240 flashes, each later than the last.
 * @example cleanFlashes([{ at: 1, held: 0.1 }, { at: 1.03, held: 0.1 }]).length // => 1
 */
export function cleanFlashes(flashes: readonly Flash[]): readonly Flash[] {
  const kept: Flash[] = [];
  const sound = flashes.filter((flash) => Number.isFinite(flash.at));
  for (const { at, held } of [...sound].sort((a, b) => a.at - b.at)) {
    const last = kept.at(-1);
    if (last && at - last.at < BOUNCE) continue;
    kept.push({ at, held: Number.isFinite(held) ? Math.max(0, held) : 0 });
  }
  return kept.slice(0, MOST_FLASHES);
}
