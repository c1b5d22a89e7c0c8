import type { CaseFile } from '../casefile/contract';
import type { Channel } from '../casefile/words';

/** When a mended wire was measured from end to end. */
export type MendStage = 'before' | 'after';

/**
 * How `work` notes a wire's resistance, in ohm; overload is `open`.
 * @example ohmKey('after', 0.4, null) // => "wire-ohm:after:0.4@car"
 */
export const ohmKey = (stage: MendStage, ohm: number, channel: Channel | null): string =>
  `wire-ohm:${stage}:${Number.isFinite(ohm) ? ohm : 'open'}@${channel ?? 'car'}`;

const OHM_KEY = /^wire-ohm:(before|after):([\d.e-]+|open)@(.+)$/u;

/**
 * What was measured last at a stage; null while nothing was. Overload is infinite.
 * @example ohmOf({ ...CASE, work: [{ step: ohmKey('before', 5.6, 'front-right') }] }, 'before', 'front-right') // => 5.6
 */
export function ohmOf(file: CaseFile, stage: MendStage, channel: Channel | null): number | null {
  for (const { step, undone } of (file.work ?? []).toReversed()) {
    const [, at, value = '', where] = OHM_KEY.exec(step) ?? [];
    if (undone !== true && at === stage && where === (channel ?? 'car'))
      return value === 'open' ? Infinity : Number(value);
  }
  return null;
}

/** What a mended wire's resistance amounts to. */
export type MendVerdict = 'good' | 'acceptable' | 'bad';

/** A good joint adds nothing that a meter shows; a whole wire to the module may have a few ohm with its plugs. */
const GOOD_BELOW = 1;
const ACCEPTABLE_BELOW = 5;

/**
 * Judges a mended wire, measured from end to end, the test leads taken off.
 * @param ohm 0 or more; Infinity for overload. @returns below 1 Ω good, below 5 Ω acceptable.
 * @example judgeMend(0.4) // => "good"
 */
export function judgeMend(ohm: number): MendVerdict {
  if (ohm < GOOD_BELOW) return 'good';
  return ohm < ACCEPTABLE_BELOW ? 'acceptable' : 'bad';
}
