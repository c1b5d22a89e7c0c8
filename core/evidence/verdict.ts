import type { RepairSegment } from '../casefile/words';
import type { Tone } from '../knowledge/outcomes/outcome';
import type { UsedLimit } from './limits';

/** A figure as it was judged, in the unit of its scale (ohm, volt, ampere, metre). */
export interface JudgedFigure {
  /** Corrected to the conditions of the limits. */
  readonly value: number;
  readonly halfWidth: number;
  readonly unit: 'Ω' | 'V' | 'A' | 'm';
  /** The ends of what is good; null where it is open. */
  readonly min: UsedLimit | null;
  readonly max: UsedLimit | null;
}

/** What an answer amounts to: made once, shown under the keypad, in the evidence, on the plan, in the record. */
export interface Verdict {
  /** What the check is about, as its table has it; empty where the answer is void. */
  readonly topic: string;
  /** The likeliest outcome; empty where the answer is void. */
  readonly outcome: string;
  readonly tone: Tone | 'void';
  /** A sentence. */
  readonly heading: string;
  /** More of it; may be empty. */
  readonly detail: string;
  /** How well each outcome explains the answer, 0 to 1; what is left out is 0. */
  readonly fits: Readonly<Record<string, number>>;
  /** Parts of the path that it found good, and that it found bad. */
  readonly good: readonly RepairSegment[];
  readonly bad: readonly RepairSegment[];
  /** The topic that must be answered well too before anything is called good. */
  readonly with?: string;
  /** Null where there is no figure to draw. */
  readonly figure: JudgedFigure | null;
}
