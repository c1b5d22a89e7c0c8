import { byTime } from '../../../core/casefile/byTime';
import type { Attachment } from '../../../core/casefile/contract';
import type { PhotoStorage } from '../../storage/photoStorage';
import type { PackedFile } from '../../storage/intake';

/** As many as somebody else looks at. */
const MOST = 6;

/**
 * Photos as files with plain names, the newest first.
 * @param attachments of the job. @param storage where the pictures are; those that are not on this device are left out.
 */
export async function picturesOf(
  attachments: readonly Attachment[],
  storage: Pick<PhotoStorage, 'photo'>,
): Promise<readonly PackedFile[]> {
  const newest = attachments.toSorted((a, b) => byTime(b.takenAt ?? '', a.takenAt ?? ''));
  const found: PackedFile[] = [];
  for (const { id } of newest) {
    const photo = found.length < MOST ? await storage.photo(id) : null;
    if (photo) found.push({ name: `photo-${found.length + 1}.jpg`, bytes: photo.full });
  }
  return found;
}
