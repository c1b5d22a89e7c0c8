import { CHANNELS, type Channel } from '../casefile/words';
import { texts } from '#words/core/livelog';
import type { Log, LogFinding } from './log';
import { dropping } from './dropping';
import { areSidesCrossed } from './labels';
import { late } from './late';
import { STEP, sure, SURELY_MOVING } from './measures';
import { USUAL_TURN_M } from './perTurn';
import { readingsOf, type Readings } from './readings';
import { ownScale, scaled } from './scaled';
import { median, seriesOf, type Series } from './series';
import { shaken, type Shaken } from './shaken';
import { reversed, silent, stuck } from './wholly';

/** A bad place of a twentieth of a turn has to be read ten times before it can be told from noise. */
const NARROW = 0.05;
const HITS = 10;

/** What the analysis says of a recording. */
export interface LogReport {
  readonly findings: readonly LogFinding[];
  /** Channels of which nothing bad is seen while the car moved. */
  readonly sound: readonly Channel[];
  /** What this recording cannot show. */
  readonly limits: readonly string[];
  /** What else is to be said of it: names that are crossed. */
  readonly notes: readonly string[];
  readonly samplesPerSecond: number;
  /** Whether the car moved enough to say anything of its wheels. */
  readonly isDriven: boolean;
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
    confidence: sure(readings.count / 20),
  };
}

/**
 * Judges a recording: which wheels fall silent, drop out, tremble, run off, and what it cannot show.
 * @param log as read. @param turnM way of the tyre in one turn in metres, where the sheet tells.
 * @param series its channels side by side, where that was done before.
 * @returns findings, most telling first for each channel; channels that are sound as far as this shows.
 * @example analyse(LOG).findings.map(({ channel, finding }) => `${channel} ${finding}`) // => ["front-right zero"]
 */
export function analyse(log: Log, turnM = USUAL_TURN_M, series: Series = seriesOf(log)): LogReport {
  const length = (log.seconds.at(-1) ?? 0) - (log.seconds[0] ?? 0);
  const samplesPerSecond = length > 0 ? Math.round((10 * (log.seconds.length - 1)) / length) / 10 : 0;
  const all = series.channels.map((channel) => readingsOf(series, channel));
  if (!isMoving(series.road)) {
    const standing = all.flatMap((readings) => stuck(readings) ?? []);
    return { findings: standing, sound: [], limits: [texts.tooShort], notes: [], samplesPerSecond, isDriven: false };
  }
  const whole = all.flatMap((readings) => silent(readings) ?? stuck(readings) ?? reversed(readings) ?? []);
  if (whole.length > 0 && all.length - whole.length >= FEWEST_BESIDE) return besideWhole(log, turnM, whole);
  const judged = whole.length > 0 ? all.filter(({ channel }) => !isAmong(whole, channel)) : all;
  const shakes = judged.map((readings) => shaken(readings, turnM));
  const found = [...whole, ...ownTrembling(findingsOf(judged, shakes, series))];
  const canTell = shakes.some(({ usable }) => usable * NARROW >= HITS);
  return {
    findings: found,
    sound: series.channels.filter((channel) => !isAmong(found, channel)),
    limits: canTell ? [] : [texts.rateTooLow],
    notes: areSidesCrossed(series) ? [texts.sidesCrossed] : [],
    samplesPerSecond,
    isDriven: true,
  };
}

/** Two wheels at least must be left to be compared with each other. */
const FEWEST_BESIDE = 2;

const isAmong = (findings: readonly LogFinding[], channel: Channel): boolean =>
  findings.some((finding) => finding.channel === channel);

function isMoving(road: Float64Array): boolean {
  for (let at = 0; at < road.length; at += 1) if (Math.abs(road[at] as number) > SURELY_MOVING) return true;
  return false;
}

/** What shows nothing but its own fault is no measure for the others: they are judged without it. */
function besideWhole(log: Log, turnM: number, whole: readonly LogFinding[]): LogReport {
  const speeds = Object.fromEntries(
    Object.entries(log.speeds).filter(([channel]) => !isAmong(whole, channel as Channel)),
  );
  const rest = analyse({ ...log, speeds }, turnM);
  const findings = [...whole, ...rest.findings].toSorted(
    (first, second) => CHANNELS.indexOf(first.channel) - CHANNELS.indexOf(second.channel),
  );
  return { ...rest, findings };
}

/** What each wheel shows beside the others. */
function findingsOf(all: readonly Readings[], shakes: readonly Shaken[], series: Series): readonly LogFinding[] {
  const scales = all.map((readings) => scaled(readings, series));
  return all.flatMap((readings, order): LogFinding[] => {
    const shake = shakes[order];
    const others = median(shakes.filter((_, other) => other !== order).map(({ spread }) => spread));
    const trembled = shake?.finding ?? null;
    const noise = trembled ? null : noisy(readings, shake?.spread ?? 0, others);
    const cutIn = late(readings);
    const from = cutIn ? (cutIn.speed ?? 0) + 3 : SURELY_MOVING;
    const dropped = dropping(readings, from, noise ? (shake?.spread ?? 0) : 0, series);
    return [
      cutIn,
      trembled,
      noise,
      trembled && (dropped?.strength ?? 0) < 0.5 ? null : dropped,
      trembled ? null : ownScale(scales, order),
    ].filter((finding) => finding !== null);
  });
}

/** A wheel's trembling shows faintly on those that are compared with it: only what is at least half as strong as the strongest counts. */
function ownTrembling(findings: readonly LogFinding[]): readonly LogFinding[] {
  const most = Math.max(0, ...findings.filter(({ rhythm }) => rhythm).map(({ strength }) => strength));
  return findings.filter(({ rhythm, strength }) => !rhythm || strength >= 0.5 * most);
}
