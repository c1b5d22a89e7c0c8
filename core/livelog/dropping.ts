import { Circumstances } from './circumstances';
import type { LogFinding, When } from './log';
import { Boxes, FAR_BELOW, STEP, sure } from './measures';
import { rowOf, type Readings } from './readings';
import type { Series } from './series';

/** Whether a reading lies far below what it should be. */
const isLow = (speed: number, should: number, spread: number): boolean =>
  speed < FAR_BELOW * should - STEP - 4 * spread;

/** When it drops out, where that is more than chance. */
function when(readings: Readings, from: number, spread: number, series: Series): When | null {
  const { channel, count, own, expected } = readings;
  const circumstances = new Circumstances(channel, series);
  let last = -9;
  for (let index = 0; index < count; index += 1) {
    const should = expected[index] as number;
    if (!(should > from)) continue;
    circumstances.passed(rowOf(readings, index));
    if (!isLow(own[index] as number, should, spread)) continue;
    if (index - last > 1) circumstances.happened(rowOf(readings, index));
    last = index;
  }
  return circumstances.found();
}

/** Readings at which it could have dropped out. */
function movingOf({ count, expected }: Readings, from: number): number {
  let moving = 0;
  for (let index = 0; index < count; index += 1) if ((expected[index] as number) > from) moving += 1;
  return moving;
}

/**
 * Falls far below what it should be, again and again; and in what circumstances more often than the drive alone would have it.
 * @example dropping(FOLLOWING, 0, 0.05, SERIES) // => null
 */
export function dropping(readings: Readings, from: number, spread: number, series: Series): LogFinding | null {
  const { channel, at, own, expected, odd } = readings;
  const left = new Boxes(-0.5, 1, 0.01);
  let low = 0;
  let events = 0;
  let first = -1;
  let last = -9;
  for (const index of odd) {
    const should = expected[index] as number;
    const speed = own[index] as number;
    if (!(should > from) || !isLow(speed, should, spread)) continue;
    if (first < 0) first = index;
    if (index - last > 1) events += 1;
    last = index;
    low += 1;
    left.add(speed / should);
  }
  if (low < 2 || low > 0.9 * movingOf(readings, from)) return null;
  const found = when(readings, from, spread, series);
  return {
    channel,
    finding: 'drops-out',
    from: at[first] ?? 0,
    to: at[last] ?? 0,
    strength: Math.min(1, 1 - left.median()),
    confidence: sure(events + low / 4),
    ...(found ? { when: found } : {}),
  };
}
