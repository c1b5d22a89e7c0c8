import { strFromU8, strToU8, unzipSync, zipSync, type Zippable } from 'fflate';
import type { Problem, Result } from '../../core/casefile/problem';
import { lookAtRecord, type JobRecord, type PhotoRecord, type RecordTable, type VehicleRecord } from './records';
import { MOST_BUNDLE_BYTES, type Bundle } from './intake';
import { sha256 } from './sha256';
import { texts } from '#words/shared/bundle';

/** Where a picture lies in the bundle. */
interface PictureEntry {
  readonly id: string;
  readonly full: string;
  readonly small: string;
}

interface Manifest {
  readonly format: 'zelf-bundle';
  readonly version: 1;
  readonly files: Readonly<Record<string, string>>;
  readonly photos?: readonly PictureEntry[];
}

const MANIFEST = 'manifest.json';
/** Names inside are Zelf's own: nothing that leads out of the folder. */
const RECORD_PATH = /^(vehicles|jobs)\/\d{1,5}\.json$/u;
const PICTURE_PATH = /^photos\/\d{1,5}(?:-small)?\.jpg$/u;
const isPath = (name: string): boolean => RECORD_PATH.test(name) || PICTURE_PATH.test(name);
const MOST_FILE_BYTES = 16 * 1024 * 1024;
const MOST_FILES = 20_000;
/** All that a bundle may unfold to. */
const MOST_UNFOLDED_BYTES = 1024 * 1024 * 1024;
/** The only kind of picture that Zelf writes. */
const PICTURE_TYPE = 'image/jpeg';

/**
 * The garage, or a part of it, as one ZIP file: a record a file, and a manifest with their checksums.
 * @param bundle vehicles, jobs and their pictures. @returns the bytes.
 */
export async function writeBundle({ vehicles, jobs, photos }: Bundle): Promise<Uint8Array<ArrayBuffer>> {
  const files: Record<string, Uint8Array> = {};
  vehicles.forEach((vehicle, at) => (files[`vehicles/${at}.json`] = strToU8(JSON.stringify(vehicle))));
  jobs.forEach((job, at) => (files[`jobs/${at}.json`] = strToU8(JSON.stringify(job))));
  const pictures = photos.map(({ id, full, small }, at): PictureEntry => {
    const entry = { id, full: `photos/${at}.jpg`, small: `photos/${at}-small.jpg` };
    files[entry.full] = full;
    files[entry.small] = small;
    return entry;
  });
  const sums = await Promise.all(
    Object.entries(files).map(async ([path, bytes]) => [path, await sha256(bytes)] as const),
  );
  const manifest: Manifest = { format: 'zelf-bundle', version: 1, files: Object.fromEntries(sums), photos: pictures };
  const packed = Object.entries(files).map(([path, bytes]) =>
    PICTURE_PATH.test(path) ? ([path, [bytes, { level: 0 }]] as const) : ([path, bytes] as const),
  );
  return zipSync({
    [MANIFEST]: strToU8(JSON.stringify(manifest)),
    ...(Object.fromEntries(packed) as Zippable),
  }).slice();
}

/** Files as they are in one ZIP file, for other programs. @param files with plain names. */
export const zipFolder = (
  files: readonly { readonly name: string; readonly bytes: Uint8Array }[],
): Uint8Array<ArrayBuffer> => zipSync(Object.fromEntries(files.map(({ name, bytes }) => [name, bytes]))).slice();

const refused = (code: string, message: string, path = ''): { readonly ok: false; readonly problems: Problem[] } => ({
  ok: false,
  problems: [{ path, code, message }],
});

/** The files of a ZIP, none larger than it may be; null where it is none, or is cut. */
function unzipped(bytes: Uint8Array): Readonly<Record<string, Uint8Array>> | null {
  let [count, total] = [0, 0];
  try {
    return unzipSync(bytes, {
      filter: ({ name, originalSize }) => {
        count += 1;
        total += originalSize;
        const isSmall = count <= MOST_FILES + 1 && originalSize <= MOST_FILE_BYTES && total <= MOST_UNFOLDED_BYTES;
        return isSmall && (name === MANIFEST || isPath(name));
      },
    });
  } catch {
    return null;
  }
}

const isPicture = (entry: unknown): entry is PictureEntry => {
  const { id, full, small } = (entry ?? {}) as Partial<PictureEntry>;
  return typeof id === 'string' && PICTURE_PATH.test(String(full)) && PICTURE_PATH.test(String(small));
};

function isManifest(value: unknown): value is Manifest {
  const { format, version, files, photos = [] } = (value ?? {}) as Partial<Manifest>;
  if (format !== 'zelf-bundle' || version !== 1 || typeof files !== 'object' || files === null) return false;
  const isRight = Object.entries(files).every(([path, sum]) => isPath(path) && /^[0-9a-f]{64}$/u.test(String(sum)));
  return isRight && Array.isArray(photos) && photos.every(isPicture);
}

function parsed(bytes: Uint8Array | undefined): unknown {
  try {
    return bytes ? (JSON.parse(strFromU8(bytes)) as unknown) : null;
  } catch {
    return null;
  }
}

/**
 * Reads a bundle: whole, or not at all.
 * @param bytes of the file. @returns vehicles and jobs; what is wrong where anything is cut, changed, missing or not as it must be.
 */
export async function readBundle(bytes: Uint8Array): Promise<Result<Bundle>> {
  if (bytes.length > MOST_BUNDLE_BYTES) return refused('too-long', texts.tooLarge);
  const files = unzipped(bytes);
  const manifest = parsed(files?.[MANIFEST]);
  if (!files || !isManifest(manifest)) return refused('no-bundle', texts.isNoBundle);
  const found: { vehicles: VehicleRecord[]; jobs: JobRecord[]; photos: PhotoRecord[] } = {
    vehicles: [],
    jobs: [],
    photos: [],
  };
  for (const [path, sum] of Object.entries(manifest.files)) {
    const file = files[path];
    if (!file || (await sha256(file)) !== sum) return refused('damaged', texts.isDamaged, path);
    if (PICTURE_PATH.test(path)) continue;
    const record = parsed(file);
    const table = (RECORD_PATH.exec(path)?.[1] ?? 'jobs') as RecordTable;
    const id = (record as { id?: unknown } | null)?.id;
    if (typeof id !== 'string' || lookAtRecord(table, id, record)) return refused('not-right', texts.isNotRight, path);
    if (table === 'vehicles') found.vehicles.push(record as VehicleRecord);
    else found.jobs.push(record as JobRecord);
  }
  for (const { id, full, small } of manifest.photos ?? []) {
    const [large, little] = [files[full], files[small]];
    if (!large || !little || !(full in manifest.files && small in manifest.files))
      return refused('damaged', texts.isDamaged, full);
    found.photos.push({ id, type: PICTURE_TYPE, full: large.slice(), small: little.slice() });
  }
  return { ok: true, value: found };
}
