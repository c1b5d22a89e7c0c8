import Dexie from 'dexie';
import { IDBFactory } from 'fake-indexeddb';
import { afterEach, describe, expect, test, vi } from 'vitest';
import { demoGarage } from '../demo/demoGarage';
import { openDatabase } from './database';
import { dexieShelf } from './dexieShelf';
import { faultOf, NotKept, type Fault } from './faults';
import { createGarageStorage, type GarageSeen, type JobRecord } from './garageStorage';
import { memoryShelf } from './memoryShelf';
import { LONG_WAIT, patiently, type Patience, type Unsaved, NO_PATIENCE } from './patience';
import { rescue } from './rescue';
import type { Shelf } from './shelf';

const NOW = '2026-05-04T17:30:00+02:00';
const named = (name: string, inner?: unknown): Error => Object.assign(new Error(name), { name, inner });

/** A shelf that fails as long as it is told to. */
function faulty(error: Error): Shelf & { isBroken: boolean } {
  const shelf = memoryShelf();
  const failing: Shelf & { isBroken: boolean } = {
    ...shelf,
    isBroken: true,
    all: (table) => (failing.isBroken ? Promise.reject(error) : shelf.all(table)),
    get: (table, key) => (failing.isBroken ? Promise.reject(error) : shelf.get(table, key)),
    put: (table, record) => (failing.isBroken ? Promise.reject(error) : shelf.put(table, record)),
    remove: (table, key) => (failing.isBroken ? Promise.reject(error) : shelf.remove(table, key)),
    atOnce: (tables, work) => (failing.isBroken ? Promise.reject(error) : shelf.atOnce(tables, work)),
  };
  return failing;
}

/** Writes down what it was told; mends the shelf before it says to try again. */
function person(mend: () => void, again = true): Patience & { readonly heard: [Fault, Unsaved | null][] } {
  const heard: [Fault, Unsaved | null][] = [];
  return {
    heard,
    waiting: () => () => undefined,
    keeping: () => () => undefined,
    failed: (fault, unsaved) => {
      heard.push([fault, unsaved]);
      mend();
      return Promise.resolve(again);
    },
  };
}

describe('which fault it is', () => {
  test.each([
    ['QuotaExceededError', 'full'],
    ['VersionError', 'newer'],
    ['MissingAPIError', 'absent'],
    ['SecurityError', 'absent'],
    ['UnknownError', 'failing'],
    ['DatabaseClosedError', 'failing'],
  ])('%s: %s', (name, fault) => expect(faultOf(named(name))).toBe(fault));
  test('the inner reason counts before the outer', () =>
    expect(faultOf(named('AbortError', named('QuotaExceededError')))).toBe('full'));
  test('an error of the program is none', () => {
    for (const error of [new Error('no'), new TypeError('no'), 'text', null, undefined])
      expect(faultOf(error)).toBeNull();
  });
});

describe.each([
  ['absent', 'MissingAPIError'],
  ['blocked', 'BlockedError'],
  ['failing', 'UnknownError'],
  ['full', 'QuotaExceededError'],
  ['newer', 'VersionError'],
])('a store that is %s', (fault, name) => {
  test('is said when it is read, and read once it works', async () => {
    const shelf = faulty(named(name));
    const patience = person(() => (shelf.isBroken = false));
    const seen = await new Promise<GarageSeen>((resolve) => createGarageStorage(shelf, patience).watchGarage(resolve));
    expect(patience.heard).toEqual([[fault, null]]);
    expect(seen).toEqual({ vehicles: [], jobs: [], damaged: [] });
  });
  test('is said when a job is changed, with the change; nothing is lost once it works', async () => {
    const shelf = faulty(named(name));
    shelf.isBroken = false;
    const patience = person(() => (shelf.isBroken = false));
    const storage = createGarageStorage(shelf, patience);
    const { vehicles, jobs } = demoGarage(NOW);
    await storage.putAll(vehicles, jobs);
    shelf.isBroken = true;
    await storage.changeJob('pebble-new', (job) => ({ ...job, title: 'renamed' }));
    expect(patience.heard).toMatchObject([[fault, { job: 'pebble-new' }]]);
    expect(patience.heard[0]?.[1]?.change(jobs[0] as JobRecord).title).toBe('renamed');
    expect(await shelf.get('jobs', 'pebble-new')).toMatchObject({ title: 'renamed' });
  });
  test('given up, it is told as not kept', async () => {
    const shelf = faulty(named(name));
    const storage = createGarageStorage(
      shelf,
      person(() => undefined, false),
    );
    await expect(storage.keepPreference('look', {})).rejects.toThrow(NotKept);
  });
});

describe('patience', () => {
  afterEach(() => vi.useRealTimers());
  test('errors of the program come through at once', async () => {
    const patience = person(() => undefined);
    await expect(patiently(() => Promise.reject(new TypeError('wrong')), patience)).rejects.toThrow(TypeError);
    expect(patience.heard).toEqual([]);
  });
  test('a store that does not answer is said after a while, and so is its answer', async () => {
    vi.useFakeTimers();
    const said: string[] = [];
    const patience: Patience = {
      ...NO_PATIENCE,
      waiting: () => {
        said.push('slow');
        return () => said.push('answered');
      },
    };
    let answer: (value: number) => void = () => undefined;
    const work = patiently(() => new Promise<number>((resolve) => (answer = resolve)), patience);
    await vi.advanceTimersByTimeAsync(LONG_WAIT - 1);
    expect(said).toEqual([]);
    await vi.advanceTimersByTimeAsync(2);
    expect(said).toEqual(['slow']);
    answer(7);
    expect(await work).toBe(7);
    expect(said).toEqual(['slow', 'answered']);
  });
  test('a watch that is slow at first says so once, however often it answers; one that is stopped says nothing', async () => {
    vi.useFakeTimers();
    let slow = 0;
    const patience: Patience = {
      ...NO_PATIENCE,
      waiting: () => {
        slow += 1;
        return () => (slow -= 1);
      },
    };
    let tell: () => void = () => undefined;
    const held: Shelf = {
      ...memoryShelf(),
      watch: (_query, seen) => {
        tell = () => seen(null as never);
        return () => undefined;
      },
    };
    const storage = createGarageStorage(held, patience);
    storage.watchJob('j', () => undefined);
    await vi.advanceTimersByTimeAsync(LONG_WAIT + 1);
    expect(slow).toBe(1);
    for (let times = 0; times < 3; times += 1) tell();
    expect(slow).toBe(0);
    storage.watchJob('j', () => undefined)();
    await vi.advanceTimersByTimeAsync(2 * LONG_WAIT);
    expect(slow).toBe(0);
  });
});

describe('the real store', () => {
  test('of a newer version is told as such, and all of it can be saved', async () => {
    const name = `zelf-newer-${Math.random()}`;
    const later = new Dexie(name);
    later.version(7).stores({ jobs: 'id', things: 'id' });
    await later.table('things').put({ id: 't', words: 'from later' });
    later.close();
    const patience = person(() => undefined, false);
    createGarageStorage(dexieShelf(openDatabase(name)), patience).watchGarage(() => undefined);
    await vi.waitFor(() => expect(patience.heard).toEqual([['newer', null]]), { timeout: 3000 });
    const saved = await rescue(name);
    expect(saved.tables).toEqual({ jobs: [], things: [{ id: 't', words: 'from later' }] });
    expect(saved.version).toBe(70);
    await Dexie.delete(name);
  });
  test('that is not there is told, and says why nothing can be saved', async () => {
    const broken = new IDBFactory();
    broken.open = () => {
      throw new DOMException('not here', 'SecurityError');
    };
    await expect(rescue('zelf', broken)).rejects.toThrow('not here');
  });
});
