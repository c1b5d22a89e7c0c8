import { defineStore } from 'pinia';
import { computed, shallowRef } from 'vue';
import type { CaseFile, Vehicle } from '../../core/casefile/contract';
import type { Result } from '../../core/casefile/problem';
import type { Intake } from '../storage/intake';
import type { Damaged, GarageStorage, JobRecord, VehicleRecord } from '../storage/garageStorage';
import { usePorts } from './ports';
import { reminderKey } from '../../core/report/reminders';
import { garageKeeping } from './garageKeeping';
import { jobSteps } from './jobSteps';
import { sheetSteps } from './sheetSteps';
import { texts } from '#words/shared/app';

/** A case with nothing in it yet. */
export function emptyCase({ vehicle, owner }: Pick<VehicleRecord, 'vehicle' | 'owner'>): CaseFile {
  const nothing = { observations: [], repairs: [], work: [], costs: [], attachments: [], notes: [] };
  return { format: 'zelf-case', version: 1, vehicle, owner, ...nothing, ending: null };
}

/** The sample garage is laid out once; what is removed of it stays away. Says whether it was laid out now. */
async function layOutDemo(storage: GarageStorage, at: string): Promise<boolean> {
  if ((await storage.preference('demo-laid-out')) === true) return false;
  const { demoGarage } = await import('../demo/demoGarage');
  const demo = demoGarage(at);
  await storage.putAll(demo.vehicles, demo.jobs);
  await storage.keepPreference('demo-laid-out', true);
  return true;
}

/** The day on which pictures without a job were swept last: once a day is enough. */
const SWEPT = 'photos-swept';

async function sweepDaily(storage: GarageStorage, at: string): Promise<void> {
  const today = at.slice(0, 10);
  if ((await storage.preference(SWEPT)) === today) return;
  await storage.sweepPhotos(at);
  await storage.keepPreference(SWEPT, today);
}

/** Ids that Zelf makes are longer than this. */
const UNIQUE_FROM = 12;

/** The vehicles and their jobs. */
export const useGarage = defineStore('garage', () => {
  const { storage, files, askToStay, now, newId } = usePorts();
  const vehicles = shallowRef<readonly VehicleRecord[]>([]);
  const jobs = shallowRef<readonly JobRecord[]>([]);
  const damaged = shallowRef<readonly Damaged[]>([]);
  const [isRead, isLaidOut] = [shallowRef(false), shallowRef(false)];
  let isOpen = false;
  /** Nothing moves afterwards: an empty garage is shown as such only when no samples are on their way. */
  const isLoaded = computed(() => isRead.value && (isLaidOut.value || vehicles.value.length > 0));

  /** Shows what there is at once; the samples come to it. */
  async function open(): Promise<void> {
    if (isOpen) return;
    isOpen = true;
    storage.watchGarage((seen) => {
      vehicles.value = seen.vehicles;
      jobs.value = seen.jobs;
      damaged.value = seen.damaged;
      isRead.value = true;
    });
    isLaidOut.value = !(await layOutDemo(storage, now()));
    await sweepDaily(storage, now());
  }

  async function addVehicle(vehicle: Vehicle): Promise<string> {
    const id = newId();
    await storage.putVehicle({ id, vehicle, owner: {}, createdAt: now() });
    return id;
  }

  async function startJob(vehicleId: string): Promise<string> {
    const record = vehicles.value.find((vehicle) => vehicle.id === vehicleId);
    if (!record) throw new Error(`there is no vehicle "${vehicleId}" in this garage`);
    return addJob(emptyCase(record), vehicleId, texts.newJob);
  }

  async function addJob(file: CaseFile, vehicleId: string, title: string): Promise<string> {
    const [id, at] = [newId(), now()];
    void askToStay();
    await storage.putJob({ id, vehicleId, title, createdAt: at, updatedAt: at, stage: 'dash', subject: null, file });
    return id;
  }

  /** The job that a file is a copy of: it shares observations whose ids were made to be unique (`o1`, `o2` are anybody's). */
  function jobOf({ observations }: CaseFile): JobRecord | null {
    const ids = new Set(observations.map(({ id }) => id).filter((id) => id.length >= UNIQUE_FROM));
    const shared = (job: JobRecord): number => job.file.observations.filter(({ id }) => ids.has(id)).length;
    const [best] = jobs.value.filter((job) => shared(job) > 0).toSorted((a, b) => shared(b) - shared(a));
    return best ?? null;
  }

  /**
   * Takes a file in: put together with the job that it is a copy of, else as a job of the vehicle of that name or of a new one.
   * Nothing changes when it is refused; putting together can be undone in the job.
   */
  async function importFile(
    file: Blob,
    message: (share: number) => void,
    cancel: AbortSignal,
  ): Promise<Result<string>> {
    const read = await files.read(file, message, cancel);
    if (!read.ok) return read;
    const same = jobOf(read.value);
    if (same) {
      await jobSteps(() => same.id, { storage, now, newId }).dispatch({ do: 'merge', other: read.value });
      return { ok: true, value: same.id };
    }
    const { vehicle } = read.value;
    const known = vehicles.value.find((entry) => entry.vehicle.name === vehicle.name && vehicle.name !== undefined);
    const vehicleId = known?.id ?? (await addVehicle(vehicle));
    return { ok: true, value: await addJob(read.value, vehicleId, 'imported') };
  }

  return {
    vehicles,
    jobs,
    isLoaded,
    open,
    addVehicle,
    ...sheetSteps(storage),
    startJob,
    addJob,
    importFile,
    damaged,
    mend: (record: Damaged) => storage.mend(record, now()),
    removeDamaged: (record: Damaged) => storage.removeDamaged(record),
    ...garageKeeping({ storage, now, newId }, vehicles, jobs),
    /** Notes in a job, opened or not, that something it asked for later is done. */
    seeTo: (id: string, reminder: string) =>
      jobSteps(() => id, { storage, now, newId }).dispatch({ do: 'work', step: reminderKey(reminder), state: 'done' }),
    /** Takes in what a back-up adds: all of it, or nothing. */
    takeIn: ({ vehicles: added, jobs: changed, photos }: Pick<Intake, 'vehicles' | 'jobs' | 'photos'>) =>
      storage.putAll(added, changed, photos),
  };
});
