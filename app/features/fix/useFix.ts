import { computed, ref, watch } from 'vue';
import { useRoute, useRouter } from 'vue-router';
import type { Channel } from '../../../core/casefile/words';
import { composeGuide, composeHome, type GuideStep } from '../../../core/guide/compose';
import type { Phase } from '../../../core/knowledge/guide/step';
import { repairMove } from '../../../core/knowledge/moves';
import { moveSentence } from '../../../core/judgement/sentence';
import { useJob } from '../../stores/job';
import { usePreferences } from '../../stores/preferences';
import { useFixSteps } from './useFixSteps';
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

/** More repairs than these nobody weighs. */
const MOST_OPTIONS = 6;

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
  /** All is put back for the night; the repair goes on another day. */
  const isForTheNight = computed(() => route.query['night'] === '1');
  const home = computed(() => (job.file ? composeHome(job.file, channel.value) : null));
  const guide = computed(() => {
    if (!job.file || !repair.value) return null;
    return isForTheNight.value ? home.value : composeGuide(job.file, repair.value, channel.value);
  });
  const steps = computed<readonly GuideStep[]>(() => guide.value?.phases.flatMap((phase) => phase.steps) ?? []);
  const title = computed(() => {
    if (isForTheNight.value) return texts.forTheNight;
    const move = repairMove(repair.value, channel.value);
    return job.file && move ? moveSentence(move, job.file, values.sides) : '';
  });
  const named = computed(() => ({ repair: repair.value, ...(channel.value ? { at: channel.value } : {}) }));
  const nightly = computed(() => (isForTheNight.value ? { night: '1' } : {}));
  const chosen = ref<string | null>(null);
  const firstOpen = computed(() => steps.value.find((step) => !step.done && !step.skipped) ?? null);
  const current = computed(() => steps.value.find((step) => step.id === chosen.value) ?? firstOpen.value);
  const index = computed(() => (current.value ? steps.value.indexOf(current.value) : steps.value.length));
  watch([repair, channel, isForTheNight], () => (chosen.value = null));

  /** Repairs that the adviser would make now, likeliest to pay first. */
  const options = computed(() =>
    (job.assessment?.next ?? []).filter(({ move }) => move.is === 'repair').slice(0, MOST_OPTIONS),
  );

  const doing = useFixSteps({ steps, current, index, channel, choose: (id) => (chosen.value = id) });
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
    isForTheNight,
    canStopForTheNight: computed(() => !isForTheNight.value && home.value !== null),
    byNight: computed(() => ({ name: 'fix', query: { ...named.value, night: '1' } })),
    isBoard: computed(() => route.query['board'] === '1'),
    toBoard: computed(() => ({ name: 'fix', query: { ...named.value, ...nightly.value, board: '1' } })),
    toGuide: computed(() => ({ name: 'fix', query: { ...named.value, ...nightly.value } })),
    byDay: computed(() => ({ name: 'fix', query: named.value })),
    steps,
    title,
    choose: (id: string) => (chosen.value = id),
    current,
    index,
    options,
    ...doing,
    spin,
    record,
  };
}
