import type { Channel } from '../casefile/words';
import type { Log } from './log';
import { readingsOf, type Readings } from './readings';
import { seriesOf, type Series } from './series';
import { USUAL_TURN_M } from './perTurn';
import { quickShares } from './shaken';

/** Points of a curve: of each stretch the lowest and the highest, so that nothing short is lost. */
export interface Curve {
  readonly seconds: readonly number[];
  /** Way since the car moved off, km. */
  readonly kilometres: readonly number[];
  readonly values: readonly number[];
}

/** Strength of what recurs so many times a turn. */
export interface Spectrum {
  readonly perTurn: readonly number[];
  /** Share of the speed, 0 to 1. */
  readonly strength: readonly number[];
}

/** A few seconds drawn large, with the beginning of each turn. */
export interface Closeup {
  readonly channel: Channel;
  /** A wheel that follows, for comparison; null where there is none. */
  readonly beside: Channel | null;
  readonly seconds: readonly number[];
  readonly own: readonly number[];
  readonly other: readonly number[];
  /** Seconds at which a turn begins. */
  readonly turns: readonly number[];
}

/** A stretch in which both axles bend the same way. */
export interface Bend {
  readonly from: number;
  readonly to: number;
  readonly side: 'left' | 'right';
}

/** What is drawn of a recording. */
export interface LogDetail {
  readonly speeds: Readonly<Partial<Record<Channel, Curve>>>;
  /** Per cent faster or slower than the other wheels say. */
  readonly deviations: Readonly<Partial<Record<Channel, Curve>>>;
  readonly spectra: Readonly<Partial<Record<Channel, Spectrum>>>;
  readonly closeup: Closeup | null;
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
const JUDGED_FROM = 6;

function deviationOf(own: Float64Array, expected: Float64Array): Float64Array {
  const off = new Float64Array(own.length);
  for (let at = 0; at < off.length; at += 1) {
    const should = expected[at] as number;
    off[at] = should > JUDGED_FROM ? 100 * ((own[at] as number) / should - 1) : Number.NaN;
  }
  return off;
}

const LEAST_ORDER = 0.4;
const MOST_ORDER = 3.4;
const ORDER_STEP = 0.02;
const READINGS = 2000;

/** How strongly a wheel's deviation recurs by the turn, by Fourier sums at each order (Lomb 1976). @param scale turns to one reckoned with the usual tyre. */
function spectrumOf(readings: Readings, turnM: number, scale: number): Spectrum {
  const { turns, share } = quickShares(readings, turnM, READINGS);
  const perTurn: number[] = [];
  const strength: number[] = [];
  const angles = turns.map((turn) => 2 * Math.PI * scale * turn);
  for (let times = LEAST_ORDER; times <= MOST_ORDER + 1e-9; times += ORDER_STEP) {
    let [cosine, sine] = [0, 0];
    for (let at = 0; at < angles.length; at += 1) {
      cosine += (share[at] as number) * Math.cos(times * (angles[at] as number));
      sine += (share[at] as number) * Math.sin(times * (angles[at] as number));
    }
    perTurn.push(Math.round(100 * times) / 100);
    strength.push(angles.length > 0 ? (2 * Math.hypot(cosine, sine)) / angles.length : 0);
  }
  return { perTurn, strength };
}

/** Turns of a wheel since the start at every row, by the road's speed and the usual tyre. */
function turnsOf({ seconds, road }: Series): Float64Array {
  const turns = new Float64Array(seconds.length);
  for (let row = 1; row < seconds.length; row += 1) {
    const way =
      (((road[row] as number) + (road[row - 1] as number)) / 7.2) *
      ((seconds[row] as number) - (seconds[row - 1] as number));
    turns[row] = (turns[row - 1] as number) + (way > 0 ? way / USUAL_TURN_M : 0);
  }
  return turns;
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
    const way = (front[row] as number) + (rear[row] as number);
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

/** Seconds that are drawn large. */
const CLOSE_SECONDS = 6;
const FEWEST_CLOSE = 20;

/** The slowest six seconds, above walking pace, in which a wheel is read often enough: there a turn is widest. */
function closeupOf(series: Series, channel: Channel, beside: Channel | null, turns: Float64Array): Closeup | null {
  const { seconds, road, drawn } = series;
  const own = drawn[channel];
  if (!own) return null;
  let best: { from: number; to: number; speed: number } | null = null;
  for (let from = 0; from < seconds.length; from += Math.max(1, Math.floor(seconds.length / 400))) {
    let to = from;
    let [least, sum] = [Infinity, 0];
    while (to < seconds.length && (seconds[to] as number) - (seconds[from] as number) < CLOSE_SECONDS) {
      least = Math.min(least, road[to] as number);
      sum += road[to] as number;
      to += 1;
    }
    const speed = sum / (to - from);
    if (to >= seconds.length || to - from < FEWEST_CLOSE || !(least > JUDGED_FROM)) continue;
    if (!best || speed < best.speed) best = { from, to, speed };
  }
  if (!best) return null;
  const { from, to } = best;
  const starts: number[] = [];
  for (let row = from + 1; row < to; row += 1)
    if (Math.floor(turns[row] as number) > Math.floor(turns[row - 1] as number)) starts.push(seconds[row] as number);
  const part = (column: Float64Array | undefined): number[] => Array.from(column?.subarray(from, to) ?? []);
  return {
    channel,
    beside,
    seconds: part(seconds),
    own: part(own),
    other: beside ? part(drawn[beside]) : [],
    turns: starts,
  };
}

/** What is to be drawn beside the findings. */
interface Wanted {
  readonly turnM: number;
  /** The wheel that stands out, if any, and its turns to one reckoned with the usual tyre. */
  readonly suspect: Channel | null;
  readonly scale: number;
  readonly sound: readonly Channel[];
}

/**
 * Curves, spectra and a close-up of a recording of any length, small enough to be drawn.
 * @param log as read. @param wanted what stands out. @returns at most 900 points a curve.
 */
export function detailOf(log: Log, { turnM, suspect, scale, sound }: Wanted): LogDetail {
  const series = seriesOf(log);
  const way = wayOf(series);
  const turns = turnsOf(series);
  const speeds: Partial<Record<Channel, Curve>> = {};
  const deviations: Partial<Record<Channel, Curve>> = {};
  const spectra: Partial<Record<Channel, Spectrum>> = {};
  for (const channel of series.channels) {
    const [own, expected] = [series.own[channel], series.expected[channel]];
    if (!own || !expected) continue;
    speeds[channel] = curveOf(own, series.seconds, way);
    deviations[channel] = curveOf(deviationOf(own, expected), series.seconds, way);
    spectra[channel] = spectrumOf(readingsOf(series, channel), turnM, scale);
  }
  const scaled = turns.map((turn) => turn * scale);
  const closeup = suspect ? closeupOf(series, suspect, sound[0] ?? null, scaled) : null;
  return { speeds, deviations, spectra, closeup, bends: bendsOf(series), kilometres: way.at(-1) ?? 0 };
}
