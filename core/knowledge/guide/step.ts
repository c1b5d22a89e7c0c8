import type { SchoolId } from './schools';
import type { LadderId, StepId } from './stepIds';
import type { ToolId } from './tools';
import type { Specs } from '../../casefile/contract';

export const PHASES = ['make-safe', 'reach-it', 'free-it', 'prepare', 'fit', 'close-up'] as const;
export type Phase = (typeof PHASES)[number];

export type TorquePoint = keyof NonNullable<Specs['torques']>;

/** What has to be done, as a table's row. `{where}` in texts stands for the corner. */
export interface StepRow {
  readonly id: StepId;
  readonly phase: Phase;
  readonly text: string;
  readonly why: string;
  /** What must have been done before, so that it can be done at all; done and not undone. */
  readonly needs?: readonly StepId[];
  readonly tools?: readonly ToolId[];
  /** Caution ids of `cautions.ts`. */
  readonly cautions?: readonly string[];
  readonly torque?: TorquePoint;
  readonly minutes?: number;
  /** Minutes to wait in it; the job keeps the timer. */
  readonly soakMinutes?: number;
  /** It looks for the bad place of a wire: needless once that has been seen. */
  readonly isSearch?: true;
  /** Whether the step belongs to one corner (its work is kept per corner). */
  readonly corner?: boolean;
  /** How it is undone, and in which phase; steps without it are not undone. */
  readonly undo?: Omit<StepRow, 'id' | 'undo' | 'corner' | 'phase' | 'needs' | 'ladder' | 'school' | 'soakMinutes'> & {
    readonly phase: 'fit' | 'close-up';
  };
  /** A ladder of ever stronger attempts stands behind it. */
  readonly ladder?: LadderId;
  /** Practitioners differ in how it is done. */
  readonly school?: SchoolId;
}
