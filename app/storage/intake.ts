import { clashesOf, mergedCase } from '../../core/casefile/merge';
import type { JobRecord, PhotoRecord, VehicleRecord } from './records';

/** No back-up is larger, bytes. */
export const MOST_BUNDLE_BYTES = 512 * 1024 * 1024;

/** What a bundle holds. */
export interface Bundle {
  readonly vehicles: readonly VehicleRecord[];
  readonly jobs: readonly JobRecord[];
  readonly photos: readonly PhotoRecord[];
}

/** What taking a bundle in would do, before anything is written. */
export interface Intake {
  readonly vehicles: readonly VehicleRecord[];
  readonly jobs: readonly JobRecord[];
  /** How many jobs are new, put together with one that is there, or there already as they are. */
  readonly added: number;
  readonly merged: number;
  readonly same: number;
  /** Entries that were changed here and there: of each the version that says more stands. */
  readonly clashes: number;
  readonly photos: readonly PhotoRecord[];
}

/**
 * Works out what a bundle adds to a garage and changes in it. A vehicle that is there keeps its own sheet; jobs are put together by their ids.
 * @param bundle as read. @param garage what is there. @param at the time of it, ISO 8601.
 */
export function intakeOf(bundle: Bundle, garage: Omit<Bundle, 'photos'>, at: string): Intake {
  const known = new Map(garage.jobs.map((job) => [job.id, job]));
  const vehicles = bundle.vehicles.filter(({ id }) => !garage.vehicles.some((vehicle) => vehicle.id === id));
  let [added, merged, same, clashes] = [0, 0, 0, 0];
  const jobs = bundle.jobs.flatMap((job): JobRecord[] => {
    const own = known.get(job.id);
    if (!own) {
      added += 1;
      return [job];
    }
    const file = mergedCase(own.file, job.file);
    if (JSON.stringify(file) === JSON.stringify(mergedCase(own.file, own.file))) {
      same += 1;
      return [];
    }
    merged += 1;
    clashes += clashesOf(own.file, job.file);
    return [{ ...own, file, updatedAt: at }];
  });
  return { vehicles, jobs, added, merged, same, clashes, photos: bundle.photos };
}

/** A file in a folder that is saved as one. */
export interface PackedFile {
  /** Plain: no folder in it. */
  readonly name: string;
  readonly bytes: Uint8Array<ArrayBuffer>;
}
