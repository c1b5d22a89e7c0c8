import type { PhotoRecord } from './records';
import type { Shelf } from './shelf';

/** The pictures of all jobs. */
export interface PhotoStorage {
  putPhotos(photos: readonly PhotoRecord[]): Promise<void>;
  /** Null: it is not on this device. */
  photo(id: string): Promise<PhotoRecord | null>;
  /** Removes pictures that no job speaks of any more, its steps that could be taken back included. */
  sweepPhotos(): Promise<void>;
}

type Patient = <T>(work: () => Promise<T>) => Promise<T>;

/** Pictures on a shelf. */
export const photosOn = (shelf: Shelf, patient: Patient): PhotoStorage => ({
  putPhotos: (photos) =>
    patient(() =>
      shelf.atOnce(['photos'], async () => {
        for (const photo of photos) await shelf.put('photos', photo);
      }),
    ),
  photo: (id) => patient(async () => ((await shelf.get('photos', id)) as PhotoRecord | undefined) ?? null),
  sweepPhotos: () =>
    patient(() =>
      shelf.atOnce(['photos', 'jobs'], async () => {
        const ids = await shelf.keys('photos');
        if (ids.length === 0) return;
        const spoken = JSON.stringify(await shelf.all('jobs'));
        for (const id of ids) if (!spoken.includes(JSON.stringify(id))) await shelf.remove('photos', id);
      }),
    ),
});
