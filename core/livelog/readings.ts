import type { Channel } from '../casefile/words';
import { follows, SURELY_MOVING } from './measures';
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
  /** Readings, in order, that do not plainly follow a moving car: among them is all that can speak against a wheel but noise and scale. */
  readonly odd: Int32Array;
}

/**
 * Where a reading stands in the recording.
 * @example rowOf({ row: Int32Array.of(3, 7) }, 1) // => 7
 */
export const rowOf = ({ row }: Readings, index: number): number => row?.[index] ?? index;

/** The odd ones among readings; null where one of them is none. */
function oddOf(own: Float64Array, expected: Float64Array): Int32Array | null {
  const count = own.length;
  const odd = new Int32Array(count);
  let many = 0;
  for (let index = 0; index < count; index += 1) {
    const speed = own[index] as number;
    const should = expected[index] as number;
    if (should > SURELY_MOVING && follows(speed, should)) continue;
    if (Number.isNaN(speed + should)) return null;
    odd[many] = index;
    many += 1;
  }
  return odd.subarray(0, many);
}

/** The same, where it is known in which rows any wheel is odd. */
const oddAmong = (rows: Int32Array, own: Float64Array, expected: Float64Array): Int32Array =>
  rows.filter((row) => {
    const should = expected[row] as number;
    return !(should > SURELY_MOVING && follows(own[row] as number, should));
  });

/**
 * A channel's own readings where the others say what they should be; the very columns where it was read at every moment.
 * @example readingsOf(SERIES, 'front-right').channel // => "front-right"
 */
export function readingsOf(series: Series, channel: Channel): Readings {
  const none = new Float64Array();
  const [own, expected] = [series.own[channel] ?? none, series.expected[channel] ?? none];
  const odd = series.odd ? oddAmong(series.odd, own, expected) : oddOf(own, expected);
  return odd
    ? { channel, count: own.length, row: null, at: series.seconds, own, expected, odd }
    : { channel, ...whereRead(series.seconds, own, expected) };
}

/** The moments at which a channel was read, closed up. */
function whereRead(seconds: Float64Array, own: Float64Array, expected: Float64Array): Omit<Readings, 'channel'> {
  let count = 0;
  for (let at = 0; at < own.length; at += 1)
    if (!Number.isNaN((own[at] as number) + (expected[at] as number))) count += 1;
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
    made.at[index] = seconds[row] as number;
    made.own[index] = own[row] as number;
    made.expected[index] = expected[row] as number;
    index += 1;
  }
  return { ...made, count, odd: oddOf(made.own, made.expected) ?? new Int32Array() };
}
