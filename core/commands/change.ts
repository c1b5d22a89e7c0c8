/**
 * What differs between two states of a record, as small changes that can be applied to a newer state and turned round.
 * Lists whose entries have ids are compared entry by entry, records key by key; so two tabs that change different things lose nothing.
 */

/** Plain data. */
export type Plain = unknown;

/** One difference: a value at a path; or an entry of a list there, found by its id. */
export interface Change {
  readonly path: readonly string[];
  /** Of an entry of a list: its id, and the place where it stood or stands. */
  readonly id?: string;
  readonly at?: number;
  readonly before?: Plain;
  readonly after?: Plain;
}

type Entry = { readonly id: string };
type Fields = Readonly<Record<string, Plain>>;

function isFields(value: Plain): value is Fields {
  return typeof value === 'object' && value !== null && !Array.isArray(value);
}

function isEntries(value: Plain): value is readonly Entry[] {
  return Array.isArray(value) && value.every((entry) => isFields(entry) && typeof entry['id'] === 'string');
}

/** Whether two plain values are the same, whatever the order of keys. */
function isSame(a: Plain, b: Plain): boolean {
  if (Object.is(a, b)) return true;
  if (Array.isArray(a) && Array.isArray(b))
    return a.length === b.length && a.every((value, at) => isSame(value, b[at]));
  if (!isFields(a) || !isFields(b)) return false;
  const keys = new Set([...Object.keys(a), ...Object.keys(b)]);
  return [...keys].every((key) => isSame(a[key], b[key]));
}

function entryChanges(before: readonly Entry[], after: readonly Entry[], path: readonly string[]): readonly Change[] {
  const now = new Map(after.map((entry) => [entry.id, entry]));
  const known = new Map(before.map((entry) => [entry.id, entry]));
  const gone = before.flatMap((entry, at): Change[] =>
    now.has(entry.id) ? [] : [{ path, id: entry.id, at, before: entry }],
  );
  const kept = after.flatMap((entry, at): Change[] => {
    const old = known.get(entry.id);
    if (!old) return [{ path, id: entry.id, at, after: entry }];
    return isSame(old, entry) ? [] : [{ path, id: entry.id, at, before: old, after: entry }];
  });
  return [...gone.reverse(), ...kept];
}

/**
 * What differs between two states.
 * @param before one state. @param after the other; plain data both. @param path where they stand in the whole.
 * @returns changes in an order in which they can be applied; none when nothing differs.
 * @example changesBetween({ a: 1 }, { a: 2 }) // => [{"path":["a"],"before":1,"after":2}]
 */
export function changesBetween(before: Plain, after: Plain, path: readonly string[] = []): readonly Change[] {
  if (isSame(before, after)) return [];
  if (isEntries(before) && isEntries(after)) return entryChanges(before, after, path);
  if (isFields(after) && (isFields(before) || before === undefined)) {
    const old = before ?? {};
    const made: readonly Change[] = before === undefined ? [{ path, after: {} }] : [];
    const keys = [...new Set([...Object.keys(old), ...Object.keys(after)])];
    return [...made, ...keys.flatMap((key) => changesBetween(old[key], after[key], [...path, key]))];
  }
  if (isFields(before) && after === undefined) return reversed(changesBetween(after, before, path));
  return [{ path, ...(before === undefined ? {} : { before }), ...(after === undefined ? {} : { after }) }];
}

/**
 * The changes that take others back.
 * @param changes any. @returns the same ones turned round, last first.
 * @example reversed([{ path: ['a'], before: 1, after: 2 }]) // => [{"path":["a"],"before":2,"after":1}]
 */
export function reversed(changes: readonly Change[]): readonly Change[] {
  return [...changes].reverse().map(({ before, after, ...where }) => ({
    ...where,
    ...(after === undefined ? {} : { before: after }),
    ...(before === undefined ? {} : { after: before }),
  }));
}

function withEntry(list: readonly Entry[], { id, at = list.length, after }: Change): readonly Entry[] {
  if (after === undefined) return list.filter((entry) => entry.id !== id);
  if (list.some((entry) => entry.id === id)) return list.map((entry) => (entry.id === id ? (after as Entry) : entry));
  return [...list.slice(0, at), after as Entry, ...list.slice(at)];
}

/** What stands at the end of a path after a change; undefined takes it away. */
function changed(value: Plain, change: Change): Plain {
  if (change.id !== undefined) return withEntry(isEntries(value) ? value : [], change);
  const isEmptyRecord = (plain: Plain): boolean => isFields(plain) && Object.keys(plain).length === 0;
  if (isEmptyRecord(change.after)) return isFields(value) ? value : {};
  if (change.after === undefined && isEmptyRecord(change.before) && !isEmptyRecord(value)) return value;
  return change.after;
}

function withChange(value: Plain, path: readonly string[], change: Change): Plain {
  const [key, ...rest] = path;
  if (key === undefined) return changed(value, change);
  const fields = isFields(value) ? value : {};
  const made = withChange(fields[key], rest, change);
  if (made !== undefined) return { ...fields, [key]: made };
  const { [key]: _gone, ...others } = fields;
  return others;
}

/**
 * A state with changes applied, whatever else has become of it meanwhile.
 * @param state plain data. @param changes from `changesBetween`, of this or an older state.
 * @returns the new state; entries that are gone stay gone where a change would take them away.
 * @example withChanges({ a: 1, b: 5 }, [{ path: ['a'], before: 1, after: 2 }]) // => {"b":5,"a":2}
 */
export function withChanges<T>(state: T, changes: readonly Change[]): T {
  return changes.reduce<Plain>((made, change) => withChange(made, change.path, change), state) as T;
}
