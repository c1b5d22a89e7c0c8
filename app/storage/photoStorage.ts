import type { PhotoRecord } from './records';
import type { Shelf } from './shelf';

const DAY = 86_400_000;

/** The pictures of all jobs. */
export interface PhotoStorage {
  putPhotos(photos: readonly PhotoRecord[]): Promise<void>;
  /** Null: it is not on this device. */
  photo(id: string): Promise<PhotoRecord | null>;
  /** Removes pictures that no job speaks of any more, its steps that could be taken back included; those of the last day stay: another tab may be about to speak of them. */
  sweepPhotos(now: string): Promise<void>;
}

type Patient = <T>(work: () => Promise<T>) => Promise<T>;

/** Pictures on a shelf. */
export const photosOn = (shelf: Shelf, reading: Patient, keeping: Patient): PhotoStorage => ({
  putPhotos: (photos) =>
    keeping(() =>
      shelf.atOnce(['photos'], async () => {
        for (const photo of photos) await shelf.put('photos', photo);
      }),
    ),
  photo: (id) => reading(async () => ((await shelf.get('photos', id)) as PhotoRecord | undefined) ?? null),
  sweepPhotos: (now) =>
    keeping(() =>
      shelf.atOnce(['photos', 'jobs'], async () => {
        const ids = await shelf.keys('photos');
        if (ids.length === 0) return;
        const spoken = JSON.stringify(await shelf.all('jobs'));
        for (const id of ids) {
          if (spoken.includes(JSON.stringify(id))) continue;
          const { keptAt } = ((await shelf.get('photos', id)) ?? {}) as Partial<PhotoRecord>;
          if (keptAt === undefined || Date.parse(now) - Date.parse(keptAt) > DAY) await shelf.remove('photos', id);
        }
      }),
    ),
});
