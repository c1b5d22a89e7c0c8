import { fitFor, TABLES, type Kept, type Shelf, type Table } from './shelf';

/** Records that last as long as the page: for a browser that keeps nothing, and for tests. */
export function memoryShelf(): Shelf {
  let tables = new Map<Table, Map<IDBValidKey, unknown>>(TABLES.map((table) => [table, new Map()]));
  const watchers = new Set<() => void>();
  const of = (table: Table): Map<IDBValidKey, unknown> => tables.get(table) ?? new Map<IDBValidKey, unknown>();
  let queue: Promise<unknown> = Promise.resolve();
  let isWithin = false;
  let isChanged = false;
  /** Within a work at once the watchers are told at its end, and only of what was kept. */
  const changed = (): void => {
    if (isWithin) isChanged = true;
    else watchers.forEach((ask) => ask());
  };

  /** One at a time; a failed one leaves everything as it was. */
  function atOnce<T>(work: () => Promise<T>): Promise<T> {
    const turn = queue.then(async () => {
      const before = new Map([...tables].map(([table, records]) => [table, new Map(records)] as const));
      [isWithin, isChanged] = [true, false];
      try {
        return await work();
      } catch (error) {
        [tables, isChanged] = [before, false];
        throw error;
      } finally {
        isWithin = false;
        if (isChanged) changed();
      }
    });
    queue = turn.catch(() => undefined);
    return turn;
  }

  return {
    all: (table) => Promise.resolve([...of(table)].map(([key, value]): Kept => ({ key, value }))),
    keys: (table) => Promise.resolve([...of(table).keys()]),
    get: (table, key) => Promise.resolve(of(table).get(key)),
    put(table, record) {
      of(table).set((record as { readonly id: IDBValidKey }).id, fitFor(table, record));
      changed();
      return Promise.resolve();
    },
    remove(table, key) {
      of(table).delete(key);
      changed();
      return Promise.resolve();
    },
    atOnce: (_tables, work) => atOnce(work),
    watch(query, seen, failed) {
      let isOver = false;
      const ask = (): void =>
        void query().then(
          (value) => isOver || seen(value),
          (error: unknown) => isOver || failed(error),
        );
      watchers.add(ask);
      ask();
      return () => {
        isOver = true;
        watchers.delete(ask);
      };
    },
  };
}
