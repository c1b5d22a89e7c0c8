import type { TwinOf } from '../../bench/practice/drawPractice';
import { levelOf, type LevelId } from '../../bench/practice/levels';
import { startingFile, type Practice } from '../../bench/practice/session';
import type { Vehicle } from '../../core/casefile/contract';
import { emptyCase, useGarage } from './garage';
import { practiceOf, type PracticeFile } from '../../bench/practice/practiceFile';
import { texts } from '#words/shared/app';

export const PRACTICE_CAR = texts.practiceCar;

function practiceFile(practice: Practice): PracticeFile {
  const { vehicle, observations } = startingFile(practice);
  return { ...emptyCase({ vehicle: { ...vehicle, name: PRACTICE_CAR }, owner: {} }), observations, practice };
}

/** Practice cars as jobs of their own; they share one place in the garage. */
export function usePracticeJobs() {
  const garage = useGarage();

  async function add(practice: Practice): Promise<string> {
    const file = practiceFile(practice);
    const known = garage.vehicles.find((vehicle) => vehicle.vehicle.name === PRACTICE_CAR);
    const vehicleId = known?.id ?? (await garage.addVehicle(file.vehicle));
    return garage.addJob(file, vehicleId, texts.practice(levelOf(practice.level).name));
  }

  const seedAfter = (level: LevelId): number =>
    1 + garage.jobs.filter((job) => practiceOf(job.file)?.level === level).length;

  /** Another car each time: numbered on by how many there were of this level. */
  const start = (level: LevelId): Promise<string> => add({ level, seed: seedAfter(level), actions: [] });

  /** A car like a real one, whose fault is drawn from what is suspected there. */
  function startTwin(vehicle: Vehicle, likely: TwinOf['likely']): Promise<string> {
    const twin = JSON.parse(JSON.stringify({ vehicle, likely })) as TwinOf;
    return add({ level: 'twin', seed: seedAfter('twin'), actions: [], twin });
  }

  return { start, startTwin };
}
