import { computed, ref, watch } from 'vue';
import { useRoute, useRouter } from 'vue-router';
import type { Channel } from '../../../core/casefile/words';
import { composeGuide, type GuideStep } from '../../../core/guide/compose';
import type { Phase } from '../../../core/knowledge/guide/step';
import { moveSentence } from '../../../core/judgement/sentence';
import { useJob } from '../../stores/job';
import { usePreferences } from '../../stores/preferences';
import { useRepairSpin } from './useRepairSpin';
import { texts } from '#words/screens/fix';

export const PHASE_NAMES: Readonly<Record<Phase, string>> = {
  'make-safe': texts.makeSafe,
  'reach-it': texts.reachIt,
  'free-it': texts.freeIt,
  prepare: texts.prepare,
  fit: texts.fit,
  'close-up': texts.closeUp,
};

/** What the Fix stage shows and does. */
export function useFix() {
  const route = useRoute();
  const router = useRouter();
  const job = useJob();
  const { values } = usePreferences();
  const repair = computed(() => String(route.query['repair'] ?? ''));
  const channel = computed<Channel | null>(() => {
    const named = String(route.query['at'] ?? '') as Channel;
    return job.file?.vehicle.channels.includes(named) ? named : null;
  });
  const guide = computed(() => (job.file && repair.value ? composeGuide(job.file, repair.value, channel.value) : null));
  const steps = computed<readonly GuideStep[]>(() => guide.value?.phases.flatMap((phase) => phase.steps) ?? []);
  const title = computed(() =>
    job.file && repair.value
      ? moveSentence({ check: `repair:${repair.value}`, channel: channel.value }, job.file, values.sides)
      : '',
  );
  const chosen = ref<string | null>(null);
  const firstOpen = computed(() => steps.value.find((step) => !step.done && !step.skipped) ?? null);
  const current = computed(() => steps.value.find((step) => step.id === chosen.value) ?? firstOpen.value);
  const index = computed(() => (current.value ? steps.value.indexOf(current.value) : steps.value.length));
  watch([repair, channel], () => (chosen.value = null));

  /** Repairs that the adviser would make now, likeliest to pay first. */
  const options = computed(() =>
    (job.assessment?.next ?? []).filter((entry) => entry.check.startsWith('repair:')).slice(0, 6),
  );

  async function markDone(step: GuideStep): Promise<void> {
    await job.dispatch({ do: 'work', step: step.undoes ?? step.id, state: step.undoes ? 'undone' : 'done' });
    chosen.value = null;
  }

  /** Takes the last step back: a forward step is open again, a way back is open again. */
  async function stepBack(): Promise<void> {
    const before = [...steps.value.slice(0, index.value)].reverse().find((step) => step.done || step.skipped);
    if (!before) return;
    await job.dispatch({ do: 'work', step: before.undoes ?? before.id, state: before.undoes ? 'done' : 'open' });
    chosen.value = before.id;
  }

  async function skip(step: GuideStep): Promise<void> {
    await job.dispatch({ do: 'work', step: step.id, state: 'skipped' });
    chosen.value = null;
  }

  /** All open steps of the phase at once, for those who know the way. */
  async function markPhase(): Promise<void> {
    const phase = current.value?.phase;
    const open = steps.value.filter((step) => step.phase === phase && !step.done && !step.skipped);
    const work = open.map((entry) => ({
      step: entry.undoes ?? entry.id,
      state: entry.undoes ? ('undone' as const) : ('done' as const),
    }));
    await job.dispatch({ do: 'work-all', work });
    chosen.value = null;
  }

  const spin = useRepairSpin(repair, channel, current);

  /** The repair is made: it stands in the file, its result open until it is proved. */
  async function record(): Promise<void> {
    await spin.recordOnce();
    await router.push({ name: 'prove' });
  }

  return {
    job,
    repair,
    channel,
    guide,
    steps,
    title,
    choose: (id: string) => (chosen.value = id),
    current,
    index,
    options,
    markDone,
    stepBack,
    skip,
    markPhase,
    spin,
    record,
  };
}
