import { plain, TABLES, type Kept, type Shelf, type Table } from './shelf';

/** Records that last as long as the page: for a browser that keeps nothing, and for tests. */
export function memoryShelf(): Shelf {
  let tables = new Map<Table, Map<IDBValidKey, unknown>>(TABLES.map((table) => [table, new Map()]));
  const watchers = new Set<() => void>();
  const of = (table: Table): Map<IDBValidKey, unknown> => tables.get(table) ?? new Map();
  let queue: Promise<unknown> = Promise.resolve();
  let isWithin = false;
  const changed = (): void => {
    if (!isWithin) watchers.forEach((ask) => ask());
  };

  /** One at a time; a failed one leaves everything as it was. */
  function atOnce<T>(work: () => Promise<T>): Promise<T> {
    const turn = queue.then(async () => {
      const before = new Map([...tables].map(([table, records]) => [table, new Map(records)] as const));
      isWithin = true;
      try {
        return await work();
      } catch (error) {
        tables = before;
        throw error;
      } finally {
        isWithin = false;
        changed();
      }
    });
    queue = turn.catch(() => undefined);
    return turn;
  }

  return {
    all: async (table) => [...of(table)].map(([key, value]): Kept => ({ key, value })),
    get: async (table, key) => of(table).get(key),
    async put(table, record) {
      of(table).set((record as { readonly id: IDBValidKey }).id, plain(record));
      changed();
    },
    async remove(table, key) {
      of(table).delete(key);
      changed();
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
