import type { Specs } from '../../casefile/contract';

export const PHASES = ['make-safe', 'reach-it', 'free-it', 'prepare', 'fit', 'close-up'] as const;
export type Phase = (typeof PHASES)[number];

export type TorquePoint = keyof NonNullable<Specs['torques']>;

/** Which drawing shows the step; the app has one for each. */
export type Drawing =
  | 'chock'
  | 'wheel-nut'
  | 'stand'
  | 'wheel'
  | 'liner'
  | 'photo'
  | 'plug'
  | 'clip'
  | 'bolt'
  | 'turn'
  | 'pull'
  | 'bore'
  | 'ring'
  | 'compare'
  | 'seat'
  | 'torque'
  | 'pedal'
  | 'caliper'
  | 'wire'
  | 'battery'
  | 'fluid'
  | 'key'
  | 'look';

/** What has to be done, as a table's row. `{where}` in texts stands for the corner. */
export interface StepRow {
  readonly id: string;
  readonly phase: Phase;
  readonly text: string;
  readonly why: string;
  readonly drawing: Drawing;
  readonly tools?: readonly string[];
  /** Caution ids of `cautions.ts`. */
  readonly cautions?: readonly string[];
  readonly torque?: TorquePoint;
  readonly minutes?: number;
  /** Whether the step belongs to one corner (its work is kept per corner). */
  readonly corner?: boolean;
  /** How it is undone, and in which phase; steps without it are not undone. */
  readonly undo?: Omit<StepRow, 'id' | 'undo' | 'corner' | 'phase'> & { readonly phase: 'fit' | 'close-up' };
  /** A ladder of ever stronger attempts stands behind it. */
  readonly ladder?: 'stuck-sensor';
}
