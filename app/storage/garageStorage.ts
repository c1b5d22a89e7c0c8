import { liveQuery } from 'dexie';
import type { CaseFile } from '../../core/casefile/contract';
import type { Database, JobRecord, StageName, VehicleRecord } from './database';

export type Stop = () => void;

/** What the app keeps, and the only way to it. Every change is a transaction on the newest record, so two tabs cannot undo each other. */
export interface GarageStorage {
  watchVehicles(seen: (vehicles: VehicleRecord[]) => void): Stop;
  watchJobs(seen: (jobs: JobRecord[]) => void): Stop;
  watchJob(id: string, seen: (job: JobRecord | null) => void): Stop;
  putVehicle(vehicle: VehicleRecord): Promise<void>;
  putJob(job: JobRecord): Promise<void>;
  putAll(vehicles: readonly VehicleRecord[], jobs: readonly JobRecord[]): Promise<void>;
  changeFile(id: string, at: string, change: (file: CaseFile) => CaseFile): Promise<void>;
  changeJob(id: string, change: Partial<Pick<JobRecord, 'title' | 'stage' | 'subject'>>): Promise<void>;
  removeJob(id: string): Promise<void>;
  draft(id: string): Promise<string>;
  keepDraft(id: string, text: string): Promise<void>;
  preference(id: string): Promise<unknown>;
  keepPreference(id: string, value: unknown): Promise<void>;
}

function watch<T>(query: () => Promise<T>, seen: (value: T) => void): Stop {
  const subscription = liveQuery(query).subscribe({ next: seen, error: (error) => console.error(error) });
  return () => subscription.unsubscribe();
}

/** Plain data only: Vue's proxies cannot be stored. */
function plain<T>(value: T): T {
  return JSON.parse(JSON.stringify(value)) as T;
}

async function changeRecord(database: Database, id: string, change: (job: JobRecord) => JobRecord): Promise<void> {
  await database.transaction('rw', database.jobs, async () => {
    const job = await database.jobs.get(id);
    if (!job) throw new Error(`there is no job "${id}" in this browser`);
    await database.jobs.put(plain(change(job)));
  });
}

/** The garage on IndexedDB. */
export function createGarageStorage(database: Database): GarageStorage {
  return {
    watchVehicles: (seen) => watch(() => database.vehicles.toArray(), seen),
    watchJobs: (seen) => watch(() => database.jobs.orderBy('updatedAt').reverse().toArray(), seen),
    watchJob: (id, seen) => watch(async () => (await database.jobs.get(id)) ?? null, seen),
    putVehicle: async (vehicle) => void (await database.vehicles.put(plain(vehicle))),
    putJob: async (job) => void (await database.jobs.put(plain(job))),
    putAll: (vehicles, jobs) =>
      database.transaction('rw', database.vehicles, database.jobs, async () => {
        await database.vehicles.bulkPut(vehicles.map(plain));
        await database.jobs.bulkPut(jobs.map(plain));
      }),
    changeFile: (id, at, change) =>
      changeRecord(database, id, (job) => ({ ...job, updatedAt: at, file: change(job.file) })),
    changeJob: (id, change) => changeRecord(database, id, (job) => ({ ...job, ...change })),
    removeJob: (id) => database.jobs.delete(id),
    draft: async (id) => (await database.drafts.get(id))?.text ?? '',
    keepDraft: async (id, text) =>
      void (text === '' ? await database.drafts.delete(id) : await database.drafts.put({ id, text })),
    preference: async (id) => (await database.preferences.get(id))?.value,
    keepPreference: async (id, value) => void (await database.preferences.put({ id, value: plain(value) })),
  };
}

export type { JobRecord, StageName, VehicleRecord };
