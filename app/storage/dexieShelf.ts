import Dexie, { liveQuery, type IndexableType } from 'dexie';
import { openChecked, type Database } from './database';
import { newStamp, type Stamped } from './stamp';
import { fitFor, type Kept, type Shelf, type Table } from './shelf';

/** What is written: a job gets a new stamp. */
const stampedFor = (table: Table, record: object): object =>
  table === 'jobs' ? { ...fitFor(table, record), stamp: newStamp() } : fitFor(table, record);

/** A job without its stamp: that is the shelf's own. */
function unstamped(value: unknown): unknown {
  if (typeof value !== 'object' || value === null || !('stamp' in value)) return value;
  const { stamp: _stamp, ...job } = value;
  return job;
}

/** Records in IndexedDB, opened at the first work; what cannot be opened is tried anew at the next. */
export function dexieShelf(database: Database): Shelf {
  let opening: Promise<void> | null = null;

  /** Within a transaction the store is open, and nothing else may be waited for. */
  async function ready<T>(work: () => PromiseLike<T>): Promise<T> {
    if (!database.isOpen() && !Dexie.currentTransaction) {
      opening ??= openChecked(database).finally(() => (opening = null));
      await opening;
    }
    return work();
  }

  /** Jobs as they were read last: there may be a thousand, and a change touches one of them. */
  let read = new Map<IndexableType, { readonly stamp: IndexableType; readonly value: unknown }>();

  /** All jobs, of which only those are fetched whose stamp is another than before; all, where some has none. */
  async function allJobs(): Promise<Kept[]> {
    const jobs = database.table<Stamped, IndexableType>('jobs');
    const byStamp = jobs.orderBy('stamp');
    const [stamps, keys, count] = await Promise.all([byStamp.keys(), byStamp.primaryKeys(), jobs.count()]);
    if (keys.length !== count) {
      const [plainKeys, values] = await Promise.all([jobs.toCollection().primaryKeys(), jobs.toArray()]);
      return plainKeys.map((key, at) => ({ key: key as IDBValidKey, value: unstamped(values[at]) }));
    }
    const changed = keys.filter((key, at) => read.get(key)?.stamp !== stamps[at]);
    const fetched = new Map<IndexableType, unknown>();
    for (const [at, value] of (await jobs.bulkGet(changed)).entries())
      fetched.set(changed[at] as IndexableType, unstamped(value));
    read = new Map(
      keys.map((key, at) => {
        const value = fetched.has(key) ? fetched.get(key) : read.get(key)?.value;
        return [key, { stamp: stamps[at] as IndexableType, value }];
      }),
    );
    return [...read].map(([key, { value }]) => ({ key: key as IDBValidKey, value }));
  }

  return {
    all: (table) =>
      ready(() =>
        table === 'jobs'
          ? database.transaction('r', database.table(table), allJobs)
          : database.transaction('r', database.table(table), async (): Promise<Kept[]> => {
              const entries = database.table<unknown, IndexableType>(table).toCollection();
              const [keys, values] = await Promise.all([entries.primaryKeys(), entries.toArray()]);
              return keys.map((key, at) => ({ key: key as IDBValidKey, value: values[at] }));
            }),
      ),
    keys: (table) =>
      ready(() => database.table<unknown, IndexableType>(table).toCollection().primaryKeys()) as Promise<IDBValidKey[]>,
    get: (table, key) =>
      ready(() =>
        database
          .table<unknown, IndexableType>(table)
          .get(key as IndexableType)
          .then((found) => (table === 'jobs' ? unstamped(found) : found)),
      ),
    put: async (table, record) => void (await ready(() => database.table(table).put(stampedFor(table, record)))),
    remove: (table, key) => ready(() => database.table(table).delete(key as IndexableType)),
    atOnce: (tables, work) =>
      ready(() =>
        database.transaction(
          'rw',
          tables.map((table) => database.table(table)),
          work,
        ),
      ),
    watch(query, seen, failed) {
      let isOver = false;
      let stop = (): void => void (isOver = true);
      ready(() => Promise.resolve()).then(() => {
        if (isOver) return;
        const subscription = liveQuery(query).subscribe({ next: seen, error: failed });
        stop = () => subscription.unsubscribe();
      }, failed);
      return () => stop();
    },
  };
}
