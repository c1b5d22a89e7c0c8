import type { Channel } from '../casefile/words';
import type { Series } from './series';

/** One channel's readings while it was read, beside what they should be. */
export interface Readings {
  readonly channel: Channel;
  readonly count: number;
  /** Row of the recording that a reading stands in. */
  readonly row: Int32Array | null;
  /** Seconds. */
  readonly at: Float64Array;
  readonly own: Float64Array;
  readonly expected: Float64Array;
}

/** Where a reading stands in the recording. */
export const rowOf = ({ row }: Readings, index: number): number => row?.[index] ?? index;

/** A channel's own readings where the others say what they should be; the very columns where it was read at every moment. */
export function readingsOf(series: Series, channel: Channel): Readings {
  const none = new Float64Array();
  const [own, expected] = [series.own[channel] ?? none, series.expected[channel] ?? none];
  let count = 0;
  for (let at = 0; at < own.length; at += 1)
    if (!Number.isNaN((own[at] as number) + (expected[at] as number))) count += 1;
  if (count === own.length) return { channel, count, row: null, at: series.seconds, own, expected };
  const made = {
    row: new Int32Array(count),
    at: new Float64Array(count),
    own: new Float64Array(count),
    expected: new Float64Array(count),
  };
  let index = 0;
  for (let row = 0; row < own.length; row += 1) {
    if (Number.isNaN((own[row] as number) + (expected[row] as number))) continue;
    made.row[index] = row;
    made.at[index] = series.seconds[row] as number;
    made.own[index] = own[row] as number;
    made.expected[index] = expected[row] as number;
    index += 1;
  }
  return { channel, count, ...made };
}
