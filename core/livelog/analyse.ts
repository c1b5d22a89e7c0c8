import type { Channel } from '../casefile/words';
import { texts } from '#words/core/livelog';
import type { Log, LogFinding } from './log';
import { USUAL_TURN_M } from './perTurn';
import { readingsOf, type Readings } from './readings';
import { median, seriesOf } from './series';
import { shaken } from './shaken';

/** Below this many km/h a good sensor may show nothing: many modules begin at 3 to 5. */
const SURELY_MOVING = 8;
/** A reader that shows whole km/h is wrong by half of one. */
const STEP = 1;

/** What the analysis says of a recording. */
export interface LogReport {
  readonly findings: readonly LogFinding[];
  /** Channels of which nothing bad is seen while the car moved. */
  readonly sound: readonly Channel[];
  /** What this recording cannot show. */
  readonly limits: readonly string[];
  readonly samplesPerSecond: number;
  /** Whether the car moved enough to say anything of its wheels. */
  readonly isDriven: boolean;
}

const sure = (many: number): number => Math.min(0.98, 1 - 0.5 / (1 + many / 3));

/** Stays at zero while the car surely moves. */
function silent({ channel, at, own, expected }: Readings): LogFinding | null {
  const moving = own.flatMap((speed, index) => ((expected[index] as number) > SURELY_MOVING ? [{ speed, index }] : []));
  const zeros = moving.filter(({ speed }) => speed < STEP);
  if (moving.length < 3 || zeros.length < 0.9 * moving.length) return null;
  const [from, to] = [at[zeros[0]?.index ?? 0] ?? 0, at[zeros.at(-1)?.index ?? 0] ?? 0];
  return { channel, finding: 'zero', from, to, strength: 1, confidence: sure(zeros.length) };
}

/** Shows a speed though the car stands. */
function stuck({ channel, at, own, expected }: Readings): LogFinding | null {
  const standing = own.flatMap((speed, index) => ((expected[index] as number) < STEP ? [{ speed, index }] : []));
  const high = standing.filter(({ speed }) => speed > 3);
  const isStill = new Set(high.map(({ speed }) => Math.round(speed))).size <= 2;
  if (high.length < 5 || high.length < 0.6 * standing.length || !isStill) return null;
  const [from, to] = [at[high[0]?.index ?? 0] ?? 0, at[high.at(-1)?.index ?? 0] ?? 0];
  return { channel, finding: 'stuck-high', from, to, strength: 1, confidence: sure(high.length) };
}

/** Shows nothing up to some speed, and follows above it. */
function late({ channel, at, own, expected }: Readings): LogFinding | null {
  const slow = own
    .map((speed, index) => ({ speed, should: expected[index] as number, index }))
    .filter(({ should }) => should > 2 && should < 45)
    .toSorted((first, second) => first.should - second.should);
  let best = { limit: 0, wrong: slow.filter(({ speed }) => speed < STEP).length };
  let zerosAbove = best.wrong;
  let answersBelow = 0;
  for (const { speed, should } of slow) {
    if (speed < STEP) zerosAbove -= 1;
    else answersBelow += 1;
    if (zerosAbove + answersBelow < best.wrong) best = { limit: should, wrong: zerosAbove + answersBelow };
  }
  const below = slow.filter(({ should }) => should <= best.limit);
  const above = own.filter((_, index) => (expected[index] as number) > best.limit + 2);
  const isClean = best.wrong <= 0.1 * below.length;
  if (best.limit < SURELY_MOVING || below.length < 5 || !isClean || above.filter((speed) => speed > STEP).length < 5)
    return null;
  const span = below.map(({ index }) => at[index] as number).toSorted((first, second) => first - second);
  return {
    channel,
    finding: 'cuts-in-late',
    from: span[0] ?? 0,
    to: span.at(-1) ?? 0,
    strength: Math.min(1, best.limit / 45),
    confidence: sure(below.length / 2),
    speed: Math.round(best.limit),
  };
}

/** Falls far below what it should be, again and again. */
function dropping({ channel, at, own, expected }: Readings, from: number, spread: number): LogFinding | null {
  const moving = own
    .map((speed, index) => ({ speed, should: expected[index] as number, index }))
    .filter(({ should }) => should > from);
  const low = moving.filter(({ speed, should }) => speed < 0.6 * should - STEP - 4 * spread);
  const events = low.filter(({ index }, order) => index - (low[order - 1]?.index ?? -9) > 1).length;
  if (low.length < 2 || low.length > 0.9 * moving.length) return null;
  return {
    channel,
    finding: 'drops-out',
    from: at[low[0]?.index ?? 0] ?? 0,
    to: at[low.at(-1)?.index ?? 0] ?? 0,
    strength: Math.min(1, 1 - median(low.map(({ speed, should }) => speed / should))),
    confidence: sure(events + low.length / 4),
  };
}

/** A wheel's fixed share beside the rest, and on how many readings it rests. */
interface Scaled {
  readonly finding: LogFinding;
  readonly count: number;
}

/** Runs faster or slower than the rest by a fixed share. */
function scaled({ channel, at, own, expected, straight }: Readings): Scaled | null {
  const ratios = own.flatMap((speed, index) => {
    const should = expected[index] as number;
    return straight[index] && should > 20 && speed > 0.6 * should && speed < 1.6 * should ? [speed / should] : [];
  });
  if (ratios.length < 20) return null;
  const middle = median(ratios);
  const spread = 1.4826 * median(ratios.map((ratio) => Math.abs(ratio - middle)));
  const off = Math.abs(middle - 1);
  /* A worn tyre is a hundredth smaller than a new one; another size, or a wrong ring, more than two. */
  if (off < 0.02 || off < (4 * spread) / Math.sqrt(ratios.length)) return null;
  const finding = middle > 1 ? ('reads-fast' as const) : ('reads-slow' as const);
  const span = { from: at[0] ?? 0, to: at.at(-1) ?? 0 };
  return {
    count: ratios.length,
    finding: { channel, finding, ...span, strength: Math.min(1, off), confidence: sure(ratios.length / 10) },
  };
}

/** A wheel that runs off makes bends look straight to the other axle, and straights like bends: it is seen itself on far more readings. */
function ownScale(found: readonly (Scaled | null)[], order: number): LogFinding | null {
  const most = Math.max(0, ...found.map((entry) => entry?.count ?? 0));
  const own = found[order];
  return own && own.count >= 0.5 * most ? own.finding : null;
}

/** Noise beyond what the other wheels have. */
function noisy(readings: Readings, spread: number, others: number): LogFinding | null {
  if (spread < 1.2 * STEP || spread < 4 * Math.max(others, 0.25 * STEP)) return null;
  const { channel, at } = readings;
  return {
    channel,
    finding: 'erratic',
    from: at[0] ?? 0,
    to: at.at(-1) ?? 0,
    strength: Math.min(1, spread / 20),
    confidence: sure(readings.own.length / 20),
  };
}

/**
 * Judges a recording: which wheels fall silent, drop out, tremble, run off, and what it cannot show.
 * @param log as read. @param turnM way of the tyre in one turn in metres, where the sheet tells.
 * @returns findings, most telling first for each channel; channels that are sound as far as this shows.
 */
export function analyse(log: Log, turnM = USUAL_TURN_M): LogReport {
  const series = seriesOf(log);
  const length = (log.seconds.at(-1) ?? 0) - (log.seconds[0] ?? 0);
  const samplesPerSecond = length > 0 ? Math.round((10 * (log.seconds.length - 1)) / length) / 10 : 0;
  const isMoving = series.road.some((speed) => speed > SURELY_MOVING);
  const all = series.channels.map((channel) => readingsOf(series, channel));
  if (!isMoving) {
    const standing = all.flatMap((readings) => stuck(readings) ?? []);
    return { findings: standing, sound: [], limits: [texts.tooShort], samplesPerSecond, isDriven: false };
  }
  const shakes = all.map((readings) => shaken(readings, series, turnM));
  const scales = all.map(scaled);
  const findings = all.flatMap((readings, order): LogFinding[] => {
    const whole = silent(readings) ?? stuck(readings);
    if (whole) return [whole];
    const shake = shakes[order];
    const others = median(shakes.filter((_, other) => other !== order).map(({ spread }) => spread));
    const trembled = shake?.finding ?? null;
    const noise = trembled ? null : noisy(readings, shake?.spread ?? 0, others);
    const cutIn = late(readings);
    const from = cutIn ? (cutIn.speed ?? 0) + 3 : SURELY_MOVING;
    const dropped = dropping(readings, from, noise ? (shake?.spread ?? 0) : 0);
    return [
      cutIn,
      trembled,
      noise,
      trembled && (dropped?.strength ?? 0) < 0.5 ? null : dropped,
      trembled ? null : ownScale(scales, order),
    ].filter((finding) => finding !== null);
  });
  const own = ownTrembling(findings);
  const canTell = shakes.some(({ usable }) => usable >= 40);
  const sound = series.channels.filter((channel) => !own.some((finding) => finding.channel === channel));
  return { findings: own, sound, limits: canTell ? [] : [texts.rateTooLow], samplesPerSecond, isDriven: true };
}

/** A wheel's trembling shows faintly on those that are compared with it: only what is at least half as strong as the strongest counts. */
function ownTrembling(findings: readonly LogFinding[]): readonly LogFinding[] {
  const most = Math.max(0, ...findings.filter(({ rhythm }) => rhythm).map(({ strength }) => strength));
  return findings.filter(({ rhythm, strength }) => !rhythm || strength >= 0.5 * most);
}
