import { CHANNELS, type Channel } from '../casefile/words';
import type { Log } from './log';
import { Middle } from './middle';

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
  readonly bends: { readonly front: Bend; readonly rear: Bend };
}

/** Sides that differ by less than this share, or by half a step of a reader, run straight on. */
const STRAIGHT = 0.012;
const HALF_STEP = 0.5;

/** How an axle sees the car bend in a row: −1 to the left, 1 to the right, 0 straight on or not known. */
export type Bend = (row: number) => -1 | 0 | 1;

function bendBy(left: Float64Array | undefined, right: Float64Array | undefined): Bend {
  if (!left || !right) return () => 0;
  return (row) => {
    const onLeft = left[row] as number;
    const onRight = right[row] as number;
    const least = STRAIGHT * Math.max(onLeft, onRight) + HALF_STEP;
    if (onLeft - onRight > least) return 1;
    return onRight - onLeft > least ? -1 : 0;
  };
}

/** As the axle sees it that a wheel does not belong to. */
export const bendFor = (channel: Channel, { bends }: Pick<Series, 'bends'>): Bend =>
  channel.startsWith('front') ? bends.rear : bends.front;

/** At every moment the middle of these channels, of two the faster. */
function middleOf(columns: readonly Float64Array[], rows: number): Float64Array {
  const middle = new Middle(CHANNELS.length);
  const made = new Float64Array(rows);
  for (let at = 0; at < rows; at += 1) {
    middle.clear();
    for (const column of columns) middle.add(column[at] as number);
    made[at] = middle.many === 2 ? middle.largest : middle.value;
  }
  return made;
}

type Four = readonly [Float64Array, Float64Array, Float64Array, Float64Array];

/**
 * The same for four wheels that are all read: with the two in the middle known, the median of the other three is the upper of them
 * for a wheel that lies low, and the lower for one that lies high. Comparisons, for `Math.min` and `Math.max` take half as long again.
 * @param from first row. @returns the first row at which not all are read; as many as there are rows for none.
 */
function middlesOfFour([a, b, c, d]: Four, [ea, eb, ec, ed]: Four, road: Float64Array, from: number): number {
  const rows = road.length;
  for (let at = from; at < rows; at += 1) {
    const va = a[at] as number;
    const vb = b[at] as number;
    const vc = c[at] as number;
    const vd = d[at] as number;
    if (Number.isNaN(va + vb + vc + vd)) return at;
    const least = Math.max(va < vb ? va : vb, vc < vd ? vc : vd);
    const most = Math.min(va < vb ? vb : va, vc < vd ? vd : vc);
    const low = least < most ? least : most;
    const high = least < most ? most : least;
    road[at] = (low + high) / 2;
    ea[at] = va <= low ? high : low;
    eb[at] = vb <= low ? high : low;
    ec[at] = vc <= low ? high : low;
    ed[at] = vd <= low ? high : low;
  }
  return rows;
}

/** One row at which not all of four wheels are read. */
function middlesOfRest(columns: Four, into: Four, road: Float64Array, row: number, middle: Middle): void {
  for (let own = -1; own < columns.length; own += 1) {
    middle.clear();
    for (let other = 0; other < columns.length; other += 1)
      if (other !== own) middle.add((columns[other] as Float64Array)[row] as number);
    (own < 0 ? road : (into[own] as Float64Array))[row] = middle.many === 2 ? middle.largest : middle.value;
  }
}

/** What is reckoned of channels side by side. */
interface Beside {
  readonly drawn: readonly Float64Array[];
  readonly expected: readonly Float64Array[];
  readonly road: Float64Array;
}

/** Of four wheels; nothing is drawn between readings where all were read at every moment. */
function besideFour(own: Four, seconds: Float64Array): Beside {
  const rows = seconds.length;
  const expected = own.map(() => new Float64Array(rows)) as unknown as Four;
  const road = new Float64Array(rows);
  let row = middlesOfFour(own, expected, road, 0);
  if (row === rows) return { drawn: own, expected, road };
  const drawn = own.map((speeds) => drawnThrough(seconds, speeds)) as unknown as Four;
  const middle = new Middle(CHANNELS.length);
  while (row < rows) {
    middlesOfRest(drawn, expected, road, row, middle);
    row = middlesOfFour(drawn, expected, road, row + 1);
  }
  return { drawn, expected, road };
}

/** Of any other number of wheels. */
function besideSome(own: readonly Float64Array[], seconds: Float64Array): Beside {
  const drawn = own.map((speeds) => drawnThrough(seconds, speeds));
  const expected = drawn.map((column) =>
    middleOf(
      drawn.filter((other) => other !== column),
      seconds.length,
    ),
  );
  return { drawn, expected, road: middleOf(drawn, seconds.length) };
}

/**
 * Lays the channels side by side.
 * @param log as read. @returns every channel with the speed that it should have; the road's speed is the median of all.
 */
export function seriesOf(log: Log): Series {
  const channels = CHANNELS.filter((channel) => log.speeds[channel]);
  const own = channels.map((channel) => log.speeds[channel] as Float64Array);
  const beside = own.length === 4 ? besideFour(own as unknown as Four, log.seconds) : besideSome(own, log.seconds);
  const named = (made: readonly Float64Array[]): Partial<Record<Channel, Float64Array>> =>
    Object.fromEntries(channels.map((channel, at) => [channel, made[at]]));
  const drawn = named(beside.drawn);
  return {
    seconds: log.seconds,
    channels,
    own: log.speeds,
    drawn,
    expected: named(beside.expected),
    road: beside.road,
    marks: log.marks,
    bends: {
      front: bendBy(drawn['front-left'], drawn['front-right']),
      rear: bendBy(drawn['rear-left'], drawn['rear-right']),
    },
  };
}
