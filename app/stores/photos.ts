import { defineStore } from 'pinia';
import { shallowReactive } from 'vue';
import type { Attachment } from '../../core/casefile/contract';
import { useJob } from './job';
import { usePorts } from './ports';

/** The pictures of the open job: kept beside it, known by its attachments. */
export const usePhotos = defineStore('photos', () => {
  const { storage, photos, now, newId } = usePorts();
  const job = useJob();
  const urls = shallowReactive(new Map<string, string | null>());

  const asUrl = (bytes: Uint8Array<ArrayBuffer>, type: string): string =>
    URL.createObjectURL(new Blob([bytes], { type }));

  async function fetch(id: string): Promise<void> {
    urls.set(id, '');
    const photo = await storage.photo(id);
    urls.set(id, photo && asUrl(photo.small, photo.type));
  }

  /** A picture's address for a list; it is fetched at the first look. */
  function smallOf(id: string): string | null {
    if (!urls.has(id)) void Promise.resolve().then(() => fetch(id));
    return urls.get(id) ?? (urls.has(id) ? null : '');
  }

  /**
   * Keeps pictures with the open job: first the picture, then the word of it.
   * @param files as the camera gave them. @param of what they show.
   * @returns the names of those that are no pictures.
   */
  async function add(files: readonly File[], of: string): Promise<readonly string[]> {
    const refused: string[] = [];
    const made: Attachment[] = [];
    for (const file of files) {
      const ready = await photos.prepare(file);
      if (!ready) {
        refused.push(file.name);
        continue;
      }
      const id = newId();
      await storage.putPhotos([{ id, type: ready.type, keptAt: now(), full: ready.full, small: ready.small }]);
      const { type, sha256, takenAt } = ready;
      made.push({
        id,
        name: file.name.slice(0, 500),
        type,
        sha256,
        of,
        takenAt: takenAt ? withOffset(takenAt, now()) : now(),
      });
    }
    if (made.length > 0) await job.dispatch({ do: 'attach', attachments: made });
    return refused;
  }

  return {
    add,
    smallOf,
    /** The address of the large picture; the caller gives it back with `URL.revokeObjectURL`. */
    async fullOf(id: string): Promise<string | null> {
      const photo = await storage.photo(id);
      return photo && asUrl(photo.full, photo.type);
    },
    remove: (id: string) => job.dispatch({ do: 'detach', id }),
    of: (key: string): readonly Attachment[] =>
      (job.file?.attachments ?? []).filter(({ of, id }) => of === key || isNamedBy(key, id)),
  };

  /** An observation may name its picture itself, as other programs write it. */
  function isNamedBy(key: string, id: string): boolean {
    return job.file?.observations.some((seen) => seen.id === key && seen.photo === id) ?? false;
  }
});

/** A camera's local time with the offset that is in force here. */
function withOffset(local: string, now: string): string {
  return `${local}${/(?:Z|[+-]\d\d:\d\d)$/u.exec(now)?.[0] ?? 'Z'}`;
}
