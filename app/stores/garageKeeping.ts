import type { Ref } from 'vue';
import type { JobRecord, VehicleRecord } from '../storage/garageStorage';
import type { Ports } from './ports';
import { texts } from '#words/screens/garage';

/** What was removed, for putting it back. */
export interface Removed {
  readonly vehicles: readonly VehicleRecord[];
  readonly jobs: readonly JobRecord[];
}

/** Removing, copying, putting away and bringing back what stands in the garage. */
export function garageKeeping(
  { storage, now, newId }: Pick<Ports, 'storage' | 'now' | 'newId'>,
  vehicles: Readonly<Ref<readonly VehicleRecord[]>>,
  jobs: Readonly<Ref<readonly JobRecord[]>>,
) {
  async function remove(removed: Removed): Promise<Removed> {
    const ids = (records: readonly { readonly id: string }[]): string[] => records.map(({ id }) => id);
    await storage.removeAll(ids(removed.vehicles), ids(removed.jobs));
    return removed;
  }

  async function copyJob(id: string): Promise<void> {
    const job = jobs.value.find((entry) => entry.id === id);
    if (!job) return;
    const [copy, at] = [newId(), now()];
    await storage.putJob({ ...job, id: copy, title: texts.copyOf(job.title), createdAt: at, updatedAt: at });
  }

  async function copyVehicle(id: string): Promise<void> {
    const record = vehicles.value.find((entry) => entry.id === id);
    if (!record) return;
    const { owner, vehicle } = record;
    const name = texts.copyOf(vehicle.name ?? texts.noName);
    await storage.putVehicle({ id: newId(), owner, vehicle: { ...vehicle, name }, createdAt: now() });
  }

  return {
    copyJob,
    copyVehicle,
    removeJob: (id: string) => remove({ vehicles: [], jobs: jobs.value.filter((job) => job.id === id) }),
    /** Removes a vehicle with all its jobs. */
    removeVehicle: (id: string) =>
      remove({
        vehicles: vehicles.value.filter((vehicle) => vehicle.id === id),
        jobs: jobs.value.filter((job) => job.vehicleId === id),
      }),
    putBack: (removed: Removed) => storage.putAll(removed.vehicles, removed.jobs),
    putJobAway: (id: string, putAway: boolean) => storage.changeJob(id, (job) => ({ ...job, putAway })),
    async putVehiclesAway(ids: readonly string[], putAway: boolean): Promise<void> {
      for (const id of ids) await storage.changeVehicle(id, (vehicle) => ({ ...vehicle, putAway }));
    },
  };
}
