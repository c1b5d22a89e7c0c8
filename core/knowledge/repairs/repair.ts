import type { RepairSegment, RepairAction } from '../../casefile/words';
import type { FaultId } from '../faults';
import type { StepRow } from '../guide/step';
import type { Setup } from '../setups';

/** What was done to what, as the contract joins it. */
export type RepairId = `${RepairAction}:${RepairSegment}`;

/**
 * The name of a repair in the contract.
 * @example repairId('cleaned', 'plug') // => "cleaned:plug"
 */
export const repairId = (action: RepairAction, segment: RepairSegment): RepairId => `${action}:${segment}`;

/** A fault that a repair cures by the way, or in part. */
export interface AlsoCures {
  readonly fault: FaultId;
  /** Chance that it does, 0 to 1. */
  readonly chance: number;
  readonly why: string;
}

/** The place that must be found before a wire can be mended, and the look that may find it for nothing. */
export interface Locating {
  readonly look: 'lead' | 'loom';
  /** Minutes of searching that are saved once the place has been seen. */
  readonly minutes: number;
}

/** A repair in one record. Minutes are for an owner at home, prices a plain pattern part (generic; the owner's prices outrank them). */
export interface RepairRecord {
  readonly repair: RepairId | 'clear';
  /** The same, apart; null for an erase of codes, which mends nothing. */
  readonly action: RepairAction | null;
  readonly segment: RepairSegment | null;
  /** Whether it belongs to the car as a whole: one part, one repair, whatever corner suffers. */
  readonly ofCar: boolean;
  /** What to do, as words that follow "you". */
  readonly words: string;
  readonly minutes: number;
  readonly price: number;
  readonly setups: readonly Setup[];
  /** Faults that it is the usual way, or another full way, to cure. */
  readonly cures: readonly FaultId[];
  readonly alsoCures?: readonly AlsoCures[];
  /** Not a driveway job: a workshop does it. */
  readonly workshop?: true;
  /** Done in a moment, for nothing, and nothing can go wrong. */
  readonly atOnce?: true;
  readonly locating?: Locating;
  /** Whether the lead is taken out of its clips for it. */
  readonly freesLead?: true;
  /** What is opened for it beside its set-ups, with all that this needs; closed again by the way back. */
  readonly opens?: readonly StepRow[];
  /** The steps in its middle; without them there is no guide for it yet. */
  readonly steps?: readonly StepRow[];
  readonly parts?: readonly string[];
}

/** Places that all corners share. */
const SHARED: readonly RepairSegment[] = ['module', 'supply'];

/**
 * What was done to what, as a record begins.
 * @param action the contract's word. @param segment where. @returns both, joined too, and whether the place is the whole car's.
 * @example repairOf('cleaned', 'plug').repair // => "cleaned:plug"
 */
export function repairOf(
  action: RepairAction,
  segment: RepairSegment,
): Pick<RepairRecord, 'repair' | 'action' | 'segment' | 'ofCar'> {
  return { repair: repairId(action, segment), action, segment, ofCar: SHARED.includes(segment) };
}
