import { SEGMENTS, type Segment, type SensorType } from '../../casefile/words';
import { faultRow } from '../faults';
import type { CheckRecord } from './check';
import { LOOKS } from './looks';
import { METER_AT_LOOM } from './meterLoom';
import { METER_AT_SENSOR } from './meterSensor';
import { ASK_TYPE, ERASE, QUESTIONS, READ_CODES } from './questions';
import { TRIALS } from './trials';

/** Every check that is planned from its table. `code`, `clear` and `ask:sensor-type` have outcomes of their own. */
export const CHECKS: readonly CheckRecord[] = [...LOOKS, ...METER_AT_SENSOR, ...METER_AT_LOOM, ...TRIALS, ...QUESTIONS];

/** What every check has, those with outcomes of their own included. */
export type AnyCheck = Omit<CheckRecord, 'table'>;
const ALL: readonly AnyCheck[] = [...CHECKS, READ_CODES, ERASE, ASK_TYPE];

/**
 * The record of a check.
 * @param check its name in the contract. @param manner `wiggle` for the flexed one.
 * @returns the record; the plain one where there is none of that manner; null for an unknown name.
 * @example checkRecord('look:ring')?.name // => "Ring"
 */
export function checkRecord(check: string, manner?: 'wiggle'): AnyCheck | null {
  return (
    ALL.find((record) => record.check === check && record.manner === manner) ??
    ALL.find((record) => record.check === check) ??
    null
  );
}

/**
 * Whether a check is of the car as a whole and not of a corner.
 * @param check its name in the contract. @returns true for `look:fluid`; an unknown name is of a corner.
 * @example isOfCar('look:fluid') // => true
 */
export function isOfCar(check: string): boolean {
  return checkRecord(check)?.of === 'car';
}

/** Segments that a check's table tells something of. */
function segmentsToldBy(record: CheckRecord): readonly Segment[] {
  const tables = [record.table.passive, record.table.active].filter((table) => table !== null);
  const named = new Set(
    tables.flatMap((table) => table.rows.flatMap((row) => row.for.map((fault) => faultRow(fault).segment))),
  );
  return SEGMENTS.filter((segment) => named.has(segment));
}

/**
 * The checks that bear on a segment of a corner, the most pointed first, then the quickest.
 * @param segment the segment. @param type the corner's sensor kind, undefined where unknown.
 * @returns records; questions to the owner and checks of the car as a whole left out.
 * @example checksOf('plug', 'passive')[0].check // => "meter:sensor-to-ground:resistance"
 */
export function checksOf(segment: Segment, type: SensorType | undefined): CheckRecord[] {
  const fits = CHECKS.filter(
    (record) =>
      record.of !== 'car' &&
      !record.isQuestion &&
      (!record.only || !type || record.only === type) &&
      segmentsToldBy(record).includes(segment),
  );
  return fits.sort((a, b) => segmentsToldBy(a).length - segmentsToldBy(b).length || a.minutes - b.minutes);
}
