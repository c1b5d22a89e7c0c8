import type { JobRecord, VehicleRecord } from '../../storage/garageStorage';
import { saveBlob } from '../../shared/saveText';
import { texts } from '#words/shared/bundle';

/** A name as any file system takes it. */
const asFileName = (name: string): string =>
  name
    .toLowerCase()
    .match(/[\p{L}\p{N}]+/gu)
    ?.join('-') ?? '';

/** Saves vehicles and jobs as one file. The ZIP code comes when it is wanted. */
export async function saveGarage(
  vehicles: readonly VehicleRecord[],
  jobs: readonly JobRecord[],
  at: string,
): Promise<void> {
  const { writeBundle } = await import('../../storage/bundle');
  const bytes = await writeBundle({ vehicles, jobs });
  const [only] = vehicles;
  const name = vehicles.length === 1 ? asFileName(only?.vehicle.name ?? '') : '';
  saveBlob(texts.file(name || texts.garage, at.slice(0, 10)), new Blob([bytes.slice()], { type: 'application/zip' }));
}
