import { CHANNELS, type Channel } from '../casefile/words';
import type { Log } from './log';

/** The middle value; NaN for none. */
export function median(values: readonly number[] | Float64Array): number {
  const sorted = Float64Array.from(values).toSorted();
  const middle = sorted.length >> 1;
  if (sorted.length === 0) return Number.NaN;
  return sorted.length % 2 === 1
    ? (sorted[middle] as number)
    : ((sorted[middle - 1] as number) + (sorted[middle] as number)) / 2;
}

/** A channel's readings at every moment of the log: what was not read then is drawn straight between its neighbours. */
function drawnThrough(seconds: Float64Array, speeds: Float64Array): Float64Array {
  const drawn = new Float64Array(speeds.length).fill(Number.NaN);
  let last = -1;
  speeds.forEach((speed, at) => {
    if (Number.isNaN(speed)) return;
    drawn[at] = speed;
    const [from, to] = [seconds[last] ?? 0, seconds[at] as number];
    if (last >= 0 && to - from <= LONGEST_GAP)
      for (let between = last + 1; between < at; between += 1) {
        const share = to > from ? ((seconds[between] as number) - from) / (to - from) : 0;
        drawn[between] = (speeds[last] as number) * (1 - share) + speed * share;
      }
    last = at;
  });
  return drawn;
}

/** Over a longer silence nothing is drawn. */
const LONGEST_GAP = 3;

/** The recording as the analysis wants it: each channel at every moment, and for each the speed that the others say it should have. */
export interface Series {
  readonly seconds: Float64Array;
  readonly channels: readonly Channel[];
  /** Own readings; NaN where the channel was not read. */
  readonly own: Readonly<Partial<Record<Channel, Float64Array>>>;
  /** What the other wheels say of this one's speed. */
  readonly expected: Readonly<Partial<Record<Channel, Float64Array>>>;
  /** Median of all wheels. */
  readonly road: Float64Array;
}

const TWIN: Readonly<Partial<Record<Channel, readonly [twin: Channel, same: Channel, across: Channel]>>> = {
  'front-left': ['front-right', 'rear-left', 'rear-right'],
  'front-right': ['front-left', 'rear-right', 'rear-left'],
  'rear-left': ['rear-right', 'front-left', 'front-right'],
  'rear-right': ['rear-left', 'front-right', 'front-left'],
};
/** Two wheels of one axle differ by no more than this share in a bend (turning circle of about 10 m, track of 1.5 m). */
const MOST_IN_A_BEND = 0.15;

/** The speed of a wheel by the other three: its twin, and by how much the two sides differ on the other axle, as they do in a bend. */
function expectedAt(
  at: number,
  channel: Channel,
  all: Readonly<Partial<Record<Channel, Float64Array>>>,
  road: number,
): number {
  const others = CHANNELS.flatMap((other) => {
    const speed = other === channel ? Number.NaN : (all[other]?.[at] ?? Number.NaN);
    return Number.isNaN(speed) ? [] : [speed];
  });
  const [twin, same, across] = (TWIN[channel] ?? []).map((other) => all[other]?.[at] ?? Number.NaN);
  const bend = (same ?? Number.NaN) - (across ?? Number.NaN);
  const isBend = Math.abs(bend) <= MOST_IN_A_BEND * Math.max(road, 1);
  if (twin !== undefined && !Number.isNaN(twin + bend) && isBend && twin > 0.5 * road) return Math.max(0, twin + bend);
  return others.length > 0 ? (others.length === 2 ? Math.max(...others) : median(others)) : Number.NaN;
}

/**
 * Lays the channels side by side.
 * @param log as read. @returns every channel with the speed that it should have; the road's speed is the median of all.
 */
export function seriesOf(log: Log): Series {
  const channels = CHANNELS.filter((channel) => log.speeds[channel]);
  const drawn: Partial<Record<Channel, Float64Array>> = {};
  for (const channel of channels) drawn[channel] = drawnThrough(log.seconds, log.speeds[channel] as Float64Array);
  const road = Float64Array.from(log.seconds, (_, at) => {
    const speeds = channels.flatMap((channel) => {
      const speed = drawn[channel]?.[at] ?? Number.NaN;
      return Number.isNaN(speed) ? [] : [speed];
    });
    return speeds.length === 2 ? Math.max(...speeds) : median(speeds);
  });
  const expected: Partial<Record<Channel, Float64Array>> = {};
  for (const channel of channels)
    expected[channel] = Float64Array.from(log.seconds, (_, at) => expectedAt(at, channel, drawn, road[at] as number));
  return { seconds: log.seconds, channels, own: log.speeds, expected, road };
}
