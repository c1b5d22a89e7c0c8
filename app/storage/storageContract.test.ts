import { afterEach, describe, expect, test } from 'vitest';
import { openDatabase, type Database } from './database';
import { dexieShelf } from './dexieShelf';
import Dexie from 'dexie';
import { TABLES } from './shelf';
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
  expect(database.verno).toBe(2);
  expect(database.tables.map((table) => table.name).toSorted()).toEqual(TABLES.toSorted());
});

test('what the first version kept is there in this one, and has room for pictures', async () => {
  const name = `zelf-contract-${Math.random()}`;
  const first = new Dexie(name);
  first.version(1).stores({ vehicles: 'id', jobs: 'id,vehicleId,updatedAt', drafts: 'id', preferences: 'id' });
  await first.table('preferences').put({ id: 'look', value: { gloves: true } });
  await first.table('jobs').put({ id: 'j', vehicleId: 'v', updatedAt: '2026-01-01' });
  first.close();
  const now = openDatabase(name);
  opened.push(now);
  const shelf = dexieShelf(now);
  expect(await shelf.get('preferences', 'look')).toEqual({ id: 'look', value: { gloves: true } });
  expect(await shelf.keys('jobs')).toEqual(['j']);
  expect(await shelf.keys('photos')).toEqual([]);
});
