import { computed, type Ref } from 'vue';
import type { CaseFile, Repair } from '../../../core/casefile/contract';
import type { Channel } from '../../../core/casefile/words';
import type { GuideStep } from '../../../core/guide/compose';
import { answerOf, type ProofAnswer } from '../../../core/proof/answers';
import { proofSteps } from '../../../core/proof/proofSteps';
import { useJob } from '../../stores/job';

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
      `${last.action}:${last.segment}` === repair.value &&
      (last.channel ?? null) === channel.value
    );
  });

  /** The wheel is about to go back on or down: it is spun before, where there is a reader. */
  const isSpinDue = computed(() => channel.value !== null && /^(wheel-off|raised)/.test(current.value?.undoes ?? ''));

  async function spun(answer: ProofAnswer): Promise<void> {
    await recordOnce();
    const facts = { codes: [], chosen: [], lit: [], kilometres: 0, trips: 1 };
    const said = answer.makes?.({ ...facts, channel: channel.value }) ?? [];
    await job.dispatch({ do: 'observe', said });
  }

  /** Writes the repair down, once. */
  async function recordOnce(): Promise<void> {
    if (isRecorded.value) return;
    const [action, segment] = repair.value.split(':') as [Repair['action'], Repair['segment']];
    const at = channel.value ? { channel: channel.value } : {};
    await job.dispatch({ do: 'repair', repair: { action, segment, result: 'unknown', ...at } });
  }

  const said = computed(() => (job.file ? spinSaidOf(job.file, channel.value) : null));
  return { isDue: isSpinDue, said, spun, recordOnce };
}
