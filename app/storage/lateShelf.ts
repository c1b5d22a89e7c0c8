import type { Shelf, Stop } from './shelf';

/**
 * A shelf whose program is fetched while the page begins: what is asked of it before waits for it.
 * @param load fetches it; asked again at the next work when that failed.
 */
export function lateShelf(load: () => Promise<Shelf>): Shelf {
  let shelf: Shelf | null = null;
  let loading: Promise<Shelf> | null = null;

  function there(): Promise<Shelf> {
    loading ??= load().then(
      (loaded) => (shelf = loaded),
      (error: unknown) => {
        loading = null;
        throw error;
      },
    );
    return loading;
  }

  /* Within a transaction nothing but the store may be waited for: what is there is asked at once. */
  const ask = <T>(work: (shelf: Shelf) => Promise<T>): Promise<T> => (shelf ? work(shelf) : there().then(work));

  return {
    all: (table) => ask((now) => now.all(table)),
    keys: (table) => ask((now) => now.keys(table)),
    get: (table, key) => ask((now) => now.get(table, key)),
    put: (table, record) => ask((now) => now.put(table, record)),
    remove: (table, key) => ask((now) => now.remove(table, key)),
    atOnce: (tables, work) => ask((now) => now.atOnce(tables, work)),
    watch(query, seen, failed) {
      if (shelf) return shelf.watch(query, seen, failed);
      let isOver = false;
      let stop: Stop = () => void (isOver = true);
      there().then((now) => {
        if (!isOver) stop = now.watch(query, seen, failed);
      }, failed);
      return () => stop();
    },
  };
}
