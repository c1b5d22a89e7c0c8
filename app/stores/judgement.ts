import { shallowRef } from 'vue';
import type { CaseFile } from '../../core/casefile/contract';
import type { FullAssessment } from '../../core/judgement/assess';
import { WorkerTrouble } from '../workers/supervised';
import type { Ports } from './ports';
import { useTrouble } from './trouble';

/**
 * What the adviser makes of the open job.
 * @param current the job's file as it is now, for asking once more after a trouble. @param ports the adviser.
 */
export function useJudgement(current: () => CaseFile | null, { adviser }: Pick<Ports, 'adviser'>) {
  const trouble = useTrouble();
  const assessment = shallowRef<FullAssessment | null>(null);
  const isThinking = shallowRef(false);
  /** Whether the judgement is of an earlier state of the file. */
  const isStale = shallowRef(false);
  let assessed = '';

  async function judge(file: CaseFile): Promise<void> {
    const text = JSON.stringify(file);
    if (text === assessed) return;
    assessed = text;
    isThinking.value = true;
    isStale.value = true;
    try {
      const answer = await adviser.assess(file);
      if (!answer) return;
      assessment.value = answer;
      isStale.value = false;
      trouble.adviser = null;
    } catch (error) {
      const { fault, message } = error instanceof WorkerTrouble ? error : new WorkerTrouble('threw', String(error));
      assessed = '';
      trouble.adviser = {
        fault,
        message,
        retry: () => {
          const now = current();
          if (now) void judge(now);
        },
      };
    }
    isThinking.value = false;
  }

  function forget(): void {
    assessment.value = null;
    isStale.value = false;
    assessed = '';
  }

  return { assessment, isThinking, isStale, judge, forget };
}
