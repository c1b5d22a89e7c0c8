import { defineStore } from 'pinia';
import { computed, shallowRef } from 'vue';
import type { FullAssessment } from '../../core/judgement/assess';
import type { CaseFile, Observation } from '../../core/casefile/contract';
import type { Channel } from '../../core/casefile/words';
import { nameOf, run, type Command, type NewObservation } from '../../core/commands/command';
import { NO_HISTORY, redone, undone, withStep, type Kept } from '../../core/commands/history';
import { withSheet, type Sheet } from '../../core/commands/vehicleInJob';
import { mostSuspect } from '../../core/judgement/mostSuspect';
import type { JobRecord, StageName } from '../storage/garageStorage';
import { usePorts } from './ports';

export type { Command, NewObservation };

const keptIn = (job: JobRecord): Kept<CaseFile> => ({ state: job.file, history: job.history ?? NO_HISTORY });

/** The open job: its file as stored, and what the adviser makes of it. */
export const useJob = defineStore('job', () => {
  const { storage, adviser, now, newId } = usePorts();
  const record = shallowRef<JobRecord | null>(null);
  const assessment = shallowRef<FullAssessment | null>(null);
  const isThinking = shallowRef(false);
  const isMissing = shallowRef(false);
  let stops: (() => void)[] = [];
  let assessed = '';

  async function judge(file: CaseFile): Promise<void> {
    const text = JSON.stringify(file);
    if (text === assessed) return;
    assessed = text;
    isThinking.value = true;
    const answer = await adviser.assess(file);
    if (!answer) return;
    assessment.value = answer;
    isThinking.value = false;
  }

  /** Takes over what has changed on the vehicle's sheet. */
  async function takeSheet(id: string, { vehicle, owner }: Sheet): Promise<void> {
    await storage.changeJob(id, (job) => {
      if ((job.file.ending ?? null) !== null) return job;
      const file = withSheet(job.file, job.sheetSeen ?? null, { vehicle, owner });
      return file === job.file && job.sheetSeen ? job : { ...job, file, sheetSeen: { vehicle, owner } };
    });
  }

  /** Opens a job; resolves when it has been read. */
  function open(id: string): Promise<void> {
    if (record.value?.id === id) return Promise.resolve();
    stops.forEach((stop) => stop());
    stops = [];
    record.value = null;
    assessment.value = null;
    assessed = '';
    isMissing.value = false;
    return new Promise((resolve) => {
      const stop = storage.watchJob(id, (job) => {
        const isNew = job !== null && record.value === null;
        record.value = job;
        isMissing.value = job === null;
        if (isNew)
          stops.push(storage.watchVehicle(job.vehicleId, (vehicle) => vehicle && void takeSheet(job.id, vehicle)));
        if (job) void judge(job.file);
        resolve();
      });
      stops.push(stop);
    });
  }

  const file = computed(() => record.value?.file ?? null);
  /** The corner in focus: chosen, else the most suspect one. */
  const subject = computed<Channel>(() => {
    const channels = file.value?.vehicle.channels ?? [];
    const chosen = record.value?.subject as Channel | null;
    if (chosen && channels.includes(chosen)) return chosen;
    return mostSuspect(assessment.value?.ranking ?? null, file.value);
  });

  /** Changes the newest state of the file, as one step that can be taken back. */
  async function step(change: (kept: Kept<CaseFile>) => Kept<CaseFile>): Promise<void> {
    if (!record.value) return;
    await storage.changeJob(record.value.id, (job) => {
      const { state, history } = change(keptIn(job));
      return state === job.file ? job : { ...job, updatedAt: now(), file: state, history };
    });
  }

  /** Carries out a command on the newest state of the file; gives the ids of what it made. */
  async function dispatch(command: Command): Promise<string[]> {
    const made: string[] = [];
    const stamp = {
      at: now(),
      newId: () => {
        made.push(newId());
        return made.at(-1) as string;
      },
    };
    await step((kept) => withStep(kept, nameOf(command), run(kept.state, command, stamp)));
    return made;
  }

  const alter = (name: string, make: (file: CaseFile) => CaseFile): Promise<void> =>
    step((kept) => withStep(kept, name, make(kept.state)));
  const set = async (change: Partial<Pick<JobRecord, 'title' | 'stage' | 'subject'>>): Promise<void> => {
    if (record.value) await storage.changeJob(record.value.id, (job) => ({ ...job, ...change }));
  };

  return {
    record,
    file,
    assessment,
    isThinking,
    isMissing,
    subject,
    open,
    dispatch,
    alter,
    observe: (...said: readonly NewObservation[]) => dispatch({ do: 'observe', said }),
    withdraw: (id: string, withdrawn: boolean) => dispatch({ do: 'withdraw', ids: [id], withdrawn }),
    undo: () => step(undone),
    redo: () => step(redone),
    /** What would be taken back, and made again. */
    undoName: computed(() => record.value?.history?.done.at(-1)?.name ?? null),
    redoName: computed(() => record.value?.history?.undone.at(-1)?.name ?? null),
    imagine: (before: CaseFile, seen: readonly Observation[]) => adviser.imagine(before, seen),
    overturns: (before: CaseFile) => adviser.overturns(before),
    setStage: async (stage: StageName) => (record.value?.stage === stage ? undefined : set({ stage })),
    setSubject: (channel: Channel | null) => set({ subject: channel }),
    setTitle: (title: string) => set({ title }),
  };
});
