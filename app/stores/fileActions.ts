import type { CaseFile, Cost, Repair } from '../../core/casefile/contract';
import * as change from './fileChanges';

type Alter = (make: (file: CaseFile) => CaseFile) => Promise<void>;

/** What may be done to the open job's file, each as one change of the newest stored file. */
export function fileActions(alter: Alter, newId: () => string, now: () => string) {
  return {
    withdraw: (id: string, withdrawn: boolean) => alter((before) => change.withWithdrawn(before, id, withdrawn)),
    correct: (id: string, said: change.NewObservation) => alter((before) => change.withCorrected(before, id, said)),
    note: (id: string, text: string) => alter((before) => change.withNote(before, id, text)),
    markWork: (step: string, state: 'done' | 'undone' | 'skipped' | 'open') =>
      alter((before) => change.withWork(before, step, state, newId(), now())),
    addRepair: (repair: Omit<Repair, 'id' | 'at' | 'after'>) =>
      alter((before) => change.withRepair(before, repair, newId(), now())),
    setRepairResult: (id: string, result: Repair['result']) =>
      alter((before) => change.withRepairResult(before, id, result)),
    addCost: (cost: Omit<Cost, 'id' | 'at'>) =>
      alter((before) => ({ ...before, costs: [...(before.costs ?? []), { ...cost, id: newId(), at: now() }] })),
    setCostUse: (id: string, use: Cost['use']) =>
      alter((before) => ({
        ...before,
        costs: (before.costs ?? []).map((one) => (one.id === id ? { ...one, use } : one)),
      })),
    removeCost: (id: string) =>
      alter((before) => ({ ...before, costs: (before.costs ?? []).filter((one) => one.id !== id) })),
  };
}
