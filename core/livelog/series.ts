import { CORNER_OF } from '../vehicle/channels';
import { CHANNELS, type Channel } from '../casefile/words';
import type { Log } from './log';
import { follows, SURELY_MOVING } from './measures';
import { Middle } from './middle';

/**
 * The middle value; NaN for none.
 * @example median([3, 1, 2, 10]) // => 2.5
 */
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
  /** Rows in which one of four wheels does not plainly follow a moving car; null where not all of four were read at every moment. */
  readonly odd: Int32Array | null;
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

/**
 * As the axle sees it that a wheel does not belong to.
 * @example bendFor('front-left', { bends: { front: 'front axle', rear: 'rear axle' } }) // => "rear axle"
 */
export const bendFor = (channel: Channel, { bends }: Pick<Series, 'bends'>): Bend =>
  CORNER_OF[channel].end === 'front' ? bends.rear : bends.front;

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

/** Four wheels side by side, as far as all of them are read. */
class FourBeside {
  readonly expected: Four;
  readonly road: Float64Array;
  /** Rows in which one of the wheels does not plainly follow a moving car. */
  private readonly odd: Int32Array;
  private many = 0;
  /** The four of a row in their order. */
  private readonly ranked = new Float64Array(4);

  constructor(private readonly rows: number) {
    const column = (): Float64Array => new Float64Array(rows);
    this.expected = [column(), column(), column(), column()];
    this.road = column();
    this.odd = new Int32Array(rows);
  }

  /**
   * Put in their order, the median of the other three is the third for a wheel that stands first or second, and the second for one above.
   * Sums of comparisons, for a processor cannot guess which way noise will have it.
   * @param from first row. @returns the first row at which not all are read; as many as there are rows for none.
   */
  fill([a, b, c, d]: Four, from: number): number {
    const { rows, road, odd, ranked } = this;
    const [ea, eb, ec, ed] = this.expected;
    for (let at = from; at < rows; at += 1) {
      const va = a[at] as number;
      const vb = b[at] as number;
      const vc = c[at] as number;
      const vd = d[at] as number;
      if (Number.isNaN(va + vb + vc + vd)) return at;
      const ab = Number(va > vb);
      const ac = Number(va > vc);
      const bc = Number(vb > vc);
      const rankA = ab + ac + Number(va > vd);
      const rankB = 1 - ab + bc + Number(vb > vd);
      const rankC = 2 - ac - bc + Number(vc > vd);
      const rankD = 6 - rankA - rankB - rankC;
      ranked[rankA] = va;
      ranked[rankB] = vb;
      ranked[rankC] = vc;
      ranked[rankD] = vd;
      const low = ranked[1] as number;
      const high = ranked[2] as number;
      road[at] = (low + high) / 2;
      ea[at] = ranked[2 - (rankA >> 1)] as number;
      eb[at] = ranked[2 - (rankB >> 1)] as number;
      ec[at] = ranked[2 - (rankC >> 1)] as number;
      ed[at] = ranked[2 - (rankD >> 1)] as number;
      if (follows(ranked[0] as number, high) && low > SURELY_MOVING) continue;
      odd[this.many] = at;
      this.many += 1;
    }
    return rows;
  }

  /** One row at which not all are read. */
  fillRest(columns: Four, row: number, middle: Middle): void {
    for (let own = -1; own < columns.length; own += 1) {
      middle.clear();
      for (let other = 0; other < columns.length; other += 1)
        if (other !== own) middle.add((columns[other] as Float64Array)[row] as number);
      (own < 0 ? this.road : (this.expected[own] as Float64Array))[row] =
        middle.many === 2 ? middle.largest : middle.value;
    }
  }

  get oddRows(): Int32Array {
    return this.odd.subarray(0, this.many);
  }
}

/** What is reckoned of channels side by side. */
interface Beside extends Pick<Series, 'road' | 'odd'> {
  readonly drawn: readonly Float64Array[];
  readonly expected: readonly Float64Array[];
}

/** Of four wheels; nothing is drawn between readings where all were read at every moment. */
function besideFour(own: Four, seconds: Float64Array): Beside {
  const rows = seconds.length;
  const beside = new FourBeside(rows);
  const { expected, road } = beside;
  let row = beside.fill(own, 0);
  if (row === rows) return { drawn: own, expected, road, odd: beside.oddRows };
  const drawn = own.map((speeds) => drawnThrough(seconds, speeds)) as unknown as Four;
  const middle = new Middle(CHANNELS.length);
  while (row < rows) {
    beside.fillRest(drawn, row, middle);
    row = beside.fill(drawn, row + 1);
  }
  return { drawn, expected, road, odd: null };
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
  return { drawn, expected, road: middleOf(drawn, seconds.length), odd: null };
}

/**
 * Lays the channels side by side.
 * @param log as read. @returns every channel with the speed that it should have; the road's speed is the median of all.
 * @example seriesOf(LOG).channels // => ["front-left","front-right","rear-left","rear-right"]
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
    odd: beside.odd,
    marks: log.marks,
    bends: {
      front: bendBy(drawn['front-left'], drawn['front-right']),
      rear: bendBy(drawn['rear-left'], drawn['rear-right']),
    },
  };
}
