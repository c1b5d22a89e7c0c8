import { defineStore } from 'pinia';
import { computed, shallowRef } from 'vue';
import type { FullAssessment } from '../../core/adviser/assess';
import type { CaseFile, Cost, Observation, Repair } from '../../core/casefile/contract';
import type { Channel } from '../../core/casefile/words';
import type { JobRecord, StageName } from '../storage/garageStorage';
import * as change from './fileChanges';
import { usePorts } from './ports';

/** An observation before it has an id and a time. */
export type NewObservation = Observation extends infer O ? (O extends Observation ? Omit<O, 'id' | 'at'> : never) : never;

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
    return change.mostSuspect(assessment.value, channels);
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
    withdraw: (id: string, withdrawn: boolean) => alter((before) => change.withWithdrawn(before, id, withdrawn)),
    note: (id: string, text: string) => alter((before) => change.withNote(before, id, text)),
    markWork: (step: string, state: 'done' | 'undone' | 'skipped' | 'open') => alter((before) => change.withWork(before, step, state, newId(), now())),
    addRepair: (repair: Omit<Repair, 'id' | 'at' | 'after'>) => alter((before) => change.withRepair(before, repair, newId(), now())),
    setRepairResult: (id: string, result: Repair['result']) => alter((before) => change.withRepairResult(before, id, result)),
    addCost: (cost: Omit<Cost, 'id' | 'at'>) => alter((before) => ({ ...before, costs: [...(before.costs ?? []), { ...cost, id: newId(), at: now() }] })),
    setCostUse: (id: string, use: Cost['use']) => alter((before) => ({ ...before, costs: (before.costs ?? []).map((one) => (one.id === id ? { ...one, use } : one)) })),
    removeCost: (id: string) => alter((before) => ({ ...before, costs: (before.costs ?? []).filter((one) => one.id !== id) })),
    setStage: async (stage: StageName) => (record.value && record.value.stage !== stage ? storage.changeJob(record.value.id, { stage }) : undefined),
    setSubject: async (channel: Channel | null) => (record.value ? storage.changeJob(record.value.id, { subject: channel }) : undefined),
    setTitle: async (title: string) => (record.value ? storage.changeJob(record.value.id, { title }) : undefined),
  };
});
