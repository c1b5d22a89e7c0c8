import type { OutcomeRecord, Scale } from '../knowledge/outcomes/outcome';
import { sharesBetween } from '../quantities/verdict';
import type { CoilBand } from './coilBand';
import { usedLimit, type UsedLimit } from './limits';
import type { ReadingContext } from './report';

/** A scale with its limits as they hold for one reading. */
export interface UsedScale {
  readonly scale: Scale;
  /** The outcomes that a figure may be, the smallest first, each with the limit above it. */
  readonly steps: readonly { readonly outcome: OutcomeRecord; readonly below: UsedLimit | null }[];
  readonly band: CoilBand | null;
  readonly context: ReadingContext;
}

/**
 * The limits of a scale for one reading; one that would lie under the limit before it is raised to that.
 * @param scale the scale. @param band a coil's band, null for other readings. @param context the stage of the reading.
 * @returns the steps from the smallest figure up.
 * @example usedScale(RESTED, null, STAGE).steps.map(({ below }) => below?.value ?? null) // => [12.4,null]
 */
export function usedScale(scale: Scale, band: CoilBand | null, context: ReadingContext): UsedScale {
  let lowest = -Infinity;
  const steps = scale.outcomes
    .filter(({ offScale }) => !offScale)
    .map((outcome) => {
      const below = outcome.below ? usedLimit(outcome.below, band, context) : null;
      if (below) lowest = Math.max(lowest, below.value);
      return { outcome, below: below && { ...below, value: lowest } };
    });
  return { scale, steps, band, context };
}

type Fits = Readonly<Record<string, number>>;

const limitsOf = ({ steps }: UsedScale): readonly number[] =>
  steps.flatMap(({ below }) => (below ? [below.value] : []));

/**
 * How well each outcome explains a figure, as softly as its uncertainty asks.
 * @param value the figure, corrected. @param halfWidth how far it may be off, same unit. @param used the scale.
 * @param isCoarse whether the tool may not be able to show the next outcome's least.
 * @returns chances above 0, by outcome; with what the record says it may be as well.
 * @example fitsOfFigure(12.4, 0.1, usedScale(RESTED, null, STAGE)) // => {"low":0.5,"well":0.5}
 */
export function fitsOfFigure(value: number, halfWidth: number, used: UsedScale, isCoarse = false): Fits {
  const shares = sharesBetween(value, halfWidth, limitsOf(used));
  const fits: Record<string, number> = {};
  used.steps.forEach(({ outcome }, at) => {
    const share = shares[at] ?? 0;
    if (share <= 0) return;
    fits[outcome.id] = (fits[outcome.id] ?? 0) + share;
    const maybe = (isCoarse ? outcome.maybeOnCoarse : undefined) ?? outcome.maybe ?? {};
    for (const [other, fit] of Object.entries(maybe)) fits[other] = (fits[other] ?? 0) + share * fit;
  });
  return fits;
}

/** How much of a stretch lies above a range's full scale, on a logarithmic scale; 0 to 1. */
function shareAbove(full: number, from: number, to: number): number {
  if (full <= from) return 1;
  return full >= to || from <= 0 ? 0 : Math.log(to / full) / Math.log(to / from);
}

/**
 * How well each outcome explains an overload.
 * @param full the range's full scale where it was set by hand, in the unit; Infinity where the meter chose it. @param used the scale.
 * @returns chances by outcome; null where overload on that range says nothing.
 * @example fitsOfOverload(200, usedScale(APART, null, STAGE)) // => null
 */
export function fitsOfOverload(full: number, used: UsedScale): Fits | null {
  const { overload } = used.scale;
  const last = used.steps.at(-1)?.outcome.id ?? '';
  if (!overload) return { [last]: 1 };
  if (full <= (overload.saysNothingTo ?? 0)) return null;
  if (full >= overload.believedFrom) return overload.believed;
  const fits: Record<string, number> = {};
  used.steps.forEach(({ outcome, below }, at) => {
    const share = below ? shareAbove(full, used.steps[at - 1]?.below?.value ?? 0, below.value) : 1;
    if (share > 0) fits[outcome.id] = share;
  });
  return fits;
}

/**
 * The ends of what is good on a scale.
 * @returns the limit under the first good outcome, and over the last; null where open, or nothing on it is good.
 * @example goodBand(usedScale(RESTED, null, STAGE)).min.value // => 12.4
 */
export function goodBand({ steps }: UsedScale): { readonly min: UsedLimit | null; readonly max: UsedLimit | null } {
  const first = steps.findIndex(({ outcome }) => outcome.tone === 'good');
  const last = steps.findLastIndex(({ outcome }) => outcome.tone === 'good');
  return { min: steps[first - 1]?.below ?? null, max: steps[last]?.below ?? null };
}

/**
 * Whether a figure lies within its own uncertainty of a limit at which it would be taken otherwise.
 * @example isBorderline(12.35, 0.1, usedScale(RESTED, null, STAGE)) // => true
 */
export function isBorderline(value: number, halfWidth: number, { steps }: UsedScale): boolean {
  return steps.some(
    ({ outcome, below }, at) =>
      below !== null && outcome.tone !== steps[at + 1]?.outcome.tone && Math.abs(value - below.value) < halfWidth,
  );
}
