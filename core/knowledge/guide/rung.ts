import type { ToolId } from './tools';
import type { LadderId, RungId } from './stepIds';
import { texts } from '#words/knowledge/ladders';

/** A rung of a ladder of ever stronger attempts, mildest first. */
export interface Rung {
  readonly id: RungId;
  readonly name: string;
  readonly text: string;
  readonly why: string;
  readonly tools: readonly ToolId[];
  readonly cautions: readonly string[];
  /** Minutes that it usually takes an owner at home (trade experience), waiting not counted. */
  readonly minutes: number;
  /** Minutes to wait; the job keeps the timer. */
  readonly soakMinutes?: number;
  /** What was there is lost from here on. */
  readonly destroys?: true;
  /** Here an owner's work ends: close up, and let a workshop do it. */
  readonly stops?: true;
}

/** What came of a rung. */
export type RungResult = 'moved-a-little' | 'out' | 'no-change' | 'broke' | 'bolt-sheared';

/** A result as it is offered, and what it leads to. */
export interface ResultRecord {
  readonly words: string;
  /** What comes then, in a few words. */
  readonly then: string;
}

export const RESULTS: Readonly<Record<RungResult, ResultRecord>> = {
  'moved-a-little': { words: texts.movedALittle, then: texts.movedALittleThen },
  out: { words: texts.isOut, then: texts.isOutThen },
  'no-change': { words: texts.noChange, then: texts.noChangeThen },
  broke: { words: texts.broke, then: texts.brokeThen },
  'bolt-sheared': { words: texts.boltSheared, then: texts.boltShearedThen },
};

/** Something to have in the hand before what was there is destroyed. */
export interface InHand {
  readonly id: string;
  readonly words: string;
}

/** Ever stronger attempts at something that does not give. */
export interface Ladder {
  readonly id: LadderId;
  readonly title: string;
  /** What somebody says who needs it. */
  readonly asked: string;
  readonly rungs: readonly Rung[];
  readonly results: readonly RungResult[];
  /** That it gave way is an outcome: only its own button says so, never the space bar or an edge. */
  readonly isOutcome?: true;
  readonly inHand: readonly InHand[];
  /** The rung that a thing in pieces begins at. */
  readonly brokenAt?: RungId;
}
