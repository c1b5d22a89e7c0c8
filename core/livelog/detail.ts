import type { Channel } from '../casefile/words';
import { JUDGED_FROM, type LogCurves } from './curves';
import { Orders } from './orders';
import { USUAL_TURN_M } from './perTurn';
import { readingsOf, type Readings } from './readings';
import type { Series } from './series';
import { quickShares } from './shaken';

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

/** What is drawn of a recording. */
export interface LogDetail extends LogCurves {
  readonly spectra: Readonly<Partial<Record<Channel, Spectrum>>>;
  readonly closeup: Closeup | null;
}

const LEAST_ORDER = 0.4;
const MOST_ORDER = 3.4;
const ORDER_STEP = 0.02;
const READINGS = 2000;

/** How strongly a wheel's deviation recurs by the turn, by Fourier sums at each order. @param scale turns to one reckoned with the usual tyre. */
function spectrumOf(readings: Readings, turnM: number, scale: number): Spectrum {
  const { turns, share } = quickShares(readings, turnM, READINGS);
  const orders = new Orders(turns, share);
  const perTurn: number[] = [];
  const strength: number[] = [];
  for (let times = LEAST_ORDER; times <= MOST_ORDER + 1e-9; times += ORDER_STEP) {
    perTurn.push(Math.round(100 * times) / 100);
    strength.push(turns.length > 0 ? (2 * Math.sqrt(orders.square(times * scale))) / turns.length : 0);
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
 * Spectra and a close-up beside the curves of a recording of any length, small enough to be drawn.
 * @param series of {@link seriesOf}. @param curves of {@link curvesOf}. @param wanted what stands out.
 * @example detailOf(SERIES, CURVES, { turnM: 1.95, suspect: null, scale: 1, sound: ['front-left'] }).closeup // => null
 */
export function detailOf(series: Series, curves: LogCurves, { turnM, suspect, scale, sound }: Wanted): LogDetail {
  const spectra = Object.fromEntries(
    series.channels.map((channel) => [channel, spectrumOf(readingsOf(series, channel), turnM, scale)]),
  );
  const turns = turnsOf(series).map((turn) => turn * scale);
  return { ...curves, spectra, closeup: suspect ? closeupOf(series, suspect, sound[0] ?? null, turns) : null };
}
