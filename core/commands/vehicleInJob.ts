import type { CaseFile, Owner, Vehicle } from '../casefile/contract';
import { changesBetween, withChanges } from './change';

/** What a job shares with its vehicle's spec sheet. */
export interface Sheet {
  readonly vehicle: Vehicle;
  readonly owner: Owner;
}

/**
 * A job's case with what has changed on the spec sheet since the job saw it last.
 * @param file the case. @param seen the sheet as the job saw it last; null when it never did: then only what the sheet says is taken, nothing is taken away.
 * @param sheet the sheet now.
 * @returns the case; the same one when there is nothing new.
 * @example withSheet(CASE, null, { vehicle: { channels: CASE.vehicle.channels, odometer: 5 }, owner: {} }).vehicle.odometer // => 5
 */
export function withSheet(file: CaseFile, seen: Sheet | null, sheet: Sheet): CaseFile {
  const before = seen ?? { vehicle: file.vehicle, owner: file.owner ?? {} };
  const changes = changesBetween(before, sheet).filter((change) => seen !== null || change.after !== undefined);
  if (changes.length === 0) return file;
  const { vehicle, owner } = withChanges({ vehicle: file.vehicle, owner: file.owner ?? {} }, changes);
  return { ...file, vehicle, owner };
}

/**
 * The spec sheet with what a job has found out about the vehicle.
 * @param sheet the sheet. @param before the case before. @param after the case after.
 * @returns the sheet; the same one when the job changed nothing of the vehicle.
 * @example sheetAfter({ vehicle: CASE.vehicle, owner: {} }, CASE, { ...CASE, owner: { hourValue: 20 } }).owner // => {"hourValue":20}
 */
export function sheetAfter<S extends Sheet>(sheet: S, before: CaseFile, after: CaseFile): S {
  const of = (file: CaseFile): Sheet => ({ vehicle: file.vehicle, owner: file.owner ?? {} });
  const changes = changesBetween(of(before), of(after));
  return changes.length === 0 ? sheet : withChanges(sheet, changes);
}
