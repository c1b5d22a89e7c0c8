import { defineStore } from 'pinia';
import { shallowReactive } from 'vue';
import type { FullAssessment } from '../../core/judgement/assess';
import type { JobRecord } from '../storage/garageStorage';
import { usePorts } from './ports';

interface Glance {
  /** The file that was judged, as text. */
  readonly of: string;
  readonly assessment: FullAssessment;
}

/** What the adviser makes of jobs that are not open: asked for a job at a time, so that an opened one never waits long. */
export const useGlances = defineStore('glances', () => {
  const { adviser } = usePorts();
  const known = shallowReactive(new Map<string, Glance>());
  const waiting = new Map<string, JobRecord>();
  let isBusy = false;

  async function work(): Promise<void> {
    if (isBusy) return;
    isBusy = true;
    for (const [id, { file }] of waiting) {
      waiting.delete(id);
      const of = JSON.stringify(file);
      if (known.get(id)?.of === of) continue;
      try {
        known.set(id, { of, assessment: await adviser.glance(file) });
      } catch {
        break; // The adviser's own trouble is said where a job is open; a garage without glances still works.
      }
    }
    isBusy = false;
  }

  /** Asks for a job's judgement, if it has changed since. */
  function want(job: JobRecord): void {
    waiting.set(job.id, job);
    void work();
  }

  return {
    want,
    /** Nobody looks any more. */
    forgo: (id: string) => waiting.delete(id),
    of: (id: string): FullAssessment | null => known.get(id)?.assessment ?? null,
  };
});
