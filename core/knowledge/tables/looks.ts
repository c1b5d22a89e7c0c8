import type { LookPart } from '../../casefile/words';
import type { Cause } from '../faults';
import type { PartRecord } from '../part';
import { PARTS } from '../parts';
import type { Table } from './table';

/** What looks show, made from the parts' records: every finding is seen or not by itself, so that several add up. */

function usualOf(record: PartRecord): Record<string, number> {
  return Object.fromEntries(Object.entries(record.findings).map(([finding, { usual }]) => [finding, usual]));
}

/** A row's chances, made to sum to 1: what the row leaves open goes to the damage that it names, or to `sound` where it says nothing of that. */
function shownUnder(gives: Readonly<Record<string, number>>, usual: Readonly<Record<string, number>>) {
  const named = Object.keys(usual).filter((finding) => (gives[finding] ?? 0) > (usual[finding] ?? 0));
  const raised = named.reduce((sum, finding) => sum + (gives[finding] ?? 0), 0);
  const others = Object.keys(usual).reduce((sum, key) => sum + (named.includes(key) ? 0 : (usual[key] ?? 0)), 0);
  const sound = Math.min(gives['sound'] ?? 1, 1 - others - (gives['sound'] === undefined ? raised : 0));
  const scale = raised > 0 ? (1 - others - sound) / raised : 1;
  const shown = Object.keys(usual).map((key) => [key, named.includes(key) ? scale * (gives[key] ?? 0) : usual[key]]);
  return { ...Object.fromEntries(shown), sound: raised > 0 ? sound : 1 - others } as Record<string, number>;
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
    rows: record.rows.map((row) => ({ ...row, gives: shownUnder(row.gives, usual) })),
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
    about: table.topic,
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
