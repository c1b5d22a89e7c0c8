/** What the store is called in the browser. */
export const DATABASE_NAME = 'zelf';

/** The tables that are kept. */
export const TABLES = ['vehicles', 'jobs', 'drafts', 'preferences', 'photos'] as const;
export type Table = (typeof TABLES)[number];

export type Stop = () => void;

/** A record with its key: a damaged one need not hold its own. */
export interface Kept {
  readonly key: IDBValidKey;
  readonly value: unknown;
}

/** The bare keeping of records by table and key. What stands on it knows nothing of how they are kept. */
export interface Shelf {
  all(table: Table): Promise<Kept[]>;
  keys(table: Table): Promise<IDBValidKey[]>;
  get(table: Table, key: IDBValidKey): Promise<unknown>;
  /** Puts a record under its own `id`. */
  put(table: Table, record: object): Promise<void>;
  remove(table: Table, key: IDBValidKey): Promise<void>;
  /** Does some work on some tables at once: all of it is kept or nothing, and nobody comes between. */
  atOnce<T>(tables: readonly Table[], work: () => Promise<T>): Promise<T>;
  /** Asks now and after every change of what was read; `failed` ends it. */
  watch<T>(query: () => Promise<T>, seen: (value: T) => void, failed: (error: unknown) => void): Stop;
}

/** What goes on a table: pictures as they are, everything else as plain data. */
export const fitFor = <T extends object>(table: Table, record: T): T => (table === 'photos' ? record : plain(record));

/** Plain data only: Vue's proxies cannot be stored. */
export function plain<T>(value: T): T {
  return JSON.parse(JSON.stringify(value)) as T;
}
