import { afterEach, describe, expect, test } from 'vitest';
import { openDatabase, type Database } from './database';
import { dexieShelf } from './dexieShelf';
import { createGarageStorage } from './garageStorage';
import { memoryShelf } from './memoryShelf';
import { STORAGE_CONTRACT } from './storageContract';
import { switchShelf } from './switchShelf';

const opened: Database[] = [];
function fresh(): Database {
  const database = openDatabase(`zelf-contract-${Math.random()}`);
  opened.push(database);
  return database;
}

afterEach(async () => {
  for (const database of opened.splice(0)) await database.delete();
});

describe.each([
  ['in memory', memoryShelf],
  ['on IndexedDB', () => dexieShelf(fresh())],
  [
    'on a shelf that was exchanged',
    () => {
      const shelf = switchShelf(dexieShelf(fresh()));
      shelf.use(memoryShelf());
      return shelf;
    },
  ],
])('the garage %s', (_name, makeShelf) => {
  test.each(STORAGE_CONTRACT.map((entry) => [entry.name, entry] as const))('%s', async (_title, { run }) => {
    const shelf = makeShelf();
    await run(createGarageStorage(shelf), shelf);
  });
});

test('every version of the database has its tables', () => {
  const database = fresh();
  expect(database.verno).toBe(1);
  expect(database.tables.map((table) => table.name).toSorted()).toEqual(['drafts', 'jobs', 'preferences', 'vehicles']);
});
