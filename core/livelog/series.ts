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
  /** 1 where the car runs straight by the other axle. */
  readonly straight: Readonly<Partial<Record<Channel, Uint8Array>>>;
  /** Median of all wheels. */
  readonly road: Float64Array;
}

const OTHER_AXLE: Readonly<Partial<Record<Channel, readonly [left: Channel, right: Channel]>>> = {
  'front-left': ['rear-left', 'rear-right'],
  'front-right': ['rear-left', 'rear-right'],
  'rear-left': ['front-left', 'front-right'],
  'rear-right': ['front-left', 'front-right'],
};
/** Sides that differ by less than this share, or by half a step of a reader, run straight on. */
const STRAIGHT = 0.012;
const HALF_STEP = 0.5;

/** Whether the car runs straight by the axle that this wheel does not belong to; an axle with one reading says nothing against it. */
function isStraightAt(at: number, channel: Channel, all: Readonly<Partial<Record<Channel, Float64Array>>>): boolean {
  const [left, right] = (OTHER_AXLE[channel] ?? []).map((other) => all[other]?.[at] ?? Number.NaN);
  if (left === undefined || right === undefined || Number.isNaN(left + right)) return true;
  return Math.abs(left - right) <= STRAIGHT * Math.max(left, right) + HALF_STEP;
}

/** The middle of what is read at one moment, of two the faster; nothing is allocated, since it is asked for every moment. */
class Middle {
  private readonly sorted = new Float64Array(CHANNELS.length);
  private many = 0;

  clear(): void {
    this.many = 0;
  }

  add(value: number): void {
    if (Number.isNaN(value)) return;
    let at = this.many;
    for (; at > 0 && (this.sorted[at - 1] as number) > value; at -= 1) this.sorted[at] = this.sorted[at - 1] as number;
    this.sorted[at] = value;
    this.many += 1;
  }

  get value(): number {
    const { sorted, many } = this;
    const half = many >> 1;
    if (many === 0) return Number.NaN;
    if (many === 2) return sorted[1] as number;
    return many % 2 === 1 ? (sorted[half] as number) : ((sorted[half - 1] as number) + (sorted[half] as number)) / 2;
  }
}

/** At every moment the middle of these channels. */
function middleOf(columns: readonly Float64Array[], rows: number): Float64Array {
  const middle = new Middle();
  return Float64Array.from({ length: rows }, (_, at) => {
    middle.clear();
    for (const column of columns) middle.add(column[at] as number);
    return middle.value;
  });
}

/**
 * Lays the channels side by side.
 * @param log as read. @returns every channel with the speed that it should have; the road's speed is the median of all.
 */
export function seriesOf(log: Log): Series {
  const channels = CHANNELS.filter((channel) => log.speeds[channel]);
  const drawn: Partial<Record<Channel, Float64Array>> = {};
  for (const channel of channels) drawn[channel] = drawnThrough(log.seconds, log.speeds[channel] as Float64Array);
  const rows = log.seconds.length;
  const columnsBut = (channel: Channel | null): Float64Array[] =>
    channels.flatMap((other) => (other === channel || !drawn[other] ? [] : [drawn[other]]));
  const road = middleOf(columnsBut(null), rows);
  const expected: Partial<Record<Channel, Float64Array>> = {};
  for (const channel of channels) expected[channel] = middleOf(columnsBut(channel), rows);
  const straight: Partial<Record<Channel, Uint8Array>> = {};
  for (const channel of channels)
    straight[channel] = Uint8Array.from(log.seconds, (_, at) => Number(isStraightAt(at, channel, drawn)));
  return { seconds: log.seconds, channels, own: log.speeds, expected, straight, road };
}
