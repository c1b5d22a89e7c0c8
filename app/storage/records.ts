import { CASE_FILE, OWNER, VEHICLE, type CaseFile, type Owner, type Vehicle } from '../../core/casefile/contract';
import { misfits, type Misfit } from '../../core/casefile/misfits';
import { mended } from '../../core/casefile/mend';
import type { Shape } from '../../core/casefile/shapes';
import type { History } from '../../core/commands/history';
import type { Sheet } from '../../core/commands/vehicleInJob';
import { texts } from '#words/shared/app';

/** A vehicle of the garage, with its spec sheet. */
export interface VehicleRecord {
  readonly id: string;
  readonly vehicle: Vehicle;
  readonly owner: Owner;
  readonly createdAt: string;
  /** Counts the changes: a state that was read earlier is known as such. */
  readonly revision?: number;
  /** What was done to the sheet, for taking it back. */
  readonly history?: History;
  /** Out of sight, with its jobs, until it is brought back. */
  readonly putAway?: boolean;
}

export const STAGE_NAMES = ['dash', 'codes', 'find', 'fix', 'prove'] as const;
export type StageName = (typeof STAGE_NAMES)[number];

/** A job: the case file and what belongs to the screen, not to the judgement. */
export interface JobRecord {
  readonly id: string;
  readonly vehicleId: string;
  readonly title: string;
  readonly createdAt: string;
  readonly updatedAt: string;
  /** The stage that was open last. */
  readonly stage: StageName;
  /** The corner that is the subject; null until one is. */
  readonly subject: string | null;
  readonly file: CaseFile;
  /** What was done, for taking it back. */
  readonly history?: History;
  /** The vehicle's sheet as this job saw it last. */
  readonly sheetSeen?: Sheet;
  /** Out of sight until it is brought back. */
  readonly putAway?: boolean;
}

/** Something typed and not yet kept. */
export interface DraftRecord {
  readonly id: string;
  readonly text: string;
  /** Counts the changes: of two states, which is the newer. */
  readonly revision: number;
}

/** A draft as it is stored. */
export type StoredDraft = Omit<DraftRecord, 'id'>;

/** A picture that belongs to an attachment of a job; it has the attachment's id. */
export interface PhotoRecord {
  readonly id: string;
  readonly type: string;
  /** When it came, ISO 8601: the word of it in a job follows a little later. */
  readonly keptAt?: string;
  /** At most 1600 points wide or high. */
  readonly full: Uint8Array<ArrayBuffer>;
  /** The same for a list, at most 320 points. */
  readonly small: Uint8Array<ArrayBuffer>;
}

export interface PreferenceRecord {
  readonly id: string;
  readonly value: unknown;
}

const text = { is: 'text' } as const;
const putAway = { is: 'flag' } as const;
const step = { is: 'record', needs: { name: text, changes: { is: 'list', of: { is: 'anything' } } }, may: {} } as const;
const history = {
  is: 'record',
  needs: { done: { is: 'list', of: step }, undone: { is: 'list', of: step } },
  may: {},
} as const;
const id = { is: 'text', max: 200, pattern: /\S/u, example: 'o1' } as const;

/** What a record of each table looks like. */
export const RECORDS = {
  vehicles: {
    is: 'record',
    needs: { id, vehicle: VEHICLE, owner: OWNER },
    may: { createdAt: text, revision: { is: 'number', min: 0 }, history, putAway },
  },
  jobs: {
    is: 'record',
    needs: { id, vehicleId: id, file: CASE_FILE },
    may: {
      title: text,
      createdAt: text,
      updatedAt: text,
      stage: { is: 'word', of: STAGE_NAMES },
      subject: { is: 'either', of: [text, { is: 'nothing' }] },
      history,
      putAway,
      sheetSeen: { is: 'record', needs: { vehicle: VEHICLE, owner: OWNER }, may: {} },
    },
  },
} as const satisfies Record<string, Shape>;

export type RecordTable = keyof typeof RECORDS;

/** A record that cannot be read: it stands in the garage as such, and harms no other. */
export interface Damaged {
  readonly table: RecordTable;
  readonly key: IDBValidKey;
  /** Its name, as far as it still has one. */
  readonly title: string;
  readonly misfits: readonly Misfit[];
  /** How many places a mending would leave out; null when it can't be mended. */
  readonly leavesOut: number | null;
  readonly raw: unknown;
}

const MOST_PROBLEMS = 5;

/** Every record of this Zelf has these; a file's own optional keys are not among them. */
const ALWAYS = { vehicles: ['createdAt'], jobs: ['title', 'createdAt', 'updatedAt', 'stage', 'subject'] } as const;

function wrongIn(table: RecordTable, raw: unknown): Misfit[] {
  const found = misfits(RECORDS[table], raw, MOST_PROBLEMS);
  if (found.length > 0 || typeof raw !== 'object' || raw === null) return found;
  return ALWAYS[table]
    .filter((key) => !Object.hasOwn(raw, key) || (raw as Record<string, unknown>)[key] === undefined)
    .map((key) => ({ steps: [key], wrong: 'missing', shape: text, value: undefined }));
}

const wordsAt = (raw: unknown, ...path: readonly string[]): string => {
  let here = raw;
  for (const key of path) here = typeof here === 'object' && here !== null ? Reflect.get(here, key) : undefined;
  return typeof here === 'string' ? here : '';
};

const titleOf = (raw: unknown): string =>
  [wordsAt(raw, 'file', 'vehicle', 'name') || wordsAt(raw, 'vehicle', 'name'), wordsAt(raw, 'title')]
    .filter((words) => words !== '')
    .join(': ');

/** What a mended record has in place of what it lost. */
function filled(table: RecordTable, raw: Record<string, unknown>, at: string): unknown {
  const since = typeof raw['createdAt'] === 'string' ? raw['createdAt'] : at;
  if (table === 'vehicles') return { createdAt: since, ...raw };
  return { title: texts.repairedJob, createdAt: since, updatedAt: at, stage: 'dash', subject: null, ...raw };
}

/**
 * A damaged record without what is damaged, if enough of it is left.
 * @param table where it stands. @param raw as it was read. @param at now, ISO 8601.
 */
export function mendedRecord(
  table: RecordTable,
  raw: unknown,
  at: string,
): { readonly record: VehicleRecord | JobRecord; readonly leftOut: number } | null {
  const rest = mended(RECORDS[table], raw);
  if (!rest) return null;
  const record = filled(table, rest.value as Record<string, unknown>, at) as VehicleRecord | JobRecord;
  return { record, leftOut: rest.leftOut.length };
}

/** Looks at a record as it was read: sound, or damaged with what is wrong. */
export function lookAtRecord(table: RecordTable, key: IDBValidKey, raw: unknown): Damaged | null {
  const found = wrongIn(table, raw);
  if (found.length === 0) return null;
  return {
    table,
    key,
    title: titleOf(raw),
    misfits: found,
    leavesOut: mendedRecord(table, raw, '')?.leftOut ?? null,
    raw,
  };
}
