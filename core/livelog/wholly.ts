import type { LogFinding } from './log';
import { sure, STEP, SURELY_MOVING } from './measures';
import type { Readings } from './readings';

/** Readings of one kind: how many, and the first and the last of them. */
class Tally {
  count = 0;
  first = -1;
  last = -1;

  add(index: number): void {
    if (this.count === 0) this.first = index;
    this.last = index;
    this.count += 1;
  }

  span(at: Float64Array): { readonly from: number; readonly to: number } {
    return { from: at[this.first] ?? 0, to: at[this.last] ?? 0 };
  }
}

/**
 * Stays at zero while the car surely moves. @returns null where it answers.
 * @example silent(SILENT).finding // => "zero"
 */
export function silent({ channel, count, at, own, expected, odd }: Readings): LogFinding | null {
  const zeros = new Tally();
  let moving = count - odd.length;
  for (const index of odd) {
    if (!((expected[index] as number) > SURELY_MOVING)) continue;
    moving += 1;
    if ((own[index] as number) < STEP && (own[index] as number) > -STEP) zeros.add(index);
  }
  if (moving < 3 || zeros.count < 0.9 * moving) return null;
  return { channel, finding: 'zero', ...zeros.span(at), strength: 1, confidence: sure(zeros.count) };
}

/** A speed shown standing is this high at least, km/h, and never changes by more than a step. */
const SHOWN = 3;

/**
 * Shows a speed though the car stands. @returns null where it stands still with the car.
 * @example stuck(SILENT) // => null
 */
export function stuck({ channel, at, own, expected, odd }: Readings): LogFinding | null {
  const high = new Tally();
  let standing = 0;
  let [least, most] = [Infinity, -Infinity];
  for (const index of odd) {
    if (!((expected[index] as number) < STEP)) continue;
    standing += 1;
    const speed = own[index] as number;
    if (speed <= SHOWN) continue;
    high.add(index);
    least = Math.min(least, speed);
    most = Math.max(most, speed);
  }
  if (high.count < 5 || high.count < 0.6 * standing || Math.round(most) - Math.round(least) > 1) return null;
  return { channel, finding: 'stuck-high', ...high.span(at), strength: 1, confidence: sure(high.count) };
}

/**
 * Runs backwards by its sign while the others run forwards, or the other way round. @returns null where the signs agree.
 * @example reversed(FOLLOWING) // => null
 */
export function reversed({ channel, count, at, own, expected, odd }: Readings): LogFinding | null {
  const against = new Tally();
  let moving = count - odd.length;
  for (const index of odd) {
    const speed = own[index] as number;
    const should = expected[index] as number;
    if (Math.abs(should) < SHOWN || Math.abs(speed) < SHOWN) continue;
    moving += 1;
    if (speed * should < 0) against.add(index);
  }
  if (against.count < 5 || against.count < 0.5 * moving) return null;
  return {
    channel,
    finding: 'wrong-direction',
    ...against.span(at),
    strength: against.count / moving,
    confidence: sure(against.count),
  };
}
