import type { JobRecord, VehicleRecord } from '../../storage/garageStorage';
import type { Bundle } from '../../storage/intake';
import type { PhotoRecord } from '../../storage/records';
import type { Ports } from '../../stores/ports';
import { saveBlob } from '../../shared/saveText';
import { texts } from '#words/shared/bundle';

/** A name as any file system takes it. */
const asFileName = (name: string): string =>
  name
    .toLowerCase()
    .match(/[\p{L}\p{N}]+/gu)
    ?.join('-') ?? '';

/** Saves vehicles and jobs with their photos as one file. */
export async function saveGarage(
  vehicles: readonly VehicleRecord[],
  jobs: readonly JobRecord[],
  { storage, files, now }: Pick<Ports, 'storage' | 'files' | 'now'>,
): Promise<void> {
  const ids = new Set(jobs.flatMap(({ file }) => (file.attachments ?? []).map(({ id }) => id)));
  const photos: PhotoRecord[] = [];
  for (const id of ids) {
    const photo = await storage.photo(id);
    if (photo) photos.push(photo);
  }
  const plain = JSON.parse(JSON.stringify({ vehicles, jobs })) as Pick<Bundle, 'vehicles' | 'jobs'>;
  const bytes = await files.pack({ ...plain, photos });
  const [only] = vehicles;
  const name = vehicles.length === 1 ? asFileName(only?.vehicle.name ?? '') : '';
  saveBlob(texts.file(name || texts.garage, now().slice(0, 10)), new Blob([bytes], { type: 'application/zip' }));
}
