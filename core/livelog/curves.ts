import type { Channel } from '../casefile/words';
import type { Series } from './series';

/** Points of a curve: of each stretch the lowest and the highest, so that nothing short is lost. */
export interface Curve {
  readonly seconds: readonly number[];
  /** Way since the car moved off, km. */
  readonly kilometres: readonly number[];
  readonly values: readonly number[];
}

/** A stretch in which both axles bend the same way. */
export interface Bend {
  readonly from: number;
  readonly to: number;
  readonly side: 'left' | 'right';
}

/** The curves of a recording, which need no judgement. */
export interface LogCurves {
  readonly speeds: Readonly<Partial<Record<Channel, Curve>>>;
  /** Per cent faster or slower than the other wheels say. */
  readonly deviations: Readonly<Partial<Record<Channel, Curve>>>;
  readonly bends: readonly Bend[];
  readonly kilometres: number;
}

/** More than a screen has columns. */
const MOST_POINTS = 900;
const MOVING_OFF = 2;

/** Way since the car moved off at every row, km. */
function wayOf({ seconds, road }: Series): Float64Array {
  const way = new Float64Array(seconds.length);
  let isOff = false;
  for (let row = 1; row < way.length; row += 1) {
    const speed = road[row] as number;
    isOff ||= speed > MOVING_OFF;
    const step = (speed * ((seconds[row] as number) - (seconds[row - 1] as number))) / 3600;
    way[row] = (way[row - 1] as number) + (isOff && step > 0 ? step : 0);
  }
  return way;
}

function curveOf(values: Float64Array, seconds: Float64Array, way: Float64Array): Curve {
  const curve: { seconds: number[]; kilometres: number[]; values: number[] } = {
    seconds: [],
    kilometres: [],
    values: [],
  };
  const keep = (at: number): void => {
    if (at < 0) return;
    curve.seconds.push(seconds[at] as number);
    curve.kilometres.push(way[at] as number);
    curve.values.push(values[at] as number);
  };
  const stretch = Math.max(1, Math.ceil((2 * values.length) / MOST_POINTS));
  for (let from = 0; from < values.length; from += stretch) {
    let [low, high] = [-1, -1];
    for (let at = from; at < Math.min(from + stretch, values.length); at += 1) {
      const value = values[at] as number;
      if (Number.isNaN(value)) continue;
      if (low < 0 || value < (values[low] as number)) low = at;
      if (high < 0 || value > (values[high] as number)) high = at;
    }
    keep(Math.min(low, high));
    if (low !== high) keep(Math.max(low, high));
  }
  return curve;
}

/** Slower than this a share says little. */
export const JUDGED_FROM = 6;

function deviationOf(own: Float64Array, expected: Float64Array): Float64Array {
  const off = new Float64Array(own.length);
  for (let at = 0; at < off.length; at += 1) {
    const should = expected[at] as number;
    off[at] = should > JUDGED_FROM ? 100 * ((own[at] as number) / should - 1) : Number.NaN;
  }
  return off;
}

/** Shorter ones are a hand on the wheel. */
const SHORTEST_BEND = 1.5;
const MOST_BENDS = 60;

/** A wheel that dips breaks a bend for so long at most. */
const BROKEN_FOR = 1;

/** The bends of the drive, the longest where there are many. */
function bendsOf({ seconds, bends: { front, rear } }: Series): readonly Bend[] {
  const found: Bend[] = [];
  for (let row = 0; row < seconds.length; row += 1) {
    const way = front(row) + rear(row);
    if (way === 0) continue;
    const side = way < 0 ? 'left' : 'right';
    const now = seconds[row] as number;
    const last = found.at(-1);
    if (last?.side === side && now - last.to <= BROKEN_FOR) found[found.length - 1] = { ...last, to: now };
    else found.push({ from: now, to: now, side });
  }
  return found
    .filter(({ from, to }) => to - from >= SHORTEST_BEND)
    .toSorted((first, second) => second.to - second.from - (first.to - first.from))
    .slice(0, MOST_BENDS);
}

/**
 * Curves of a recording of any length, small enough to be drawn.
 * @param series of {@link seriesOf}. @returns at most 900 points a curve.
 * @example Object.keys(curvesOf(SERIES).speeds).length // => 4
 */
export function curvesOf(series: Series): LogCurves {
  const way = wayOf(series);
  const speeds: Partial<Record<Channel, Curve>> = {};
  const deviations: Partial<Record<Channel, Curve>> = {};
  for (const channel of series.channels) {
    const [own, expected] = [series.own[channel], series.expected[channel]];
    if (!own || !expected) continue;
    speeds[channel] = curveOf(own, series.seconds, way);
    deviations[channel] = curveOf(deviationOf(own, expected), series.seconds, way);
  }
  return { speeds, deviations, bends: bendsOf(series), kilometres: way.at(-1) ?? 0 };
}
