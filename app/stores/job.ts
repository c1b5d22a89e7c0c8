import { defineStore } from 'pinia';
import { computed, shallowRef } from 'vue';
import type { FullAssessment } from '../../core/judgement/assess';
import type { CaseFile, Observation } from '../../core/casefile/contract';
import type { Channel } from '../../core/casefile/words';
import type { JobRecord, StageName } from '../storage/garageStorage';
import { fileActions } from './fileActions';
import * as change from './fileChanges';
import type { NewObservation } from './fileChanges';
import { usePorts } from './ports';

export type { NewObservation };

/** The open job: its file as stored, and what the adviser makes of it. */
export const useJob = defineStore('job', () => {
  const { storage, adviser, now, newId } = usePorts();
  const record = shallowRef<JobRecord | null>(null);
  const assessment = shallowRef<FullAssessment | null>(null);
  const isThinking = shallowRef(false);
  const isMissing = shallowRef(false);
  let stop: (() => void) | null = null;
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

  /** Opens a job; resolves when it has been read. */
  function open(id: string): Promise<void> {
    if (record.value?.id === id) return Promise.resolve();
    stop?.();
    record.value = null;
    assessment.value = null;
    assessed = '';
    isMissing.value = false;
    return new Promise((resolve) => {
      stop = storage.watchJob(id, (job) => {
        record.value = job;
        isMissing.value = job === null;
        if (job) void judge(job.file);
        resolve();
      });
    });
  }

  const file = computed(() => record.value?.file ?? null);
  /** The corner in focus: chosen, else the most suspect one. */
  const subject = computed<Channel>(() => {
    const channels = file.value?.vehicle.channels ?? [];
    const chosen = record.value?.subject as Channel | null;
    if (chosen && channels.includes(chosen)) return chosen;
    return change.mostSuspect(assessment.value, file.value);
  });

  async function alter(make: (file: CaseFile) => CaseFile): Promise<void> {
    if (record.value) await storage.changeFile(record.value.id, now(), make);
  }

  /** Records observations in the order given; gives their ids. */
  async function observe(...found: readonly NewObservation[]): Promise<string[]> {
    const made = found.map((one) => ({ ...one, id: newId(), at: now() }));
    await alter((before) => ({ ...before, observations: [...before.observations, ...made] }));
    return made.map((one) => one.id);
  }

  return {
    record,
    file,
    assessment,
    isThinking,
    isMissing,
    subject,
    open,
    observe,
    alter,
    imagine: (before: CaseFile, seen: readonly Observation[]) => adviser.imagine(before, seen),
    overturns: (before: CaseFile) => adviser.overturns(before),
    ...fileActions(alter, newId, now),
    setStage: async (stage: StageName) =>
      record.value && record.value.stage !== stage ? storage.changeJob(record.value.id, { stage }) : undefined,
    setSubject: async (channel: Channel | null) =>
      record.value ? storage.changeJob(record.value.id, { subject: channel }) : undefined,
    setTitle: async (title: string) => (record.value ? storage.changeJob(record.value.id, { title }) : undefined),
  };
});
