import type { LookPart } from '../../casefile/words';
import type { Cause } from '../faults';
import { PARTS, type PartRecord } from '../parts';
import type { Table } from './table';

/** What looks show, made from the parts' records: every finding is seen or not by itself, so that several add up. */

function usualOf(record: PartRecord): Record<string, number> {
  return Object.fromEntries(Object.entries(record.findings).map(([finding, { usual }]) => [finding, usual]));
}

function tableOf(part: LookPart, record: PartRecord): Table {
  const usual = usualOf(record);
  const rest = Object.values(usual).reduce((sum, share) => sum + share, 0);
  return {
    topic: `look-${part}`,
    outcomes: ['sound', ...Object.keys(record.findings)],
    findingsAddUp: true,
    mistaken: 0,
    otherwise: { gives: { ...usual, sound: 1 - rest }, why: record.soundWhy },
    rows: record.rows.map((row) => {
      const raised = Object.entries(usual).map(([finding, share]) => [
        finding,
        Math.max(share, row.gives[finding] ?? 0),
      ]);
      const shown = Object.fromEntries(raised) as Record<string, number>;
      const damage = Object.values(shown).reduce((sum, share) => sum + share, 0);
      const rest = Math.max(0, 1 - damage);
      return { ...row, gives: { ...shown, sound: Math.min(row.gives['sound'] ?? rest, rest) } };
    }),
  };
}

function forEachPart<T>(make: (part: LookPart) => T): Readonly<Record<LookPart, T>> {
  const parts = Object.keys(PARTS) as LookPart[];
  return Object.fromEntries(parts.map((part) => [part, make(part)])) as Readonly<Record<LookPart, T>>;
}

export const LOOK_TABLES: Readonly<Record<LookPart, Table>> = forEachPart((part) => tableOf(part, PARTS[part]));

/** What hid from a first look mostly hides from a second: this share of what it would show is settled by the first. */
const SETTLED = 0.6;
/** Faults that work may have left meanwhile: seen afresh. */
const MAY_BE_NEW: readonly Cause[] = ['plug-loose'];

/** The same look once more, where the first found nothing and no repair has touched the part since. */
function again(table: Table): Table {
  const rest = 1 - SETTLED;
  const settle = (gives: Readonly<Record<string, number>>): Record<string, number> => ({
    ...Object.fromEntries(Object.entries(gives).map(([finding, share]) => [finding, rest * share])),
    sound: SETTLED + rest * (gives['sound'] ?? 0),
  });
  return {
    ...table,
    topic: `${table.topic}-again`,
    otherwise: { ...table.otherwise, gives: settle(table.otherwise.gives) },
    rows: table.rows.flatMap((row) => {
      const old = row.for.filter((fault) => !MAY_BE_NEW.includes(fault));
      const fresh = row.for.filter((fault) => MAY_BE_NEW.includes(fault));
      return [
        ...(old.length > 0 ? [{ ...row, for: old, gives: settle(row.gives) }] : []),
        ...(fresh.length > 0 ? [{ ...row, for: fresh }] : []),
      ];
    }),
  };
}

/** By part: what a second look shows after a first that found nothing. */
export const LOOK_AGAIN_TABLES: Readonly<Record<LookPart, Table>> = forEachPart((part) => again(LOOK_TABLES[part]));
