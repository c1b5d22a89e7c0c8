import { openDatabase } from './database';
import { dexieShelf } from './dexieShelf';
import { createGarageStorage } from './garageStorage';
import { STORAGE_CONTRACT } from './storageContract';

/** For a page of the journeys: runs the storage contract on this browser's own IndexedDB; what went wrong, by name. */
async function runContract(): Promise<Record<string, string>> {
  const results: Record<string, string> = {};
  for (const [at, { name, run }] of STORAGE_CONTRACT.entries()) {
    const database = openDatabase(`contract-${at}`);
    const shelf = dexieShelf(database);
    try {
      await run(createGarageStorage(shelf), shelf);
      results[name] = 'kept';
    } catch (error) {
      results[name] = String(error);
    }
    await database.delete();
  }
  return results;
}

Object.assign(window, { runContract });
