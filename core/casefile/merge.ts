import type { CaseFile } from './contract';
import { minutesOf } from '../quantities/moment';

/** An entry of a list that has ids. */
interface Entry {
  readonly id: string;
  readonly at?: string | undefined;
}

/** The same text for the same content, whatever the order of keys. */
function canonical(value: unknown): string {
  if (Array.isArray(value)) return `[${value.map(canonical).join(',')}]`;
  if (typeof value !== 'object' || value === null) return JSON.stringify(value) ?? 'null';
  const keys = Object.keys(value)
    .filter((key) => (value as Record<string, unknown>)[key] !== undefined)
    .toSorted();
  return `{${keys.map((key) => `${JSON.stringify(key)}:${canonical((value as Record<string, unknown>)[key])}`).join(',')}}`;
}

/** Of two versions the one that says more; of two that say as much, the one whose text comes later: on any device the same. */
function fuller<T>(first: T, second: T): T {
  const [a, b] = [canonical(first), canonical(second)];
  if (a.length !== b.length) return a.length > b.length ? first : second;
  return a >= b ? first : second;
}

/** Where a list's entries stand: by their time; those without one first; of the same time by their id. */
function inOrder<T extends Entry>(entries: readonly T[]): readonly T[] {
  const when = ({ at }: T): number => (at === undefined ? -Infinity : minutesOf(at));
  return entries.toSorted((a, b) => {
    const [first, second] = [when(a), when(b)];
    if (first !== second) return first < second ? -1 : 1;
    return a.id < b.id ? -1 : Number(a.id > b.id);
  });
}

function mergedLists<T extends Entry>(first: readonly T[] = [], second: readonly T[] = []): readonly T[] {
  const all = new Map<string, T>();
  for (const entry of [...first, ...second]) {
    const known = all.get(entry.id);
    all.set(entry.id, known ? fuller(known, entry) : entry);
  }
  return inOrder([...all.values()]);
}

const isEntry = (value: unknown): value is Entry =>
  typeof value === 'object' && value !== null && typeof (value as { id?: unknown }).id === 'string';

/** Notes come from any program: those without an id are told apart by their content. */
const withIds = (notes: readonly unknown[] | undefined): readonly Entry[] =>
  (notes ?? []).map((note) => (isEntry(note) ? note : { id: canonical(note), note }));
const withoutIds = (notes: readonly Entry[]): readonly unknown[] =>
  notes.map((note) => ('note' in note && note.id === canonical(note.note) ? note.note : note));

/**
 * Entries that both have, each in another version.
 * @returns how many, over all lists.
 * @example clashesOf(CASE, CASE) // => 0
 */
export function clashesOf(first: CaseFile, second: CaseFile): number {
  const lists = ['observations', 'repairs', 'work', 'fasteners', 'costs', 'attachments'] as const;
  return lists.reduce((sum, name) => {
    const known = new Map((first[name] ?? []).map((entry) => [entry.id, canonical(entry)]));
    return (
      sum +
      (second[name] ?? []).filter((entry) => (known.get(entry.id) ?? canonical(entry)) !== canonical(entry)).length
    );
  }, 0);
}

/**
 * What two devices have done on the same job, put together: nothing that either noted is lost.
 * Entries are known by their id; where both have changed one, the version that says more stands. The vehicle's sheet, the owner and
 * the ending are taken as a whole, by the same rule. The result does not depend on which device asks, nor on the order of merging.
 * @param first one device's job. @param second the other's.
 * @returns the job of both; entries in the order of their time.
 * @example mergedCase(CASE, CASE).observations.length === CASE.observations.length // => true
 */
export function mergedCase(first: CaseFile, second: CaseFile): CaseFile {
  const whole = fuller(
    { vehicle: first.vehicle, owner: first.owner ?? {}, ending: first.ending ?? null, practice: first.practice },
    { vehicle: second.vehicle, owner: second.owner ?? {}, ending: second.ending ?? null, practice: second.practice },
  );
  const { practice, ...sheet } = whole;
  return {
    format: 'zelf-case',
    version: 1,
    ...sheet,
    ...(practice === undefined ? {} : { practice }),
    observations: mergedLists(first.observations, second.observations),
    repairs: mergedLists(first.repairs, second.repairs),
    work: mergedLists(first.work, second.work),
    fasteners: mergedLists(first.fasteners, second.fasteners),
    costs: mergedLists(first.costs, second.costs),
    attachments: mergedLists(first.attachments, second.attachments),
    notes: withoutIds(mergedLists(withIds(first.notes), withIds(second.notes))),
  };
}
