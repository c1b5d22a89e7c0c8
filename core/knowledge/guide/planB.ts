import type { StepId } from './stepIds';
import { texts } from '#words/knowledge/planB';

/** Something that would stop the work half way: to be looked at before it is begun. */
export interface Blocker {
  readonly id: string;
  /** Steps at which it shows itself. */
  readonly at: readonly StepId[];
  readonly look: string;
  /** What it means, and what to do then. */
  readonly then: string;
}

/** What blocks the way on or back, with the look that shows it beforehand (trade experience). */
export const BLOCKERS: readonly Blocker[] = [
  { id: 'locking-key', at: ['nuts-cracked', 'wheel-off'], look: texts.lockingKey, then: texts.lockingKeyThen },
  { id: 'bracket', at: ['caliper-off'], look: texts.bracket, then: texts.bracketThen },
  { id: 'bleed-screw', at: ['caliper-off', 'disc-off'], look: texts.bleedScrew, then: texts.bleedScrewThen },
  { id: 'sensor-breaks', at: ['sensor-out'], look: texts.sensorBreaks, then: texts.sensorBreaksThen },
  { id: 'hub-nut', at: ['hub-nut-cracked'], look: texts.hubNut, then: texts.hubNutThen },
  { id: 'shaft', at: ['shaft-out'], look: texts.shaft, then: texts.shaftThen },
  { id: 'assembly', at: ['hub-unit-out', 'ring-off'], look: texts.assembly, then: texts.assemblyThen },
  { id: 'press', at: ['hub-unit-out', 'ring-off'], look: texts.press, then: texts.pressThen },
];

/**
 * Of a guide, what may block it: of the steps that are still to be done.
 * @example blockersOf(['hub-nut-cracked']).map(({ id }) => id) // => ["hub-nut"]
 */
export const blockersOf = (steps: readonly StepId[]): readonly Blocker[] =>
  BLOCKERS.filter(({ at }) => at.some((step) => steps.includes(step)));
