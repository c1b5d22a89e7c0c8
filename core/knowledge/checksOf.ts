import { SEGMENTS, type Segment, type SensorType } from '../casefile/words';
import { faultRow } from './faults';
import { CHECKS, type CheckRow } from './checks';

function bearsOn(row: CheckRow): readonly Segment[] {
  const tables = [row.table.passive, row.table.active].filter((table) => table !== null);
  const named = new Set(
    tables.flatMap((table) => table.rows.flatMap((row) => row.for.map((fault) => faultRow(fault).segment))),
  );
  return SEGMENTS.filter((word) => named.has(word));
}

/**
 * The corner checks that bear on a segment, quickest first.
 * @param segment the segment. @param type the corner's sensor type, undefined where unknown.
 * @returns rows of the check table; questions to the owner left out.
 */
export function checksOf(segment: Segment, type: SensorType | undefined): CheckRow[] {
  const fits = CHECKS.filter(
    (row) =>
      row.of === 'channel' &&
      !row.check.startsWith('ask:') &&
      (!row.only || !type || row.only === type) &&
      bearsOn(row).includes(segment),
  );
  return [...fits].sort((a, b) => bearsOn(a).length - bearsOn(b).length || a.minutes - b.minutes);
}
