import { afterEach, describe, expect, test, vi } from 'vitest';
import { openDatabase, type Database } from './database';
import { dexieShelf } from './dexieShelf';
import Dexie from 'dexie';
import { TABLES } from './shelf';
import { createGarageStorage } from './garageStorage';
import { lateShelf } from './lateShelf';
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
  ['on a shelf that comes late', () => lateShelf(() => Promise.resolve(dexieShelf(fresh())))],
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

test('after a change only the changed job is fetched again; what was written by others is seen, with a stamp or without', async () => {
  const database = fresh();
  const shelf = dexieShelf(database);
  for (const id of ['a', 'b', 'c']) await shelf.put('jobs', { id, title: 'old' });
  const fetched = vi.spyOn(
    database.jobs.constructor.prototype as { bulkGet: (keys: readonly string[]) => unknown },
    'bulkGet',
  );
  const titles = async (): Promise<readonly unknown[]> =>
    (await shelf.all('jobs')).map(({ value }) => (value as { title: string }).title).toSorted();
  expect(await titles()).toEqual(['old', 'old', 'old']);
  await shelf.put('jobs', { id: 'b', title: 'new' });
  expect(await titles()).toEqual(['new', 'old', 'old']);
  expect(fetched.mock.calls.map(([keys]) => keys.length)).toEqual([3, 1]);
  await dexieShelf(database).put('jobs', { id: 'c', title: 'from another tab' });
  expect(await titles()).toEqual(['from another tab', 'new', 'old']);
  await database.jobs.put({ id: 'd', title: 'by hand' } as never);
  expect(await titles()).toEqual(['by hand', 'from another tab', 'new', 'old']);
  await shelf.remove('jobs', 'd');
  expect((await shelf.all('jobs')).every(({ value }) => !('stamp' in (value as object)))).toBe(true);
  vi.restoreAllMocks();
});
