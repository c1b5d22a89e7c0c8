import { defineStore } from 'pinia';
import { shallowRef } from 'vue';
import type { CaseFile, Vehicle } from '../../core/casefile/contract';
import { readCaseFile } from '../../core/casefile/read';
import type { Result } from '../../core/casefile/problem';
import { demoGarage } from '../demo/demoGarage';
import type { GarageStorage, JobRecord, VehicleRecord } from '../storage/garageStorage';
import { usePorts } from './ports';
import { sheetSteps } from './sheetSteps';

/** A case with nothing in it yet. */
export function emptyCase({ vehicle, owner }: Pick<VehicleRecord, 'vehicle' | 'owner'>): CaseFile {
  const nothing = { observations: [], repairs: [], work: [], costs: [], attachments: [], notes: [] };
  return { format: 'zelf-case', version: 1, vehicle, owner, ...nothing, ending: null };
}

/** The sample garage is laid out once; what is removed of it stays away. */
async function layOutDemo(storage: GarageStorage, at: string): Promise<void> {
  if ((await storage.preference('demo-laid-out')) === true) return;
  const demo = demoGarage(at);
  await storage.putAll(demo.vehicles, demo.jobs);
  await storage.keepPreference('demo-laid-out', true);
}

/** The vehicles and their jobs. */
export const useGarage = defineStore('garage', () => {
  const { storage, now, newId } = usePorts();
  const vehicles = shallowRef<readonly VehicleRecord[]>([]);
  const jobs = shallowRef<readonly JobRecord[]>([]);
  const isLoaded = shallowRef(false);

  async function open(): Promise<void> {
    if (isLoaded.value) return;
    await layOutDemo(storage, now());
    /* Shown when both have been read, so that nothing moves afterwards. */
    const isRead = { vehicles: false, jobs: false };
    const read = (which: keyof typeof isRead): void => {
      isRead[which] = true;
      isLoaded.value = isRead.vehicles && isRead.jobs;
    };
    storage.watchVehicles((seen) => {
      vehicles.value = seen;
      read('vehicles');
    });
    storage.watchJobs((seen) => {
      jobs.value = seen;
      read('jobs');
    });
  }

  async function addVehicle(vehicle: Vehicle): Promise<string> {
    const id = newId();
    await storage.putVehicle({ id, vehicle, owner: {}, createdAt: now() });
    return id;
  }

  async function startJob(vehicleId: string): Promise<string> {
    const record = vehicles.value.find((one) => one.id === vehicleId);
    if (!record) throw new Error(`there is no vehicle "${vehicleId}" in this garage`);
    return addJob(emptyCase(record), vehicleId, 'new job');
  }

  async function addJob(file: CaseFile, vehicleId: string, title: string): Promise<string> {
    const [id, at] = [newId(), now()];
    await storage.putJob({ id, vehicleId, title, createdAt: at, updatedAt: at, stage: 'dash', subject: null, file });
    return id;
  }

  /** Takes a file in, as a job of the vehicle of that name or of a new one. Nothing changes when it is refused. */
  async function importText(text: string): Promise<Result<string>> {
    const read = readCaseFile(text);
    if (!read.ok) return read;
    const { vehicle } = read.value;
    const known = vehicles.value.find((one) => one.vehicle.name === vehicle.name && vehicle.name !== undefined);
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
    importText,
    removeJob: (id: string) => storage.removeJob(id),
    restoreJob: (job: JobRecord) => storage.putJob(job),
  };
});
