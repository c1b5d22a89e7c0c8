import type { Channel } from '../casefile/words';
import type { Candidate } from './candidates';

/** A move with what finishing the job is expected to cost when it is made first. */
export interface PricedMove {
  readonly kind: 'check' | 'repair';
  readonly name: string;
  readonly channel: Channel | null;
  readonly minutes: number;
  readonly money: number;
  /** Expected cost of finishing from here with this move first, time included. */
  readonly finish: number;
  /** The same without a second check to follow. */
  readonly alone: number;
  /** Expected cost of finishing without it. */
  readonly without: number;
  /** Chance that a repair cures; 0 for checks. */
  readonly cures: number;
  readonly candidate: Candidate | null;
  readonly option: number;
}
