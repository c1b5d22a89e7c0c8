import { useRouter } from 'vue-router';
import type { CaseFile, Repair } from '../../../core/casefile/contract';
import { failedRepairs } from '../../../core/proof/failedRepairs';
import { useJob } from '../../stores/job';

const RETURNED = { kind: 'drive', result: 'lamps-came-back' } as const;

/** What is done when a fault is still there, or has come back. */
export function useRecurrence() {
  const job = useJob();
  const router = useRouter();

  async function backToFind(failed: readonly Repair[]): Promise<void> {
    for (const { id } of failed) await job.dispatch({ do: 'repair-result', id, result: 'no-change' });
    await router.push({ name: 'find' });
  }

  return {
    /** It was not cured: that is evidence too, against the repairs that the answers speak of. */
    notCured: () => backToFind(job.file ? failedRepairs(job.file) : []),
    /** A recurrence: the job is open again with all its evidence, and the repair counts as having changed nothing. */
    async cameBack(): Promise<void> {
      if (!job.file) return;
      const then: CaseFile = { ...job.file, observations: [...job.file.observations, { ...RETURNED, id: 'returned' }] };
      const failed = failedRepairs(then);
      await job.dispatch({ do: 'end', ending: null });
      await job.dispatch({ do: 'observe', said: [RETURNED] });
      await backToFind(failed);
    },
  };
}
