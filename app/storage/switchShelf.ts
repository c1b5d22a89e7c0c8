import type { Shelf } from './shelf';

/** A shelf that can be exchanged for another while the app runs. */
export interface SwitchShelf extends Shelf {
  use(other: Shelf): void;
}

/** Passes everything on to the shelf that is in use. */
export function switchShelf(first: Shelf): SwitchShelf {
  let current = first;
  return {
    use: (other) => void (current = other),
    all: (table) => current.all(table),
    keys: (table) => current.keys(table),
    get: (table, key) => current.get(table, key),
    put: (table, record) => current.put(table, record),
    remove: (table, key) => current.remove(table, key),
    atOnce: (tables, work) => current.atOnce(tables, work),
    watch: (query, seen, failed) => current.watch(query, seen, failed),
  };
}
