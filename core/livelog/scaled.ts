import type { LogFinding } from './log';
import { Boxes, strideOf, sure } from './measures';
import { rowOf, type Readings } from './readings';
import { bendFor, type Series } from './series';

/** A wheel's fixed share beside the rest, and on how many readings it rests. */
interface Scaled {
  readonly finding: LogFinding;
  readonly count: number;
}

/** A worn tyre is a hundredth smaller than a new one; another size, or a wrong ring, more than two. */
const LEAST_OFF = 0.02;
const FAST_ENOUGH = 20;
const FEWEST = 20;
const BOX = 0.0005;

/**
 * Runs faster or slower than the rest by a fixed share, where the car runs straight. @returns null where it runs as the rest.
 * @example scaled(FOLLOWING, SERIES)?.finding ?? null // => null
 */
export function scaled(readings: Readings, series: Series): Scaled | null {
  const { channel, count, at, own, expected } = readings;
  const ratios = new Boxes(0.6, 1.6, BOX);
  const bend = bendFor(channel, series);
  const stride = strideOf(series.seconds.length);
  for (let index = 0; index < count; index += stride) {
    const should = expected[index] as number;
    if (should > FAST_ENOUGH && bend(rowOf(readings, index)) === 0) ratios.add((own[index] as number) / should);
  }
  if (ratios.total < FEWEST) return null;
  const middle = ratios.median();
  const spread = 1.4826 * ratios.spreadAround(middle);
  const off = Math.abs(middle - 1);
  if (off < LEAST_OFF || off < (4 * spread) / Math.sqrt(ratios.total)) return null;
  const finding = middle > 1 ? ('reads-fast' as const) : ('reads-slow' as const);
  const span = { from: at[0] ?? 0, to: at.at(-1) ?? 0 };
  return {
    count: ratios.total,
    finding: { channel, finding, ...span, strength: Math.min(1, off), confidence: sure(ratios.total / 10) },
  };
}

/**
 * A wheel that runs off makes bends look straight to the other axle, and straights like bends: it is seen itself on far more readings.
 * @example ownScale([null, null], 1) // => null
 */
export function ownScale(found: readonly (Scaled | null)[], order: number): LogFinding | null {
  const most = Math.max(0, ...found.map((entry) => entry?.count ?? 0));
  const own = found[order];
  return own && own.count >= 0.5 * most ? own.finding : null;
}
