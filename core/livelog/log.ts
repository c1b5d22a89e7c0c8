import type { Channel } from '../casefile/words';

/** What a column of a reader's export holds. */
export type Role = 'time' | 'name' | 'value' | 'unit' | 'vehicle-speed' | Channel;

/** A column that was understood, by its header. */
export interface LogColumn {
  readonly header: string;
  /** Such as `km/h`, `ms`. */
  readonly unit: string;
  /** The header gives none: it was told by the figures, or is the usual one. */
  readonly isAssumed?: true;
}

export interface LogProblem {
  /** Line of the file, counted from 1; 0 for the file as a whole. */
  readonly line: number;
  readonly message: string;
}

/** What somebody marked while recording. */
export const MARKS = ['bump', 'bend', 'brake', 'lamp'] as const;
export type Mark = (typeof MARKS)[number];

/** Circumstances in which something happens more often than the drive alone would have it. */
export type When =
  'in-bends' | 'in-left-bends' | 'in-right-bends' | 'after-bumps' | 'when-braking' | 'when-cold' | 'when-warm';

/** A recording: one row a moment, NaN where a channel was not read then. */
export interface Log {
  readonly columns: Readonly<Partial<Record<Role, LogColumn>>>;
  /** Seconds since the first row, never falling. */
  readonly seconds: Float64Array;
  /** Speeds in km/h. */
  readonly speeds: Readonly<Partial<Record<Channel, Float64Array>>>;
  /** Seconds of what was marked; none in most files. */
  readonly marks: Readonly<Partial<Record<Mark, readonly number[]>>>;
}

/** What a log shows of one channel. */
export interface LogFinding {
  readonly channel: Channel;
  readonly finding:
    'zero' | 'drops-out' | 'erratic' | 'reads-fast' | 'reads-slow' | 'stuck-high' | 'cuts-in-late' | 'wrong-direction';
  /** Seconds in the log between which it shows. */
  readonly from: number;
  readonly to: number;
  /** Share of the speed that is missing, wrong or trembling, 0 to 1. */
  readonly strength: number;
  readonly confidence: number;
  readonly rhythm?: 'once-per-turn';
  /** With a rhythm: share of a turn that is bad, 0 to 0.5. */
  readonly share?: number;
  /** With a rhythm: turns of the wheel to one reckoned with the usual tyre. */
  readonly scale?: number;
  /** Road speed in km/h from which it answers, for what cuts in late. */
  readonly speed?: number;
  /** When it happens, where that is more than chance. */
  readonly when?: When;
}
