import { computed, type Ref } from 'vue';
import type { CaseFile } from '../../../core/casefile/contract';
import type { Channel } from '../../../core/casefile/words';
import { readWorkStep } from '../../../core/casefile/workStep';
import { repairMove } from '../../../core/knowledge/moves';
import { repairId } from '../../../core/knowledge/repairs/repair';
import type { GuideStep } from '../../../core/guide/compose';
import { answerOf, type ProofAnswer } from '../../../core/proof/answers';
import { proofSteps } from '../../../core/proof/proofSteps';
import { useJob } from '../../stores/job';

/** Steps that, undone, let the wheel go on or down. */
const LOWERS: readonly string[] = ['wheel-off', 'raised'];

/** What the spin of a wheel has shown since its repair. */
function spinSaidOf(file: CaseFile, channel: Channel | null): ProofAnswer | null {
  const step = proofSteps(file).find((proofStep) => proofStep.id === 'spin' && proofStep.channel === channel);
  return step ? answerOf(step) : null;
}

/** The repair of an open guide as it stands in the file, and the spin of its wheel before that goes down. */
export function useRepairSpin(repair: Ref<string>, channel: Ref<Channel | null>, current: Ref<GuideStep | null>) {
  const job = useJob();

  /** Whether this very repair stands in the file already, waiting for its proof. */
  const isRecorded = computed(() => {
    const last = job.file?.repairs?.at(-1);
    return (
      last?.result === 'unknown' &&
      repairId(last.action, last.segment) === repair.value &&
      (last.channel ?? null) === channel.value
    );
  });

  /** The wheel is about to go back on or down: it is spun before, where there is a reader. */
  const isSpinDue = computed(
    () => channel.value !== null && LOWERS.includes(readWorkStep(current.value?.undoes ?? '').name),
  );

  async function spun(answer: ProofAnswer): Promise<void> {
    await recordOnce();
    const facts = { codes: [], chosen: [], lit: [], kilometres: 0, trips: 1 };
    const said = answer.makes?.({ ...facts, channel: channel.value }) ?? [];
    await job.dispatch({ do: 'observe', said });
  }

  /** Writes the repair down, once. */
  async function recordOnce(): Promise<void> {
    if (isRecorded.value) return;
    const move = repairMove(repair.value, channel.value);
    if (!move) return;
    const { action, segment } = move;
    const at = channel.value ? { channel: channel.value } : {};
    await job.dispatch({ do: 'repair', repair: { action, segment, result: 'unknown', ...at } });
  }

  const said = computed(() => (job.file ? spinSaidOf(job.file, channel.value) : null));
  return { isDue: isSpinDue, said, spun, recordOnce };
}
