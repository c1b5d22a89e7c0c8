import { defineStore } from 'pinia';
import { shallowRef } from 'vue';
import type { CaseFile, Owner, OwnMeaning, Vehicle } from '../../core/casefile/contract';
import { changesBetween, withChanges } from '../../core/commands/change';
import { NO_HISTORY, redone, undone, withStep, type Kept } from '../../core/commands/history';
import type { Sheet } from '../../core/commands/vehicleInJob';
import { readCaseFile } from '../../core/casefile/read';
import type { Result } from '../../core/casefile/problem';
import { demoGarage } from '../demo/demoGarage';
import type { GarageStorage, JobRecord, VehicleRecord } from '../storage/garageStorage';
import { usePorts } from './ports';

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
    storage.watchVehicles((seen) => (vehicles.value = seen));
    storage.watchJobs((seen) => {
      jobs.value = seen;
      isLoaded.value = true;
    });
  }

  async function addVehicle(vehicle: Vehicle): Promise<string> {
    const id = newId();
    await storage.putVehicle({ id, vehicle, owner: {}, createdAt: now() });
    return id;
  }

  /** Changes the newest state of a vehicle's sheet, as one step that can be taken back; its open jobs see it when they are opened. */
  function stepSheet(id: string, change: (kept: Kept<Sheet>) => Kept<Sheet>): Promise<void> {
    return storage.changeVehicle(id, (record) => {
      const sheet = { vehicle: record.vehicle, owner: record.owner };
      const { state, history } = change({ state: sheet, history: record.history ?? NO_HISTORY });
      return state === sheet ? record : { ...record, ...state, history };
    });
  }

  /** Takes over what differs between a sheet as it was shown and as it was typed: nothing that another tab has changed meanwhile is overwritten. */
  const changeVehicle = (id: string, shown: Vehicle, typed: Vehicle): Promise<void> =>
    stepSheet(id, (kept) =>
      withStep(kept, 'the sheet', {
        ...kept.state,
        vehicle: withChanges(kept.state.vehicle, changesBetween(shown, typed)),
      }),
    );

  /** Keeps (or, with null, forgets) what a code means on this vehicle, for all its open jobs. */
  async function keepMeaning(id: string, code: string, meaning: OwnMeaning | null): Promise<void> {
    await stepSheet(id, (kept) => {
      const { [code]: _old, ...others } = kept.state.vehicle.codeMeanings ?? {};
      const codeMeanings = meaning ? { ...others, [code]: meaning } : others;
      return withStep(kept, 'the meaning', { ...kept.state, vehicle: { ...kept.state.vehicle, codeMeanings } });
    });
  }

  /** Keeps what time and parts cost this owner, for all open jobs of the vehicle. */
  const changeOwner = (id: string, shown: Owner, typed: Owner): Promise<void> =>
    stepSheet(id, (kept) =>
      withStep(kept, 'the costs', {
        ...kept.state,
        owner: withChanges(kept.state.owner, changesBetween(shown, typed)),
      }),
    );

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
    changeVehicle,
    keepMeaning,
    changeOwner,
    undoSheet: (id: string) => stepSheet(id, undone),
    redoSheet: (id: string) => stepSheet(id, redone),
    startJob,
    addJob,
    importText,
    removeJob: (id: string) => storage.removeJob(id),
    restoreJob: (job: JobRecord) => storage.putJob(job),
  };
});
