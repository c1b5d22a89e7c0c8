import { useRouter } from 'vue-router';
import { tellWithUndo } from '../../shared/tell';
import { useGarage } from '../../stores/garage';
import type { Removed } from '../../stores/garageKeeping';
import { saveGarage } from './saveGarage';
import { usePorts } from '../../stores/ports';
import type { VehicleEntry } from './garageView';
import { texts } from '#words/screens/garage';

/** How long a removal can be taken back on the spot, milliseconds. */
const UNDO_FOR = 12_000;

/** What the three dots of a vehicle and of a job offer, and what each does; whatever takes away can be taken back. */
export function useRowMenus() {
  const garage = useGarage();
  const router = useRouter();
  const ports = usePorts();

  const removed = (was: Removed): Promise<void> =>
    tellWithUndo(texts.removed, texts.putItBack, () => void garage.putBack(was), UNDO_FOR);

  async function doForVehicle(what: string, { record }: VehicleEntry): Promise<void> {
    const { id } = record;
    if (what === 'sheet') await router.push({ name: 'vehicle', params: { vehicle: id } });
    if (what === 'save')
      await saveGarage(
        [record],
        garage.jobs.filter(({ vehicleId }) => vehicleId === id),
        ports,
      );
    if (what === 'copy') await garage.copyVehicle(id);
    if (what === 'remove') await removed(await garage.removeVehicle(id));
    if (what !== 'away') return;
    await garage.putVehiclesAway([id], true);
    await tellWithUndo(texts.isPutAway, texts.bringItBack, () => void garage.putVehiclesAway([id], false), UNDO_FOR);
  }

  async function doForJob(what: string, id: string): Promise<void> {
    const job = garage.jobs.find((entry) => entry.id === id);
    if (!job) return;
    if (what === 'job-notebook') await router.push({ name: 'notebook', params: { job: id } });
    if (what === 'job-save')
      await saveGarage(
        garage.vehicles.filter((vehicle) => vehicle.id === job.vehicleId),
        [job],
        ports,
      );
    if (what === 'job-copy') await garage.copyJob(id);
    if (what === 'job-remove') await removed(await garage.removeJob(id));
    if (what !== 'job-away') return;
    await garage.putJobAway(id, true);
    await tellWithUndo(texts.isPutAway, texts.bringItBack, () => void garage.putJobAway(id, false), UNDO_FOR);
  }

  return {
    ofVehicle: {
      title: '',
      entries: [
        { id: 'start', words: texts.aLampIsOn },
        { id: 'sheet', words: texts.specSheet },
        { id: 'save', words: texts.saveVehicle },
        { id: 'copy', words: texts.copyVehicle },
        { id: 'away', words: texts.putAway },
        { id: 'remove', words: texts.removeVehicle, isGrave: true },
      ],
    },
    ofJob: {
      title: '',
      entries: [
        { id: 'job-notebook', words: texts.notebook },
        { id: 'job-save', words: texts.saveJob },
        { id: 'job-copy', words: texts.copyJob },
        { id: 'job-away', words: texts.putJobAway },
        { id: 'job-remove', words: texts.removeJob, isGrave: true },
      ],
    },
    doForVehicle,
    doForJob,
  };
}
