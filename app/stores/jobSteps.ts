import type { CaseFile } from '../../core/casefile/contract';
import { nameOf, run, type Command } from '../../core/commands/command';
import { NO_HISTORY, redone, undone, withStep, type Kept } from '../../core/commands/history';
import { withSheet, type Sheet } from '../../core/commands/vehicleInJob';
import type { JobRecord } from '../storage/garageStorage';
import type { Ports } from './ports';

type Change = (kept: Kept<CaseFile>) => Kept<CaseFile>;

const keptIn = (job: JobRecord): Kept<CaseFile> => ({ state: job.file, history: job.history ?? NO_HISTORY });

/** A job that has seen what is new on its vehicle's sheet; an ended one stays as it was. */
function seeingSheet(job: JobRecord, { vehicle, owner }: Sheet): JobRecord {
  if ((job.file.ending ?? null) !== null) return job;
  const file = withSheet(job.file, job.sheetSeen ?? null, { vehicle, owner });
  return file === job.file && job.sheetSeen ? job : { ...job, file, sheetSeen: { vehicle, owner } };
}

/** Changes of the open job's newest stored state, each a step that can be taken back. */
export function jobSteps(id: () => string | null, { storage, now, newId }: Pick<Ports, 'storage' | 'now' | 'newId'>) {
  async function step(change: Change): Promise<void> {
    const open = id();
    if (open === null) return;
    await storage.changeJob(open, (job) => {
      const { state, history } = change(keptIn(job));
      return state === job.file ? job : { ...job, updatedAt: now(), file: state, history };
    });
  }

  /** Carries out a command; gives the ids of what it made. */
  async function dispatch(command: Command): Promise<string[]> {
    let made: string[] = [];
    await step((kept) => {
      made = [];
      const give = (): string => {
        const fresh = newId();
        made.push(fresh);
        return fresh;
      };
      return withStep(kept, nameOf(command), run(kept.state, command, { at: now(), newId: give }));
    });
    return made;
  }

  return {
    dispatch,
    alter: (name: string, make: (file: CaseFile) => CaseFile) => step((kept) => withStep(kept, name, make(kept.state))),
    undo: () => step(undone),
    redo: () => step(redone),
    takeSheet: (job: string, sheet: Sheet) => storage.changeJob(job, (record) => seeingSheet(record, sheet)),
  };
}
