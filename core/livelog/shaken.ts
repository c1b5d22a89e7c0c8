import type { LogFinding } from './log';
import { Middle } from './middle';
import { trembling, USUAL_TURN_M, type Trembling } from './perTurn';
import type { Readings } from './readings';
import { median } from './series';

/** Too slow to be judged as a share, km/h. */
const TOO_SLOW = 6;
/** What changes more slowly than this is no trembling, seconds to both sides. */
const SLOWLY = 1.2;
const NEIGHBOURS = 12;
/** How wide a wheel spreads is told by so many short samples of the drive, of so many readings each; more make nothing surer. */
const SAMPLES = 60;
const IN_A_SAMPLE = 25;
/** Trembling is looked for in so many stretches of the drive, of so many readings each. */
const STRETCHES = 3;
const IN_A_STRETCH = 2000;
/** Noise alone looks like a trembling once in so many recordings. */
const BY_CHANCE = 1e-5;
/** A sound ring and an unbalanced wheel stay below this share. */
const FAINTEST = 0.004;

/** Readings of a part of the drive that are fast enough to be judged, with their deviation from what they should be as a share. */
interface Shares {
  readonly count: number;
  readonly index: Int32Array;
  readonly share: Float64Array;
}

/** @param from first reading looked at. @param until the one after the last. @param most that are wanted. */
function sharesOf({ own, expected }: Readings, from: number, until: number, most: number): Shares {
  const room = Math.min(most, until - from);
  const [index, share] = [new Int32Array(room), new Float64Array(room)];
  let kept = 0;
  for (let at = from; at < until && kept < room; at += 1) {
    const speed = own[at] as number;
    const should = expected[at] as number;
    if (should <= TOO_SLOW || speed <= 0.25 * should || speed >= 2 * should) continue;
    index[kept] = at;
    share[kept] = speed / should - 1;
    kept += 1;
  }
  return { count: kept, index, share };
}

/** Parts of the drive, spread evenly over it; the whole drive as one where it has no more readings than they have. */
function partsOf(readings: Readings, parts: number, inEach: number): readonly Shares[] {
  const { count } = readings;
  if (count <= parts * inEach) return [sharesOf(readings, 0, count, count)];
  return Array.from({ length: parts }, (_, part) =>
    sharesOf(readings, Math.floor((count * part) / parts), Math.floor((count * (part + 1)) / parts), inEach),
  );
}

/** What changes slowly at each reading: the median of about two seconds around it. */
function slowOf({ count, index, share }: Shares, at: Float64Array): Float64Array {
  const slow = new Float64Array(count);
  const near = new Middle(2 * NEIGHBOURS + 2);
  const time = (order: number): number => at[index[order] as number] as number;
  let [first, next] = [0, 0];
  for (let order = 0; order < count; order += 1) {
    const here = time(order);
    for (; next < count && next <= order + NEIGHBOURS && time(next) - here <= SLOWLY; next += 1)
      near.add(share[next] as number);
    for (; first < order - NEIGHBOURS || here - time(first) > SLOWLY; first += 1) near.remove(share[first] as number);
    slow[order] = near.value;
  }
  return slow;
}

/** How far the readings lie beside what changes slowly, km/h. */
function spreadOf(readings: Readings): number {
  const { at, own } = readings;
  const off: number[] = [];
  for (const shares of partsOf(readings, SAMPLES, IN_A_SAMPLE)) {
    const slow = slowOf(shares, at);
    for (let order = 0; order < shares.count; order += 1)
      off.push(
        Math.abs((shares.share[order] as number) - (slow[order] as number)) *
          (own[shares.index[order] as number] as number),
      );
  }
  return median(off);
}

/** Readings that follow their neighbour within half a turn: more than two a turn, or nothing can be said of what happens within one. */
function usableOf({ count, index }: Shares, { at, expected }: Readings, turnM: number): Int32Array {
  const usable = new Int32Array(count);
  let kept = 0;
  for (let order = 1; order < count; order += 1) {
    const here = index[order] as number;
    const step = (at[here] as number) - (at[index[order - 1] as number] as number);
    if ((step * (expected[here] as number)) / 3.6 >= turnM / 2) continue;
    usable[kept] = order;
    kept += 1;
  }
  return usable.subarray(0, kept);
}

/** Turns of a stretch at most, 16 km: over a longer one, such as across a pause in the recording, nobody knows the wheel's angle. */
const LONGEST = 8192;

/** Readings of a stretch that can show a trembling, as turns of the wheel and deviation from what changes slowly. */
interface Stretch {
  readonly turns: Float64Array;
  readonly share: Float64Array;
  /** Seconds of the first and the last reading. */
  readonly from: number;
  readonly to: number;
}

function stretchOf(readings: Readings, shares: Shares, turnM: number): Stretch {
  const usable = usableOf(shares, readings, turnM);
  const reading = (at: number): number => shares.index[usable[at] ?? -1] ?? 0;
  const [from, to] = [reading(0), reading(usable.length - 1)];
  const along = ownTurns(readings, from, to);
  const slow = slowOf(shares, readings.at);
  const [turns, share] = [new Float64Array(usable.length), new Float64Array(usable.length)];
  let kept = 0;
  for (; kept < usable.length; kept += 1) {
    const turn = along[reading(kept) - from] as number;
    if (turn > LONGEST) break;
    const order = usable[kept] as number;
    turns[kept] = turn;
    share[kept] = (shares.share[order] as number) - (slow[order] as number);
  }
  return {
    turns: turns.subarray(0, kept),
    share: share.subarray(0, kept),
    from: readings.at[from] ?? 0,
    to: readings.at[reading(kept - 1)] ?? 0,
  };
}

/**
 * The first readings that can show a trembling. @param most of them.
 * @example quickShares(FOLLOWING, 1.95, 100).share.length // => 20
 */
export function quickShares(readings: Readings, turnM: number, most: number): Pick<Stretch, 'turns' | 'share'> {
  return stretchOf(readings, sharesOf(readings, 0, readings.count, most), turnM);
}

/** What a channel's trembling amounts to, and how many readings could have shown it. */
export interface Shaken {
  readonly finding: LogFinding | null;
  readonly usable: number;
  readonly spread: number;
}

/** To both sides so many readings smooth a wheel's own speed, by their middle: a bad place does not slow the wheel itself. */
const SMOOTHED = 4;

/** Turns of a wheel between two of its readings, by its own speed and the usual tyre: in bends a wheel goes a way of its own. */
function ownTurns({ at, own }: Readings, from: number, to: number): Float64Array {
  const turns = new Float64Array(to - from + 1);
  const near = new Middle(2 * SMOOTHED + 2);
  let [before, next] = [0, from];
  for (let index = from; index <= to; index += 1) {
    for (; next <= Math.min(to, index + SMOOTHED); next += 1) near.add(own[next] as number);
    if (index - SMOOTHED > from) near.remove(own[index - SMOOTHED - 1] as number);
    const speed = near.value;
    if (index > from) {
      const way = ((speed + before) / 7.2) * ((at[index] as number) - (at[index - 1] as number));
      turns[index - from] = (turns[index - from - 1] as number) + (way > 0 ? way / USUAL_TURN_M : 0);
    }
    before = speed;
  }
  return turns;
}

/**
 * Judges how one wheel trembles. @param turnM way of its tyre in one turn, m.
 * @example shaken(FOLLOWING, 1.95).finding // => null
 */
export function shaken(readings: Readings, turnM: number): Shaken {
  const stretches = partsOf(readings, STRETCHES, IN_A_STRETCH).map((shares) => stretchOf(readings, shares, turnM));
  const usable = stretches.reduce((sum, { turns }) => sum + turns.length, 0);
  const spread = spreadOf(readings);
  let best: { tremble: Trembling; stretch: Stretch } | null = null;
  for (const stretch of stretches) {
    const tremble = trembling(stretch.turns, stretch.share, FAINTEST);
    if (tremble && tremble.byChance < (best?.tremble.byChance ?? Infinity)) best = { tremble, stretch };
  }
  const byChance = (best?.tremble.byChance ?? 1) * stretches.length;
  if (!best || byChance > BY_CHANCE || best.tremble.amplitude < FAINTEST) return { finding: null, usable, spread };
  const { tremble, stretch } = best;
  return {
    usable,
    spread,
    finding: {
      channel: readings.channel,
      finding: 'erratic',
      rhythm: 'once-per-turn',
      from: stretch.from,
      to: stretch.to,
      strength: Math.min(1, tremble.depth),
      confidence: Math.min(0.98, 1 - Math.max(0.02, byChance * 1e3)),
      share: Math.round(100 * tremble.share) / 100,
      scale: tremble.scale,
    },
  };
}
