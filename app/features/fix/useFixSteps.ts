import type { Ref } from 'vue';
import type { Channel } from '../../../core/casefile/words';
import type { GuideStep } from '../../../core/guide/compose';
import { workState, type OwnKind } from '../../../core/guide/workState';
import { useJob } from '../../stores/job';
import { usePorts } from '../../stores/ports';

interface Steps {
  readonly steps: Ref<readonly GuideStep[]>;
  readonly current: Ref<GuideStep | null>;
  readonly index: Ref<number>;
  readonly channel: Ref<Channel | null>;
  /** Opens a step; null for the first that is open. */
  readonly choose: (id: string | null) => void;
}

/** What can be done with the steps of a guide: each is kept in the file, and can be taken back. */
export function useFixSteps({ steps, current, index, channel, choose }: Steps) {
  const job = useJob();
  const { newId } = usePorts();

  async function markDone(step: GuideStep): Promise<void> {
    await job.dispatch({ do: 'work', step: step.undoes ?? step.id, state: stateAfter(step) });
    choose(null);
  }

  /** What was put back before is done once more, and both stay in the file. */
  function stateAfter(step: GuideStep): 'done' | 'undone' | 'again' {
    if (step.undoes) return 'undone';
    return job.file && workState(job.file, step.id).undone ? 'again' : 'done';
  }

  /** A step that the guide did not know of. */
  async function addOwn(kind: OwnKind, note: string): Promise<void> {
    const step = `${kind}:${newId()}@${channel.value ?? 'car'}`;
    await job.dispatch({ do: 'work', step, state: 'done', note });
  }

  /** Takes the last step back: a forward step is open again, a way back is open again. */
  async function stepBack(): Promise<void> {
    const before = [...steps.value.slice(0, index.value)].reverse().find((step) => step.done || step.skipped);
    if (!before) return;
    await job.dispatch({ do: 'work', step: before.undoes ?? before.id, state: before.undoes ? 'done' : 'open' });
    choose(before.id);
  }

  async function skip(step: GuideStep): Promise<void> {
    await job.dispatch({ do: 'work', step: step.id, state: 'skipped' });
    choose(null);
  }

  /** All open steps of the phase at once, for those who know the way. */
  async function markPhase(): Promise<void> {
    const phase = current.value?.phase;
    const open = steps.value.filter((step) => step.phase === phase && !step.done && !step.skipped);
    const work = open.map((entry) => ({
      step: entry.undoes ?? entry.id,
      state: stateAfter(entry),
    }));
    await job.dispatch({ do: 'work-all', work });
    choose(null);
  }

  return { markDone, stepBack, skip, markPhase, addOwn };
}
