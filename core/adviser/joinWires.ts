import type { Report } from '../evidence/report';
import { GROUND_BOTH, GROUND_ONE, WIRE_BOTH, WIRE_ONE } from './tables/meterLoom';
import type { TypedTable } from './tables/table';

/** Worse outcomes later: of two wires the worse one decides. */
const WORSE_LATER: Readonly<Record<string, readonly string[]>> = {
  'wire-one': ['good', 'some', 'unsteady', 'open'],
  'ground-one': ['insulated', 'leak', 'short'],
};

function worse(a: Report, b: Report, order: readonly string[], check: TypedTable): Report {
  const cumulative = (report: Report, upTo: number): number => order.slice(0, upTo + 1).reduce((sum, one) => sum + (report.fits[one] ?? 0), 0);
  const fits = Object.fromEntries(
    order.map((outcome, index) => {
      const atMost = cumulative(a, index) * cumulative(b, index);
      const below = index === 0 ? 0 : cumulative(a, index - 1) * cumulative(b, index - 1);
      return [outcome, atMost - below];
    }),
  );
  return { ids: [...a.ids, ...b.ids], channel: a.channel, check, fits };
}

/**
 * Joins the two wires of a pair where both were measured: then the break has no wire left to hide in.
 * @param reports the reports of one stage. @returns the same with pairs joined; a lone wire stays as it is.
 */
export function joinWires(reports: readonly Report[]): Report[] {
  return [...joinPairs([...joinPairs([...reports], WIRE_ONE, WIRE_BOTH)], GROUND_ONE, GROUND_BOTH)];
}

function joinPairs(reports: readonly Report[], one: TypedTable, both: TypedTable): readonly Report[] {
  const order = WORSE_LATER[one.passive?.topic ?? ''] ?? [];
  const rest = reports.filter((report) => report.check !== one);
  const channels = new Map<string, Report[]>();
  for (const report of reports.filter((candidate) => candidate.check === one))
    channels.set(report.channel ?? 'car', [...(channels.get(report.channel ?? 'car') ?? []), report]);
  for (const list of channels.values()) {
    const byWire = new Map(list.map((report) => [report.wire ?? 1, report]));
    const [first, second] = [byWire.get(1), byWire.get(2)];
    if (first && second) rest.push(...list.filter((report) => report !== first && report !== second), worse(first, second, order, both));
    else rest.push(...list);
  }
  return rest;
}
