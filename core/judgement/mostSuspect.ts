import type { CaseFile } from '../casefile/contract';
import type { Channel } from '../casefile/words';

/** What a ranking says of corners. */
type Shares = readonly { readonly channel: string | null; readonly probability: number }[];

/** Below this chance of any fault at a corner none is in question: what was repaired last is then what is looked at. */
const IN_QUESTION = 0.05;

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
  const best = channels.reduce((most, channel) => (share(channel) > share(most) + 1e-9 ? channel : most), first);
  const repaired = file?.repairs?.findLast((made) => made.channel && channels.includes(made.channel))?.channel;
  return share(best) < IN_QUESTION && repaired ? repaired : best;
}
