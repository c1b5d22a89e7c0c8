import type { LogFinding } from './log';
import { trembling, USUAL_TURN_M, type Trembling } from './perTurn';
import type { Readings } from './readings';
import { median } from './series';

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

/** The middle of the first few of `near`, which are put in order in place. */
function middleOfFew(many: number): number {
  for (let at = 1; at < many; at += 1) {
    const value = near[at] as number;
    let to = at;
    for (; to > 0 && (near[to - 1] as number) > value; to -= 1) near[to] = near[to - 1] as number;
    near[to] = value;
  }
  const half = many >> 1;
  return many % 2 === 1 ? (near[half] as number) : ((near[half - 1] as number) + (near[half] as number)) / 2;
}

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
  return (share[order] as number) - middleOfFew(many);
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

/** Readings that can show a trembling, with their deviation from what changes slowly. @param most of them, from the first on. */
export function quickShares(
  readings: Readings,
  turnM: number,
  most: number,
): { readonly turns: Float64Array; readonly share: Float64Array } {
  const shares = sharesOf(readings);
  const usable = usableOf(shares, readings, turnM).subarray(0, most);
  const index = Int32Array.from(usable, (order) => shares.index[order] as number);
  const from = index[0] ?? 0;
  const turns = ownTurns(readings, from, index.at(-1) ?? 0);
  return {
    turns: Float64Array.from(index, (reading) => turns[reading - from] as number),
    share: Float64Array.from(usable, (order) => quick(shares, readings.at, order)),
  };
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

/** To both sides so many readings smooth a wheel's own speed, by their middle: a bad place does not slow the wheel itself. */
const SMOOTHED = 4;

/** Turns of a wheel between two of its readings, by its own speed and the usual tyre: in bends a wheel goes a way of its own. */
function ownTurns({ at, own }: Readings, from: number, to: number): Float64Array {
  const turns = new Float64Array(to - from + 1);
  let before = 0;
  for (let index = from; index <= to; index += 1) {
    let many = 0;
    for (let other = Math.max(from, index - SMOOTHED); other <= Math.min(to, index + SMOOTHED); other += 1) {
      near[many] = own[other] as number;
      many += 1;
    }
    const speed = middleOfFew(many);
    if (index > from) {
      const way = ((speed + before) / 7.2) * ((at[index] as number) - (at[index - 1] as number));
      turns[index - from] = (turns[index - from - 1] as number) + (way > 0 ? way / USUAL_TURN_M : 0);
    }
    before = speed;
  }
  return turns;
}

/** Judges how one wheel trembles. @param turnM way of its tyre in one turn, m. */
export function shaken(readings: Readings, turnM: number): Shaken {
  const shares = sharesOf(readings);
  const spread = spreadOf(shares, readings);
  const usable = usableOf(shares, readings, turnM);
  const stretches = stretchesOf(usable);
  let best: { tremble: Trembling; stretch: Int32Array } | null = null;
  for (const stretch of stretches) {
    const indexOf = (order: number | undefined): number => shares.index[order ?? 0] as number;
    const from = indexOf(stretch[0]);
    const turns = ownTurns(readings, from, indexOf(stretch.at(-1)));
    const tremble = trembling(
      Float64Array.from(stretch, (order) => turns[indexOf(order) - from] as number),
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
      scale: best.tremble.scale,
    },
  };
}
