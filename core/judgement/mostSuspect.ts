import type { CaseFile } from '../casefile/contract';
import type { Channel } from '../casefile/words';

/** What a ranking says of corners. */
type Shares = readonly { readonly channel: string | null; readonly probability: number }[];

/**
 * The corner that holds most suspicion; before a judgement the one looked at last, else the first.
 * @param ranking faults with their chances; null before a judgement. @param file the case; null before it has been read.
 * @returns a corner of the car.
 * @example mostSuspect(null, null) // => "front-left"
 */
export function mostSuspect(ranking: Shares | null, file: CaseFile | null): Channel {
  const channels = file?.vehicle.channels ?? [];
  const first = channels[0] ?? 'front-left';
  const seen = file?.observations.findLast((entry) => entry.channel && channels.includes(entry.channel));
  if (!ranking) return seen?.channel ?? first;
  const share = (channel: Channel): number =>
    ranking.reduce((sum, row) => sum + (row.channel === channel ? row.probability : 0), 0);
  return channels.reduce((best, channel) => (share(channel) > share(best) + 1e-9 ? channel : best), first);
}
