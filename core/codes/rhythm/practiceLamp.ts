import type { Flash, Scheme } from './flash';

/** How a practice lamp is timed, in seconds. */
export interface LampTiming {
  readonly beat: number;
  readonly digitPause: number;
  readonly codePause: number;
  readonly lit: number;
  readonly longLit: number;
  readonly bulbCheck: number;
}

export const USUAL_TIMING: LampTiming = {
  beat: 0.6,
  digitPause: 1.7,
  codePause: 3.6,
  lit: 0.3,
  longLit: 1.1,
  bulbCheck: 2.5,
};

interface Clock {
  at: number;
  readonly flashes: Flash[];
}

function flash(clock: Clock, held: number, dark: number): void {
  clock.flashes.push({ at: clock.at, held });
  clock.at += held + dark;
}

function pause(clock: Clock, more: number): void {
  clock.at += more;
}

/** Digits as flash counts: 0 is ten flashes. */
function countsOf(code: string): number[] {
  return [...code].map((digit) => Number(digit) || 10);
}

/**
 * When a lamp flashes to tell codes: bulb check first, then each code in turn.
 * @param codes one or two decimal digits each. @param scheme how it counts. @param timing seconds.
 * @returns flashes from time 0. @throws RangeError on a code that isn't one or two digits.
 * @example flashesOf(['12'], 'counts').length // => 4
 */
export function flashesOf(codes: readonly string[], scheme: Scheme, timing: LampTiming = USUAL_TIMING): Flash[] {
  const clock: Clock = { at: 0, flashes: [] };
  const dark = timing.beat - timing.lit;
  if (timing.bulbCheck > 0) flash(clock, timing.bulbCheck, timing.codePause);
  for (const code of codes) {
    if (!/^\d{1,2}$/.test(code)) throw new RangeError(`"${code}" is no flash code: one or two digits`);
    if (scheme === 'long-short') {
      const value = Number(code);
      for (let at = 0; at < Math.floor(value / 10); at += 1) flash(clock, timing.longLit, dark);
      for (let at = 0; at < value % 10; at += 1) flash(clock, timing.lit, dark);
    } else
      for (const count of countsOf(code)) {
        for (let at = 0; at < count; at += 1) flash(clock, timing.lit, dark);
        pause(clock, timing.digitPause - timing.beat);
      }
    pause(clock, timing.codePause - (scheme === 'counts' ? timing.digitPause : timing.beat));
  }
  return clock.flashes;
}
