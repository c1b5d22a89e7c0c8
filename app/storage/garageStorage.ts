import { byTime } from '../../core/casefile/byTime';
import { sheetAfter } from '../../core/commands/vehicleInJob';
import { mergedText } from '../../core/commands/mergedText';
import { faultOf } from './faults';
import { photosOn, type PhotoStorage } from './photoStorage';
import { keepPatiently, NO_PATIENCE, patiently, whenLong, type Patience, type Unsaved } from './patience';
import {
  lookAtRecord,
  mendedRecord,
  type Damaged,
  type DraftRecord,
  type PhotoRecord,
  type StoredDraft,
  type JobRecord,
  type RecordTable,
  type StageName,
  type VehicleRecord,
} from './records';
import type { Kept, Shelf, Stop } from './shelf';

/** All that is kept, and what of it cannot be read. */
export interface GarageSeen {
  readonly vehicles: readonly VehicleRecord[];
  /** The one changed last comes first. */
  readonly jobs: readonly JobRecord[];
  readonly damaged: readonly Damaged[];
}

/** What the app keeps, and the only way to it. Every change is a transaction on the newest record, so two tabs cannot undo each other. */
export interface GarageStorage extends PhotoStorage {
  watchGarage(seen: (garage: GarageSeen) => void): Stop;
  /** Null: there is none, or it cannot be read. */
  watchJob(id: string, seen: (job: JobRecord | null) => void): Stop;
  watchVehicle(id: string, seen: (vehicle: VehicleRecord | null) => void): Stop;
  putVehicle(vehicle: VehicleRecord): Promise<void>;
  putJob(job: JobRecord): Promise<void>;
  putAll(
    vehicles: readonly VehicleRecord[],
    jobs: readonly JobRecord[],
    photos?: readonly PhotoRecord[],
  ): Promise<void>;
  /** Changes a job; what it finds out about its vehicle goes on the vehicle's sheet in the same transaction. */
  changeJob(id: string, change: (job: JobRecord) => JobRecord): Promise<void>;
  /** Changes a vehicle's newest record; gives the record as stored. */
  changeVehicle(id: string, change: (vehicle: VehicleRecord) => VehicleRecord): Promise<VehicleRecord>;
  removeJob(id: string): Promise<void>;
  /** Removes vehicles and jobs: all of them, or none. */
  removeAll(vehicles: readonly string[], jobs: readonly string[]): Promise<void>;
  /** Keeps a damaged record without what is damaged. */
  mend(damaged: Damaged, at: string): Promise<void>;
  removeDamaged(damaged: Damaged): Promise<void>;
  watchDraft(id: string, seen: (draft: StoredDraft) => void): Stop;
  /** Keeps what is typed. What another tab typed since `before` stays, if that is given; gives the draft as stored. */
  keepDraft(id: string, text: string, before?: string | null): Promise<StoredDraft>;
  preference(id: string): Promise<unknown>;
  keepPreference(id: string, value: unknown): Promise<void>;
}

const newer = (vehicle: VehicleRecord): VehicleRecord => ({ ...vehicle, revision: (vehicle.revision ?? 0) + 1 });

/** Records that were looked at and found sound stay so while their time and revision stand. */
function soundness() {
  const sound = new Map<string, string>();
  return function look(table: RecordTable, { key, value }: Kept): Damaged | null {
    const { updatedAt, revision } = (value ?? {}) as Partial<JobRecord & VehicleRecord>;
    const [name, stamp] = [`${table} ${JSON.stringify(key)}`, `${updatedAt} ${revision}`];
    if (typeof updatedAt === 'string' && sound.get(name) === stamp) return null;
    const damaged = lookAtRecord(table, key, value);
    if (damaged) sound.delete(name);
    else sound.set(name, stamp);
    return damaged;
  };
}

function sorted<T>(table: RecordTable, kept: readonly Kept[], look: ReturnType<typeof soundness>) {
  const damaged: Damaged[] = [];
  const records: T[] = [];
  for (const entry of kept) {
    const found = look(table, entry);
    if (found) damaged.push(found);
    else records.push(entry.value as T);
  }
  return { damaged, records };
}

/** A record that can be worked with; a damaged one cannot. */
async function soundRecord<T>(shelf: Shelf, table: RecordTable, id: string): Promise<T | null> {
  const value = await shelf.get(table, id);
  return value === undefined || lookAtRecord(table, id, value) ? null : (value as T);
}

/** A draft that is nowhere is empty; one of before drafts were counted is older than any. */
async function draftOn(shelf: Shelf, id: string): Promise<StoredDraft> {
  const { text = '', revision = 0 } = ((await shelf.get('drafts', id)) ?? {}) as Partial<DraftRecord>;
  return { text, revision };
}

/** The changes of records, each within one transaction. */
function changesOn(shelf: Shelf) {
  async function changeJob(id: string, change: (job: JobRecord) => JobRecord): Promise<void> {
    const job = (await shelf.get('jobs', id)) as JobRecord | undefined;
    if (!job) throw new Error(`there is no job "${id}" in this browser`);
    const made = change(job);
    if (made === job) return;
    const vehicle = (await shelf.get('vehicles', job.vehicleId)) as VehicleRecord | undefined;
    const isSynced = made.sheetSeen !== job.sheetSeen;
    const sheet = vehicle && !isSynced ? sheetAfter(vehicle, job.file, made.file) : vehicle;
    if (!sheet || sheet === vehicle) return shelf.put('jobs', made);
    await shelf.put('vehicles', newer(sheet));
    await shelf.put('jobs', { ...made, sheetSeen: { vehicle: sheet.vehicle, owner: sheet.owner } });
  }

  async function changeVehicle(id: string, change: (vehicle: VehicleRecord) => VehicleRecord): Promise<VehicleRecord> {
    const vehicle = (await shelf.get('vehicles', id)) as VehicleRecord | undefined;
    if (!vehicle) throw new Error(`there is no vehicle "${id}" in this browser`);
    const made = change(vehicle);
    if (made === vehicle) return vehicle;
    await shelf.put('vehicles', newer(made));
    return (await shelf.get('vehicles', id)) as VehicleRecord;
  }

  async function mend({ table, key, raw }: Damaged, at: string): Promise<void> {
    const mending = mendedRecord(table, raw, at);
    if (!mending) throw new Error('too little of this record is left to mend it');
    await shelf.remove(table, key);
    await shelf.put(table, mending.record);
  }

  async function keepDraft(id: string, text: string, before: string | null): Promise<StoredDraft> {
    const stored = await draftOn(shelf, id);
    const merged = before === null ? text : mergedText(before, stored.text, text);
    const draft = { text: merged, revision: stored.revision + 1 };
    await shelf.put('drafts', { id, ...draft });
    return draft;
  }
  return { changeJob, changeVehicle, mend, keepDraft };
}

/**
 * The garage on a shelf.
 * @param shelf where its records are. @param patience what is done when the shelf fails.
 */
export function createGarageStorage(shelf: Shelf, patience: Patience = NO_PATIENCE): GarageStorage {
  const look = soundness();
  const changes = changesOn(shelf);
  const reading = <T>(work: () => Promise<T>): Promise<T> => patiently(work, patience);
  const keeping = <T>(work: () => Promise<T>, unsaved: Unsaved | null = null): Promise<T> =>
    keepPatiently(work, patience, unsaved);

  /** Watches on after a failure, if it is to be tried again. */
  function watch<T>(query: () => Promise<T>, seen: (value: T) => void): Stop {
    let stop: Stop = () => undefined;
    let answered: Stop = () => undefined;
    let isOver = false;
    const begin = (): void => {
      answered = whenLong(patience);
      stop = shelf.watch(
        query,
        (value) => {
          answered();
          seen(value);
        },
        (error) => {
          answered();
          void patience.failed(faultOf(error) ?? 'failing', null).then((again) => again && !isOver && begin());
        },
      );
    };
    begin();
    return () => {
      isOver = true;
      answered();
      stop();
    };
  }

  async function seen(): Promise<GarageSeen> {
    const [vehicles, jobs] = [await shelf.all('vehicles'), await shelf.all('jobs')];
    const ofVehicles = sorted<VehicleRecord>('vehicles', vehicles, look);
    const ofJobs = sorted<JobRecord>('jobs', jobs, look);
    return {
      vehicles: ofVehicles.records,
      jobs: ofJobs.records.toSorted((a, b) => byTime(b.updatedAt, a.updatedAt)),
      damaged: [...ofVehicles.damaged, ...ofJobs.damaged],
    };
  }

  return {
    watchGarage: (message) => watch(seen, message),
    watchJob: (id, message) => watch(() => soundRecord<JobRecord>(shelf, 'jobs', id), message),
    watchVehicle: (id, message) => watch(() => soundRecord<VehicleRecord>(shelf, 'vehicles', id), message),
    putVehicle: (vehicle) => keeping(() => shelf.put('vehicles', vehicle)),
    putJob: (job) => keeping(() => shelf.put('jobs', job), { job: job.id, change: () => job }),
    putAll: (vehicles, jobs, photos = []) =>
      keeping(() =>
        shelf.atOnce(['vehicles', 'jobs', 'photos'], async () => {
          for (const photo of photos) await shelf.put('photos', photo);
          for (const vehicle of vehicles) await shelf.put('vehicles', vehicle);
          for (const job of jobs) await shelf.put('jobs', job);
        }),
      ),
    changeJob: (id, change) =>
      keeping(() => shelf.atOnce(['jobs', 'vehicles'], () => changes.changeJob(id, change)), { job: id, change }),
    changeVehicle: (id, change) => keeping(() => shelf.atOnce(['vehicles'], () => changes.changeVehicle(id, change))),
    removeJob: (id) => keeping(() => shelf.remove('jobs', id)),
    removeAll: (vehicles, jobs) =>
      keeping(() =>
        shelf.atOnce(['vehicles', 'jobs'], async () => {
          for (const id of vehicles) await shelf.remove('vehicles', id);
          for (const id of jobs) await shelf.remove('jobs', id);
        }),
      ),
    mend: (damaged, at) => keeping(() => shelf.atOnce([damaged.table], () => changes.mend(damaged, at))),
    removeDamaged: ({ table, key }) => keeping(() => shelf.remove(table, key)),
    watchDraft: (id, message) => watch(() => draftOn(shelf, id), message),
    keepDraft: (id, text, before = null) =>
      keeping(() => shelf.atOnce(['drafts'], () => changes.keepDraft(id, text, before))),
    ...photosOn(shelf, reading, keeping),
    preference: (id) =>
      reading(async () => ((await shelf.get('preferences', id)) as { value?: unknown } | undefined)?.value),
    keepPreference: (id, value) => keeping(() => shelf.put('preferences', { id, value })),
  };
}

export type { Damaged, JobRecord, StageName, VehicleRecord };
