import type { RepairSegment } from '../casefile/words';
import type { Cause, FaultId } from './faults';

/** Nobody takes a whole thing for this. */
export const UNMISTAKABLE = 1e-6;

/** A finding on a part: how often a sound part shows it too, mistaken looks included, and the fault that it is by definition. */
export interface FindingRecord {
  /** Share of sound parts on which it is reported, 0 to 1. */
  readonly usual: number;
  /** The fault that this finding is, by the catalogue's own words: who saw it has seen the fault. */
  readonly is?: FaultId;
}

/** What an eye finds on a part under some faults; what is not named shows as often as on a sound part. */
export interface SightRow {
  readonly for: readonly Cause[];
  readonly gives: Readonly<Record<string, number>>;
  readonly why: string;
}

/** A part that can be looked at, in one record. */
export interface PartRecord {
  readonly name: string;
  /** The part of the signal path, or what stands beside it, that a look at it tells of. */
  readonly segment: RepairSegment;
  /** Whether it belongs to the car as a whole: one part, one look, whatever corner is in question. */
  readonly ofCar: boolean;
  readonly findings: Readonly<Record<string, FindingRecord>>;
  /** Why a sound part may look otherwise. */
  readonly soundWhy: string;
  readonly rows: readonly SightRow[];
}
