import type { LogFinding } from './log';
import { trembling, USUAL_TURN_M } from './perTurn';
import type { Readings } from './readings';
import { median, type Series } from './series';

/** Readings fast enough to be judged, with their deviation from what they should be as a share. */
interface Shares {
  readonly index: readonly number[];
  readonly share: readonly number[];
}

function sharesOf({ own, expected }: Readings): Shares {
  const [index, share]: [number[], number[]] = [[], []];
  own.forEach((speed, at) => {
    const should = expected[at] as number;
    if (should <= 6 || speed <= 0.25 * should || speed >= 2 * should) return;
    index.push(at);
    share.push(speed / should - 1);
  });
  return { index, share };
}

/** A deviation without what changes slowly: the median of about two seconds is taken off. */
function quick({ index, share }: Shares, at: readonly number[], order: number): number {
  const here = at[index[order] as number] as number;
  const near: number[] = [];
  for (let other = Math.max(0, order - 12); other <= Math.min(index.length - 1, order + 12); other += 1)
    if (Math.abs((at[index[other] as number] as number) - here) <= 1.2) near.push(share[other] as number);
  return (share[order] as number) - median(near);
}

/** So many readings tell how wide the others spread, and whether one trembles; more make nothing surer. */
const ENOUGH = 2500;

/** What a channel's trembling amounts to, and how many readings could have shown it. */
export interface Shaken {
  readonly finding: LogFinding | null;
  readonly usable: number;
  readonly spread: number;
}

/** Judges how one wheel trembles. @param turnM way of its tyre in one turn, m. */
export function shaken(readings: Readings, series: Series, turnM: number): Shaken {
  const { channel, at, own, expected } = readings;
  const shares = sharesOf(readings);
  const stride = Math.max(1, Math.floor(shares.index.length / ENOUGH));
  const spread = median(
    shares.index.flatMap((index, order) =>
      order % stride === 0 ? [Math.abs(quick(shares, at, order)) * (own[index] as number)] : [],
    ),
  );
  /* More than two readings a turn, or nothing can be said of what happens within one. */
  const usable = shares.index.flatMap((index, order) => {
    const before = shares.index[order - 1];
    const step = before === undefined ? Infinity : (at[index] as number) - (at[before] as number);
    return (step * (expected[index] as number)) / 3.6 < turnM / 2 ? [order] : [];
  });
  const chosen = usable.slice(0, ENOUGH);
  const turnsAt = turnsBy(series);
  const moment = (order: number): number => at[shares.index[order] as number] as number;
  const tremble = trembling(
    chosen.map((order) => turnsAt(moment(order))),
    chosen.map((order) => quick(shares, at, order)),
  );
  if (!tremble || tremble.byChance > BY_CHANCE || tremble.amplitude < FAINTEST)
    return { finding: null, usable: usable.length, spread };
  return {
    usable: usable.length,
    spread,
    finding: {
      channel,
      finding: 'erratic',
      rhythm: 'once-per-turn',
      from: moment(chosen[0] ?? 0),
      to: moment(chosen.at(-1) ?? 0),
      strength: Math.min(1, tremble.depth),
      confidence: Math.min(0.98, 1 - Math.max(0.02, tremble.byChance * 1e3)),
      share: Math.round(100 * tremble.share) / 100,
    },
  };
}

/** Noise alone looks like a trembling once in so many recordings. */
const BY_CHANCE = 1e-5;
/** A sound ring and an unbalanced wheel stay below this share. */
const FAINTEST = 0.004;

/** Turns since the start, by the road's speed and the usual tyre. */
function turnsBy({ seconds, road }: Series): (at: number) => number {
  const turns = new Float64Array(seconds.length);
  for (let row = 1; row < seconds.length; row += 1) {
    const speed = ((road[row] as number) + (road[row - 1] as number)) / 2;
    turns[row] =
      (turns[row - 1] as number) +
      (Number.isNaN(speed)
        ? 0
        : ((speed / 3.6) * ((seconds[row] as number) - (seconds[row - 1] as number))) / USUAL_TURN_M);
  }
  return (at) => {
    let [low, high] = [0, seconds.length - 1];
    while (low < high) {
      const middle = (low + high) >> 1;
      if ((seconds[middle] as number) < at) low = middle + 1;
      else high = middle;
    }
    return turns[low] as number;
  };
}
