import Dexie, { type EntityTable } from 'dexie';
import { DATABASE_NAME } from './shelf';
import { newStamp, type Stamped } from './stamp';
import type { DraftRecord, JobRecord, PhotoRecord, PreferenceRecord, VehicleRecord } from './records';

export type Database = Dexie & {
  vehicles: EntityTable<VehicleRecord, 'id'>;
  jobs: EntityTable<JobRecord, 'id'>;
  drafts: EntityTable<DraftRecord, 'id'>;
  preferences: EntityTable<PreferenceRecord, 'id'>;
  photos: EntityTable<PhotoRecord, 'id'>;
};

/** What jobs can be found by. */
const JOB_KEYS = ['id', 'vehicleId', 'updatedAt'] as const;

/** Dexie's versions in steps of the browser's. */
const STEP = 10;

/** The version of a store as the browser has it; 0 where there is none, and none is made. */
function versionOf(name: string): Promise<number> {
  return new Promise((resolve, reject) => {
    const request = indexedDB.open(name);
    let isNone = false;
    request.onupgradeneeded = () => {
      isNone = true;
      request.transaction?.abort();
    };
    request.onsuccess = () => {
      resolve(request.result.version);
      request.result.close();
    };
    request.onerror = () => (isNone ? resolve(0) : reject(request.error ?? new Error('no reason given')));
  });
}

/**
 * Opens a store, but none that a later Zelf has written: Dexie would open it without a word, and change it.
 * @throws VersionError for a later one; the browser's error when it cannot be opened.
 */
export async function openChecked(database: Database): Promise<void> {
  if (typeof indexedDB === 'undefined') throw new Dexie.MissingAPIError('there is no IndexedDB here');
  const installed = await versionOf(database.name);
  if (installed >= STEP * (database.verno + 1))
    throw new Dexie.VersionError(`version ${installed / STEP} is newer than ${database.verno}`);
  await database.open();
}

/** The garage's database; each version's tables stand here, oldest first. */
export function openDatabase(name = DATABASE_NAME): Database {
  const database = new Dexie(name, { autoOpen: false }) as Database;
  database.version(1).stores({ vehicles: 'id', jobs: JOB_KEYS.join(','), drafts: 'id', preferences: 'id' });
  database
    .version(2)
    .stores({ photos: 'id', jobs: [...JOB_KEYS, 'stamp'].join(',') })
    .upgrade((transaction) =>
      transaction
        .table<Stamped>('jobs')
        .toCollection()
        .modify((job) => {
          job.stamp = newStamp();
        }),
    );
  return database;
}
