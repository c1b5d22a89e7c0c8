import type { Channel } from '../casefile/words';
import type { Series } from './series';

/** One channel's readings while it was read, beside what they should be. */
export interface Readings {
  readonly channel: Channel;
  readonly at: readonly number[];
  readonly own: readonly number[];
  readonly expected: readonly number[];
  readonly straight: readonly boolean[];
}

/** A channel's own readings where the others say what they should be. */
export function readingsOf(series: Series, channel: Channel): Readings {
  const [own, expected] = [series.own[channel], series.expected[channel]];
  const kept = Array.from(series.seconds, (_, at) => at).filter(
    (at) => !Number.isNaN(own?.[at] ?? Number.NaN) && !Number.isNaN(expected?.[at] ?? Number.NaN),
  );
  return {
    channel,
    at: kept.map((at) => series.seconds[at] as number),
    own: kept.map((at) => own?.[at] as number),
    expected: kept.map((at) => expected?.[at] as number),
    straight: kept.map((at) => series.straight[channel]?.[at] === 1),
  };
}
