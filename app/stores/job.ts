import { defineStore } from 'pinia';
import { computed, shallowRef } from 'vue';
import type { CaseFile, Observation } from '../../core/casefile/contract';
import type { Channel } from '../../core/casefile/words';
import type { NewObservation } from '../../core/commands/command';
import { mostSuspect } from '../../core/judgement/mostSuspect';
import type { JobRecord, StageName } from '../storage/garageStorage';
import { jobSteps } from './jobSteps';
import { useJudgement } from './judgement';
import { usePorts } from './ports';

export type { NewObservation };

/** The open job: its file as stored, and what the adviser makes of it. */
export const useJob = defineStore('job', () => {
  const ports = usePorts();
  const { storage, adviser } = ports;
  const record = shallowRef<JobRecord | null>(null);
  const { assessment, isThinking, isStale, judge, forget } = useJudgement(() => record.value?.file ?? null, ports);
  const isMissing = shallowRef(false);
  const steps = jobSteps(() => record.value?.id ?? null, ports);
  let stops: (() => void)[] = [];

  /** Opens a job; resolves when it has been read. */
  function open(id: string): Promise<void> {
    if (record.value?.id === id) return Promise.resolve();
    stops.forEach((stop) => stop());
    stops = [];
    record.value = null;
    forget();
    isMissing.value = false;
    return new Promise((resolve) => {
      const stop = storage.watchJob(id, (job) => {
        const isNew = job !== null && record.value === null;
        record.value = job;
        isMissing.value = job === null;
        if (isNew)
          stops.push(
            storage.watchVehicle(job.vehicleId, (vehicle) => vehicle && void steps.takeSheet(job.id, vehicle)),
          );
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

  const set = async (change: Partial<Pick<JobRecord, 'title' | 'stage' | 'subject'>>): Promise<void> => {
    if (record.value) await storage.changeJob(record.value.id, (job) => ({ ...job, ...change }));
  };

  return {
    record,
    file,
    assessment,
    isThinking,
    isStale,
    isMissing,
    subject,
    open,
    dispatch: steps.dispatch,
    alter: steps.alter,
    undo: steps.undo,
    redo: steps.redo,
    observe: (...said: readonly NewObservation[]) => steps.dispatch({ do: 'observe', said }),
    withdraw: (id: string, withdrawn: boolean) => steps.dispatch({ do: 'withdraw', ids: [id], withdrawn }),
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
