import Dexie, { type EntityTable } from 'dexie';
import type { CaseFile, Owner, Vehicle } from '../../core/casefile/contract';
import type { History } from '../../core/commands/history';
import type { Sheet } from '../../core/commands/vehicleInJob';

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
}

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
}

export type StageName = 'dash' | 'codes' | 'find' | 'fix' | 'prove';

/** Something typed and not yet kept. */
export interface DraftRecord {
  readonly id: string;
  readonly text: string;
}

export interface PreferenceRecord {
  readonly id: string;
  readonly value: unknown;
}

export type Database = Dexie & {
  vehicles: EntityTable<VehicleRecord, 'id'>;
  jobs: EntityTable<JobRecord, 'id'>;
  drafts: EntityTable<DraftRecord, 'id'>;
  preferences: EntityTable<PreferenceRecord, 'id'>;
};

/** Opens the garage's database; each version's tables stand here, oldest first. */
export function openDatabase(name = 'zelf'): Database {
  const database = new Dexie(name) as Database;
  database.version(1).stores({ vehicles: 'id', jobs: 'id, vehicleId, updatedAt', drafts: 'id', preferences: 'id' });
  return database;
}
