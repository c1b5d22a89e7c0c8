import { computed } from 'vue';
import { climbOf, inHandKey, rungKey } from '../../../core/guide/climb';
import type { Rung, RungResult } from '../../../core/knowledge/guide/rung';
import { useDraft } from '../../stores/useDraft';
import type { useFix } from './useFix';

/** The step itself is looked at though its ladder has been begun. */
const STEP = 'step';

/** The ladder behind the present step: where somebody stands on it, and what came of each rung. */
export function useClimb(fix: ReturnType<typeof useFix>) {
  const { job, current, channel } = fix;
  const byHand = useDraft(() => `${job.record?.id}.ladder`);
  const climb = computed(() =>
    current.value?.ladder && job.file ? climbOf(job.file, current.value.ladder, channel.value) : null,
  );
  const rung = computed<Rung | null>(() => {
    if (!climb.value || byHand.value === STEP) return null;
    return climb.value.ladder.rungs.find(({ id }) => id === byHand.value) ?? climb.value.now;
  });

  /** Opens a rung, whichever; the first one, or the one where it went on. */
  function open(id?: string): void {
    byHand.value = id ?? climb.value?.now?.id ?? climb.value?.ladder.rungs[0]?.id ?? '';
  }

  /** Notes what came of the present rung, and goes where that leads. */
  async function record(result: RungResult): Promise<void> {
    const step = current.value;
    if (!rung.value || !step) return;
    await job.dispatch({ do: 'work', step: rungKey(rung.value.id, result, channel.value), state: 'done' });
    byHand.value = '';
    if (result === 'out') await fix.markDone(step);
    if (result !== 'bolt-sheared') return;
    const bolt = fix.steps.value.find(({ ladder }) => ladder === 'sheared-bolt');
    if (!bolt) return;
    fix.choose(bolt.id);
    byHand.value = 'bolt-grip';
  }

  async function toggleInHand(id: string): Promise<void> {
    const isReady = climb.value?.inHand.has(id) === true;
    await job.dispatch({ do: 'work', step: inHandKey(id, channel.value), state: isReady ? 'open' : 'done' });
  }

  return {
    climb,
    rung,
    open,
    leave: () => (byHand.value = STEP),
    forget: () => (byHand.value = ''),
    record,
    toggleInHand,
  };
}
