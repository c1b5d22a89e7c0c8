import { SEGMENTS, type Segment, type SensorType } from '../casefile/words';
import { faultRow } from './faults';
import { CHECKS, type CheckRow } from './checks';

function bearsOn(row: CheckRow): readonly Segment[] {
  const tables = [row.table.passive, row.table.active].filter((one) => one !== null);
  const named = new Set(
    tables.flatMap((table) => table.rows.flatMap((one) => one.for.map((fault) => faultRow(fault).segment))),
  );
  return SEGMENTS.filter((one) => named.has(one));
}

/**
 * The corner checks that bear on a segment, quickest first.
 * @param segment the segment. @param type the corner's sensor type, undefined where unknown.
 * @returns rows of the check table; questions to the owner left out.
 */
export function checksOf(segment: Segment, type: SensorType | undefined): CheckRow[] {
  const fits = CHECKS.filter(
    (one) =>
      one.of === 'channel' &&
      !one.check.startsWith('ask:') &&
      (!one.only || !type || one.only === type) &&
      bearsOn(one).includes(segment),
  );
  return [...fits].sort((a, b) => bearsOn(a).length - bearsOn(b).length || a.minutes - b.minutes);
}
