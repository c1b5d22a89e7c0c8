import { liveQuery } from 'dexie';
import { sheetAfter } from '../../core/commands/vehicleInJob';
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
  watchVehicle(id: string, seen: (vehicle: VehicleRecord | null) => void): Stop;
  /** Changes a job; what it finds out about its vehicle goes on the vehicle's sheet in the same transaction. */
  changeJob(id: string, change: (job: JobRecord) => JobRecord): Promise<void>;
  /** Changes a vehicle's newest record; gives the record as stored. */
  changeVehicle(id: string, change: (vehicle: VehicleRecord) => VehicleRecord): Promise<VehicleRecord>;
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

const newer = (vehicle: VehicleRecord): VehicleRecord => ({ ...vehicle, revision: (vehicle.revision ?? 0) + 1 });

async function changeJob(database: Database, id: string, change: (job: JobRecord) => JobRecord): Promise<void> {
  await database.transaction('rw', database.jobs, database.vehicles, async () => {
    const job = await database.jobs.get(id);
    if (!job) throw new Error(`there is no job "${id}" in this browser`);
    const made = change(job);
    if (made === job) return;
    const vehicle = await database.vehicles.get(job.vehicleId);
    const isSynced = made.sheetSeen !== job.sheetSeen;
    const sheet = vehicle && !isSynced ? sheetAfter(vehicle, job.file, made.file) : vehicle;
    if (sheet && sheet !== vehicle) {
      await database.vehicles.put(plain(newer(sheet)));
      await database.jobs.put(plain({ ...made, sheetSeen: { vehicle: sheet.vehicle, owner: sheet.owner } }));
    } else await database.jobs.put(plain(made));
  });
}

async function changeVehicle(
  database: Database,
  id: string,
  change: (vehicle: VehicleRecord) => VehicleRecord,
): Promise<VehicleRecord> {
  return database.transaction('rw', database.vehicles, async () => {
    const vehicle = await database.vehicles.get(id);
    if (!vehicle) throw new Error(`there is no vehicle "${id}" in this browser`);
    const made = change(vehicle);
    if (made === vehicle) return vehicle;
    const stored = plain(newer(made));
    await database.vehicles.put(stored);
    return stored;
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
    watchVehicle: (id, seen) => watch(async () => (await database.vehicles.get(id)) ?? null, seen),
    changeJob: (id, change) => changeJob(database, id, change),
    changeVehicle: (id, change) => changeVehicle(database, id, change),
    removeJob: (id) => database.jobs.delete(id),
    draft: async (id) => (await database.drafts.get(id))?.text ?? '',
    keepDraft: async (id, text) =>
      void (text === '' ? await database.drafts.delete(id) : await database.drafts.put({ id, text })),
    preference: async (id) => (await database.preferences.get(id))?.value,
    keepPreference: async (id, value) => void (await database.preferences.put({ id, value: plain(value) })),
  };
}

export type { JobRecord, StageName, VehicleRecord };
