import Dexie, { liveQuery, type IndexableType } from 'dexie';
import { openChecked, type Database } from './database';
import { fitFor, type Kept, type Shelf } from './shelf';

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

  return {
    all: (table) =>
      ready(() =>
        database.transaction('r', database.table(table), async (): Promise<Kept[]> => {
          const entries = database.table<unknown, IndexableType>(table).toCollection();
          const [keys, values] = await Promise.all([entries.primaryKeys(), entries.toArray()]);
          return keys.map((key, at) => ({ key: key as IDBValidKey, value: values[at] }));
        }),
      ),
    keys: (table) =>
      ready(() => database.table<unknown, IndexableType>(table).toCollection().primaryKeys()) as Promise<IDBValidKey[]>,
    get: (table, key) => ready(() => database.table<unknown, IndexableType>(table).get(key as IndexableType)),
    put: async (table, record) => void (await ready(() => database.table(table).put(fitFor(table, record)))),
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
