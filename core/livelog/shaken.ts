import type { LogFinding } from './log';
import { trembling, USUAL_TURN_M, type Trembling } from './perTurn';
import { rowOf, type Readings } from './readings';
import { median, type Series } from './series';

/** Too slow to be judged as a share, km/h. */
const TOO_SLOW = 6;
/** What changes more slowly than this is no trembling, seconds to both sides. */
const SLOWLY = 1.2;
const NEIGHBOURS = 12;
/** So many readings tell how wide a wheel spreads; more make nothing surer. */
const ENOUGH = 1500;
/** Trembling is looked for in so many stretches of the drive, of so many readings each. */
const STRETCHES = 3;
const IN_A_STRETCH = 2000;
/** Noise alone looks like a trembling once in so many recordings. */
const BY_CHANCE = 1e-5;
/** A sound ring and an unbalanced wheel stay below this share. */
const FAINTEST = 0.004;

/** Readings fast enough to be judged, with their deviation from what they should be as a share. */
interface Shares {
  readonly count: number;
  readonly index: Int32Array;
  readonly share: Float64Array;
}

function sharesOf({ count, own, expected }: Readings): Shares {
  const [index, share] = [new Int32Array(count), new Float64Array(count)];
  let kept = 0;
  for (let at = 0; at < count; at += 1) {
    const speed = own[at] as number;
    const should = expected[at] as number;
    if (should <= TOO_SLOW || speed <= 0.25 * should || speed >= 2 * should) continue;
    index[kept] = at;
    share[kept] = speed / should - 1;
    kept += 1;
  }
  return { count: kept, index, share };
}

const near = new Float64Array(2 * NEIGHBOURS + 1);

/** A deviation without what changes slowly: the median of about two seconds is taken off. */
function quick({ count, index, share }: Shares, at: Float64Array, order: number): number {
  const here = at[index[order] as number] as number;
  let many = 0;
  const last = Math.min(count - 1, order + NEIGHBOURS);
  for (let other = Math.max(0, order - NEIGHBOURS); other <= last; other += 1) {
    if (Math.abs((at[index[other] as number] as number) - here) > SLOWLY) continue;
    near[many] = share[other] as number;
    many += 1;
  }
  return (share[order] as number) - median(near.subarray(0, many));
}

/** How far the readings lie beside what changes slowly, km/h. */
function spreadOf(shares: Shares, { at, own }: Readings): number {
  const stride = Math.max(1, Math.floor(shares.count / ENOUGH));
  const off: number[] = [];
  for (let order = 0; order < shares.count; order += stride)
    off.push(Math.abs(quick(shares, at, order)) * (own[shares.index[order] as number] as number));
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

/** What a channel's trembling amounts to, and how many readings could have shown it. */
export interface Shaken {
  readonly finding: LogFinding | null;
  readonly usable: number;
  readonly spread: number;
}

/** Some stretches of the readings, spread over all of them; all of them where they are few. */
function stretchesOf(usable: Int32Array): readonly Int32Array[] {
  if (usable.length <= IN_A_STRETCH) return [usable];
  const many = Math.min(STRETCHES, Math.floor(usable.length / IN_A_STRETCH));
  const room = usable.length - IN_A_STRETCH;
  return Array.from({ length: many }, (_, at) => {
    const from = many === 1 ? 0 : Math.floor((room * at) / (many - 1));
    return usable.subarray(from, from + IN_A_STRETCH);
  });
}

/** Judges how one wheel trembles. @param turns of the wheel at each row of the recording. @param turnM way of its tyre in one turn, m. */
export function shaken(readings: Readings, turns: Float64Array, turnM: number): Shaken {
  const shares = sharesOf(readings);
  const spread = spreadOf(shares, readings);
  const usable = usableOf(shares, readings, turnM);
  const stretches = stretchesOf(usable);
  let best: { tremble: Trembling; stretch: Int32Array } | null = null;
  for (const stretch of stretches) {
    const tremble = trembling(
      Float64Array.from(stretch, (order) => turns[rowOf(readings, shares.index[order] as number)] as number),
      Float64Array.from(stretch, (order) => quick(shares, readings.at, order)),
    );
    if (tremble && tremble.byChance < (best?.tremble.byChance ?? Infinity)) best = { tremble, stretch };
  }
  const byChance = (best?.tremble.byChance ?? 1) * stretches.length;
  if (!best || byChance > BY_CHANCE || best.tremble.amplitude < FAINTEST)
    return { finding: null, usable: usable.length, spread };
  const moment = (order: number | undefined): number => readings.at[shares.index[order ?? 0] as number] as number;
  return {
    usable: usable.length,
    spread,
    finding: {
      channel: readings.channel,
      finding: 'erratic',
      rhythm: 'once-per-turn',
      from: moment(best.stretch[0]),
      to: moment(best.stretch.at(-1)),
      strength: Math.min(1, best.tremble.depth),
      confidence: Math.min(0.98, 1 - Math.max(0.02, byChance * 1e3)),
      share: Math.round(100 * best.tremble.share) / 100,
    },
  };
}

/** Turns of a wheel since the start at every row, by the road's speed and the usual tyre. */
export function turnsOf({ seconds, road }: Series): Float64Array {
  const turns = new Float64Array(seconds.length);
  for (let row = 1; row < seconds.length; row += 1) {
    const way =
      (((road[row] as number) + (road[row - 1] as number)) / 7.2) *
      ((seconds[row] as number) - (seconds[row - 1] as number));
    turns[row] = (turns[row - 1] as number) + (way > 0 ? way / USUAL_TURN_M : 0);
  }
  return turns;
}
