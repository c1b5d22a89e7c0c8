import type { CheckId, MeterCheckId } from './checkIds';
import type { LookPart, MeterPoint, Quantity, SensorType } from '../../casefile/words';
import type { Setup } from '../setups';
import type { TypedTable } from '../tables/table';

/** How a check is answered. */
export type Answer =
  | { readonly is: 'meter'; readonly point: MeterPoint; readonly quantity: Quantity; readonly while?: 'hand-spin' }
  | { readonly is: 'look'; readonly part: LookPart }
  | { readonly is: 'live'; readonly while: 'stationary' | 'hand-spin' | 'drive' }
  | { readonly is: 'distance'; readonly point: 'air-gap' | 'ring-runout' | 'flange-void' }
  | { readonly is: 'choice'; readonly kind: 'swap' | 'substitute' | 'unplug' }
  | { readonly is: 'sensor-type' }
  | { readonly is: 'specs' };

/** A reading that stands for one outcome, for showing beforehand what each answer would mean; without words it goes by its figure. */
export type Example = readonly [words: string | null, value: number | 'overload' | ShareOfBand];

/** A share of the middle of the band that a coil is judged by. */
export interface ShareOfBand {
  readonly ofMiddle: number;
}

/** What the sheet of a check shows beside its set-up. */
export interface SheetRecord {
  readonly title: string;
  readonly ignition?: 'off' | 'on';
  /** Lines beyond those of the set-ups. */
  readonly lines?: readonly string[];
  readonly caution?: string;
}

/** A sentence of what an answer would change; one that sends to other checks is said only while one of them is open. */
export type IfSentence = string | { readonly text: string; readonly sends: readonly CheckId[] };

/** Where who reads "look at the wiring" goes. */
export const WIRING: readonly CheckId[] = ['look:loom', 'meter:wire-1:resistance'];

/** A check in one record: the move, what it shows under each fault, how it is made and answered. */
export interface CheckRecord {
  /** Its name in the contract, such as `meter:sensor:resistance`. */
  readonly check: CheckId;
  /** Of one corner; of the whole car; or made once for the whole car while one corner is in question. */
  readonly of: 'channel' | 'car' | 'subject';
  /** What it is called in lists of evidence. */
  readonly name: string;
  /** What to do, as a sentence without a stop. */
  readonly words: string;
  /** What its answers could change, as sentences that begin with "If". */
  readonly ifs: readonly IfSentence[];
  readonly table: TypedTable;
  /** Minutes beyond its set-ups, for an owner at home (trade experience). */
  readonly minutes: number;
  readonly setups: readonly Setup[];
  /** The sensor kind that it makes sense for; both where left out. */
  readonly only?: SensorType;
  /** Chance to break the sensor in doing it, 0 to 1. */
  readonly mayBreakSensor?: number;
  /** The same check with the lead or loom flexed meanwhile. */
  readonly manner?: 'wiggle';
  readonly sheet?: SheetRecord;
  readonly answer?: Answer;
  readonly examples?: readonly Example[];
  /** It is asked of the owner or the manual, and of no part of the car. */
  readonly isQuestion?: true;
}

/**
 * The point and quantity of a meter check, as its name tells them.
 * @example meterCheck('sensor', 'resistance').check // => "meter:sensor:resistance"
 */
export function meterCheck(
  point: MeterPoint,
  quantity: Quantity,
  whileSpun?: 'hand-spin',
): { readonly check: MeterCheckId; readonly answer: Answer } {
  return {
    check: `meter:${point}:${quantity}` as MeterCheckId,
    answer: { is: 'meter', point, quantity, ...(whileSpun ? { while: whileSpun } : {}) },
  };
}
