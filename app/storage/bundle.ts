import { strFromU8, strToU8, unzipSync, zipSync } from 'fflate';
import { mergedCase } from '../../core/casefile/merge';
import type { Problem, Result } from '../../core/casefile/problem';
import { lookAtRecord, type JobRecord, type RecordTable, type VehicleRecord } from './records';
import { texts } from '#words/shared/bundle';

/** What a bundle holds. */
export interface Bundle {
  readonly vehicles: readonly VehicleRecord[];
  readonly jobs: readonly JobRecord[];
}

interface Manifest {
  readonly format: 'zelf-bundle';
  readonly version: 1;
  readonly files: Readonly<Record<string, string>>;
}

const MANIFEST = 'manifest.json';
/** Names inside are Zelf's own: nothing that leads out of the folder. */
const PATH = /^(vehicles|jobs)\/(\d{1,5})\.json$/u;
export const MOST_BUNDLE_BYTES = 64 * 1024 * 1024;
const MOST_FILE_BYTES = 16 * 1024 * 1024;
const MOST_FILES = 5000;

/** SHA-256 in hexadecimal digits (FIPS 180-4). */
async function sha256(bytes: Uint8Array): Promise<string> {
  const digest = await crypto.subtle.digest('SHA-256', bytes.slice());
  return [...new Uint8Array(digest)].map((byte) => byte.toString(16).padStart(2, '0')).join('');
}

/**
 * The garage, or a part of it, as one ZIP file: a record a file, and a manifest with their checksums.
 * @param bundle vehicles and jobs. @returns the bytes.
 */
export async function writeBundle({ vehicles, jobs }: Bundle): Promise<Uint8Array> {
  const files: Record<string, Uint8Array> = {};
  vehicles.forEach((vehicle, at) => (files[`vehicles/${at}.json`] = strToU8(JSON.stringify(vehicle))));
  jobs.forEach((job, at) => (files[`jobs/${at}.json`] = strToU8(JSON.stringify(job))));
  const sums = await Promise.all(
    Object.entries(files).map(async ([path, bytes]) => [path, await sha256(bytes)] as const),
  );
  const manifest: Manifest = { format: 'zelf-bundle', version: 1, files: Object.fromEntries(sums) };
  return zipSync({ [MANIFEST]: strToU8(JSON.stringify(manifest)), ...files });
}

const refused = (code: string, message: string, path = ''): { readonly ok: false; readonly problems: Problem[] } => ({
  ok: false,
  problems: [{ path, code, message }],
});

/** The files of a ZIP, none larger than it may be; null where it is none, or is cut. */
function unzipped(bytes: Uint8Array): Readonly<Record<string, Uint8Array>> | null {
  let count = 0;
  try {
    return unzipSync(bytes, {
      filter: ({ name, originalSize }) => {
        count += 1;
        return count <= MOST_FILES + 1 && originalSize <= MOST_FILE_BYTES && (name === MANIFEST || PATH.test(name));
      },
    });
  } catch {
    return null;
  }
}

function isManifest(value: unknown): value is Manifest {
  const { format, version, files } = (value ?? {}) as Partial<Manifest>;
  if (format !== 'zelf-bundle' || version !== 1 || typeof files !== 'object' || files === null) return false;
  return Object.entries(files).every(([path, sum]) => PATH.test(path) && /^[0-9a-f]{64}$/u.test(String(sum)));
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
  const found: { vehicles: VehicleRecord[]; jobs: JobRecord[] } = { vehicles: [], jobs: [] };
  for (const [path, sum] of Object.entries(manifest.files)) {
    const file = files[path];
    if (!file || (await sha256(file)) !== sum) return refused('damaged', texts.isDamaged, path);
    const record = parsed(file);
    const table = (PATH.exec(path)?.[1] ?? 'jobs') as RecordTable;
    const id = (record as { id?: unknown } | null)?.id;
    if (typeof id !== 'string' || lookAtRecord(table, id, record)) return refused('not-right', texts.isNotRight, path);
    if (table === 'vehicles') found.vehicles.push(record as VehicleRecord);
    else found.jobs.push(record as JobRecord);
  }
  return { ok: true, value: found };
}

/** What taking a bundle in would do, before anything is written. */
export interface Intake {
  readonly vehicles: readonly VehicleRecord[];
  readonly jobs: readonly JobRecord[];
  /** How many jobs are new, put together with one that is there, or there already as they are. */
  readonly added: number;
  readonly merged: number;
  readonly same: number;
}

/**
 * Works out what a bundle adds to a garage and changes in it. A vehicle that is there keeps its own sheet; jobs are put together by their ids.
 * @param bundle as read. @param garage what is there. @param at the time of it, ISO 8601.
 */
export function intakeOf(bundle: Bundle, garage: Bundle, at: string): Intake {
  const known = new Map(garage.jobs.map((job) => [job.id, job]));
  const vehicles = bundle.vehicles.filter(({ id }) => !garage.vehicles.some((vehicle) => vehicle.id === id));
  let [added, merged, same] = [0, 0, 0];
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
    return [{ ...own, file, updatedAt: at }];
  });
  return { vehicles, jobs, added, merged, same };
}
