import { CHANNELS, type Channel } from '../casefile/words';
import type { Log } from './log';

/** The middle value; NaN for none. */
export function median(values: readonly number[] | Float64Array): number {
  const sorted = Float64Array.from(values).sort();
  const middle = sorted.length >> 1;
  if (sorted.length === 0) return Number.NaN;
  return sorted.length % 2 === 1
    ? (sorted[middle] as number)
    : ((sorted[middle - 1] as number) + (sorted[middle] as number)) / 2;
}

/** Over a longer silence, in seconds, nothing is drawn. */
const LONGEST_GAP = 3;

const hasGaps = (speeds: Float64Array): boolean => {
  for (let at = 0; at < speeds.length; at += 1) if (Number.isNaN(speeds[at])) return true;
  return false;
};

/** A channel's readings at every moment of the log: what was not read then is drawn straight between its neighbours. */
function drawnThrough(seconds: Float64Array, speeds: Float64Array): Float64Array {
  if (!hasGaps(speeds)) return speeds;
  const drawn = Float64Array.from(speeds);
  let last = -1;
  for (let at = 0; at < speeds.length; at += 1) {
    if (Number.isNaN(speeds[at])) continue;
    if (last >= 0 && at - last > 1) drawBetween(seconds, drawn, last, at);
    last = at;
  }
  return drawn;
}

function drawBetween(seconds: Float64Array, drawn: Float64Array, last: number, at: number): void {
  const [from, to] = [seconds[last] as number, seconds[at] as number];
  if (to - from > LONGEST_GAP) return;
  const [start, rise] = [drawn[last] as number, (drawn[at] as number) - (drawn[last] as number)];
  for (let between = last + 1; between < at; between += 1)
    drawn[between] = start + (to > from ? (((seconds[between] as number) - from) / (to - from)) * rise : 0);
}

/** The recording as the analysis wants it: each channel at every moment, and for each the speed that the others say it should have. */
export interface Series {
  readonly seconds: Float64Array;
  readonly channels: readonly Channel[];
  /** Own readings; NaN where the channel was not read. */
  readonly own: Readonly<Partial<Record<Channel, Float64Array>>>;
  /** Own readings with what lies between them. */
  readonly drawn: Readonly<Partial<Record<Channel, Float64Array>>>;
  /** What the other wheels say of this one's speed. */
  readonly expected: Readonly<Partial<Record<Channel, Float64Array>>>;
  /** Median of all wheels. */
  readonly road: Float64Array;
  readonly marks: Log['marks'];
  /** How the car bends, as each axle sees it. */
  readonly bends: { readonly front: Int8Array; readonly rear: Int8Array };
}

/** Sides that differ by less than this share, or by half a step of a reader, run straight on. */
const STRAIGHT = 0.012;
const HALF_STEP = 0.5;

/** How the car bends at every moment as an axle sees it: −1 to the left, 1 to the right, 0 straight on or not known. */
function bendsBy(left: Float64Array | undefined, right: Float64Array | undefined, rows: number): Int8Array {
  const bends = new Int8Array(rows);
  if (!left || !right) return bends;
  for (let at = 0; at < rows; at += 1) {
    const onLeft = left[at] as number;
    const onRight = right[at] as number;
    const least = STRAIGHT * Math.max(onLeft, onRight) + HALF_STEP;
    if (onLeft - onRight > least) bends[at] = 1;
    else if (onRight - onLeft > least) bends[at] = -1;
  }
  return bends;
}

/** The bends as the axle sees them that a wheel does not belong to. */
export const bendsFor = (channel: Channel, { bends }: Pick<Series, 'bends'>): Int8Array =>
  channel.startsWith('front') ? bends.rear : bends.front;

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
  const made = new Float64Array(rows);
  for (let at = 0; at < rows; at += 1) {
    middle.clear();
    for (const column of columns) middle.add(column[at] as number);
    made[at] = middle.value;
  }
  return made;
}

type Four = readonly [Float64Array, Float64Array, Float64Array, Float64Array];

/**
 * The same for four wheels that are all read: with the two in the middle known, the median of the other three is the upper of them
 * for a wheel that lies low, and the lower for one that lies high.
 */
function middlesOfFour([a, b, c, d]: Four, [ea, eb, ec, ed]: Four, road: Float64Array, isWhole: Uint8Array): void {
  for (let at = 0; at < road.length; at += 1) {
    const va = a[at] as number;
    const vb = b[at] as number;
    const vc = c[at] as number;
    const vd = d[at] as number;
    const least = Math.max(Math.min(va, vb), Math.min(vc, vd));
    const most = Math.min(Math.max(va, vb), Math.max(vc, vd));
    const low = Math.min(least, most);
    const high = Math.max(least, most);
    const middle = (low + high) / 2;
    if (Number.isNaN(middle)) continue;
    isWhole[at] = 1;
    road[at] = middle;
    ea[at] = va <= low ? high : low;
    eb[at] = vb <= low ? high : low;
    ec[at] = vc <= low ? high : low;
    ed[at] = vd <= low ? high : low;
  }
}

/** Moments at which not all of four wheels are read are filled by the slow way. */
function fillRest(columns: Four, into: Four, road: Float64Array, isWhole: Uint8Array): void {
  const middle = new Middle();
  for (let at = 0; at < road.length; at += 1) {
    if (isWhole[at] === 1) continue;
    for (let own = -1; own < columns.length; own += 1) {
      middle.clear();
      for (let other = 0; other < columns.length; other += 1)
        if (other !== own) middle.add((columns[other] as Float64Array)[at] as number);
      (own < 0 ? road : (into[own] as Float64Array))[at] = middle.value;
    }
  }
}

/**
 * Lays the channels side by side.
 * @param log as read. @returns every channel with the speed that it should have; the road's speed is the median of all.
 */
export function seriesOf(log: Log): Series {
  const channels = CHANNELS.filter((channel) => log.speeds[channel]);
  const rows = log.seconds.length;
  const columns = channels.map((channel) => drawnThrough(log.seconds, log.speeds[channel] as Float64Array));
  const named = (made: readonly Float64Array[]): Partial<Record<Channel, Float64Array>> =>
    Object.fromEntries(channels.map((channel, at) => [channel, made[at]]));
  const drawn = named(columns);
  const bends = {
    front: bendsBy(drawn['front-left'], drawn['front-right'], rows),
    rear: bendsBy(drawn['rear-left'], drawn['rear-right'], rows),
  };
  const base = { seconds: log.seconds, channels, own: log.speeds, drawn, marks: log.marks, bends };
  if (columns.length !== 4) {
    const expected = columns.map((own) =>
      middleOf(
        columns.filter((other) => other !== own),
        rows,
      ),
    );
    return { ...base, expected: named(expected), road: middleOf(columns, rows) };
  }
  const four = columns as unknown as Four;
  const expected = four.map(() => new Float64Array(rows)) as unknown as Four;
  const [road, isWhole] = [new Float64Array(rows), new Uint8Array(rows)];
  middlesOfFour(four, expected, road, isWhole);
  fillRest(four, expected, road, isWhole);
  return { ...base, expected: named(expected), road };
}
