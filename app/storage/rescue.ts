import { DATABASE_NAME } from './shelf';

/** All that can still be read of a store, whichever version wrote it. */
export interface Rescued {
  readonly format: 'zelf-rescue';
  readonly version: number;
  readonly tables: Readonly<Record<string, readonly unknown[]>>;
}

const answer = <T>(request: IDBRequest<T>): Promise<T> =>
  new Promise((resolve, reject) => {
    request.onsuccess = () => resolve(request.result);
    request.onerror = () => reject(request.error ?? new Error('no reason given'));
  });

/** A store that is held does not answer at all: after this, in ms, it is given up. */
const LONGEST = 5000;

/**
 * Reads every table as it stands, without asking for a version.
 * @throws the browser's error when the store cannot be opened at all.
 */
export async function rescue(name = DATABASE_NAME, store: IDBFactory = indexedDB): Promise<Rescued> {
  const opening = store.open(name);
  const held = new Promise<never>((_resolve, reject) =>
    setTimeout(() => reject(new Error('it does not answer')), LONGEST),
  );
  const database = await Promise.race([answer(opening), held]);
  try {
    const tables: Record<string, unknown[]> = {};
    const names = [...database.objectStoreNames];
    if (names.length > 0) {
      const reading = database.transaction(names, 'readonly');
      for (const table of names) tables[table] = await answer(reading.objectStore(table).getAll());
    }
    return { format: 'zelf-rescue', version: database.version, tables };
  } finally {
    database.close();
  }
}
