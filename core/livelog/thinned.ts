import type { Channel } from '../casefile/words';
import type { Log } from './log';

/** Curves for the eye: of each stretch of time its lowest and its highest reading, so that no drop-out is lost. */
export type Curves = Readonly<
  Partial<Record<Channel, { readonly seconds: readonly number[]; readonly speeds: readonly number[] }>>
>;

/** More than a screen has columns. */
const MOST_POINTS = 1600;

function thinnedOne(seconds: Float64Array, speeds: Float64Array): { seconds: number[]; speeds: number[] } {
  const kept: { seconds: number[]; speeds: number[] } = { seconds: [], speeds: [] };
  const stretch = Math.max(1, Math.ceil((2 * speeds.length) / MOST_POINTS));
  for (let from = 0; from < speeds.length; from += stretch) {
    let [low, high] = [-1, -1];
    for (let at = from; at < Math.min(from + stretch, speeds.length); at += 1) {
      const speed = speeds[at] as number;
      if (Number.isNaN(speed)) continue;
      if (low < 0 || speed < (speeds[low] as number)) low = at;
      if (high < 0 || speed > (speeds[high] as number)) high = at;
    }
    for (const at of low === high ? [low] : [low, high].toSorted((first, second) => first - second)) {
      if (at < 0) continue;
      kept.seconds.push(seconds[at] as number);
      kept.speeds.push(speeds[at] as number);
    }
  }
  return kept;
}

/**
 * Curves of a recording of any length, small enough to be drawn.
 * @param log as read. @returns at most 1600 points a channel.
 */
export function thinned(log: Log): Curves {
  return Object.fromEntries(
    Object.entries(log.speeds).map(([channel, speeds]) => [channel, thinnedOne(log.seconds, speeds)]),
  );
}
