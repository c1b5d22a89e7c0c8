import { computed } from 'vue';
import { proofSteps, proofVerdict, sinceRepair } from '../../../core/proof/proofSteps';
import { doubtLeft, tripsNeeded } from '../../../core/proof/watch';
import { describeRepair } from '../../../core/report/describe';
import { withRepairResult } from '../../stores/fileChanges';
import { useJob } from '../../stores/job';
import { usePreferences } from '../../stores/preferences';
import { proofTexts } from './proofTexts';

const INTERMITTENT = /intermittent|corroded/;
/** Before the repair, an intermittent fault showed about every third trip, where nobody counted (generic). */
const TRIPS_BEFORE = { shown: 1, clean: 2 } as const;

/** What the Prove stage shows and does. */
export function useProve() {
  const job = useJob();
  const { values } = usePreferences();
  const since = computed(() => (job.file ? sinceRepair(job.file) : { repair: null, observations: [] }));
  const steps = computed(() => (job.file ? proofSteps(job.file) : []));
  const verdict = computed(() => proofVerdict(steps.value));
  const repairWords = computed(() =>
    since.value.repair && job.file ? describeRepair(since.value.repair, job.file, values) : '',
  );
  const codes = computed(() => [
    ...new Set(
      (job.file?.observations ?? []).flatMap((one) => (one.kind === 'code' && !one.withdrawn ? [one.code] : [])),
    ),
  ]);
  const doubt = computed(() => 1 - (job.assessment?.ranking.find((one) => one.fault === 'none')?.probability ?? 0));
  const drives = computed(
    () => since.value.observations.filter((one) => one.kind === 'drive' && one.result !== 'lamps-came-back').length,
  );
  const kilometres = computed(() =>
    since.value.observations.reduce((sum, one) => sum + (one.kind === 'drive' ? (one.distance ?? 0) : 0), 0),
  );
  const comesAndGoes = computed(
    () =>
      (job.file?.observations ?? []).some(
        (one) =>
          !one.withdrawn &&
          ((one.kind === 'lamps' && one.pattern?.includes('intermittent')) ||
            (one.kind === 'code' && one.failure === 'intermittent')),
      ) || (job.assessment?.ranking ?? []).some((one) => INTERMITTENT.test(one.fault) && one.probability > 0.3),
  );
  const watch = computed(() => {
    const q = Math.min(0.5, Math.max(0.04, doubt.value));
    return {
      left: doubtLeft(q, drives.value, TRIPS_BEFORE),
      needed: Math.max(0, tripsNeeded(q, TRIPS_BEFORE) - drives.value),
    };
  });

  const texts = computed(() => proofTexts(codes.value, job.subject));

  const shown = computed(() =>
    texts.value.map((one) => ({
      ...one,
      state: steps.value.find((each) => each.id === one.id)?.state ?? ('open' as const),
      by: steps.value.find((each) => each.id === one.id)?.by ?? null,
    })),
  );

  /** The end of the job: what was proved goes into the repair, and the ending into the file. */
  async function end(ending: 'solved' | 'unverified' | 'unsolved' | 'handed-over'): Promise<void> {
    const { repair } = since.value;
    await job.alter((file) => ({
      ...(repair && ending === 'solved' ? withRepairResult(file, repair.id, 'fixed') : file),
      ending,
    }));
  }

  /** It was not cured: that is evidence too. */
  async function notCured(): Promise<void> {
    const { repair } = since.value;
    if (repair) await job.setRepairResult(repair.id, 'no-change');
  }

  return { job, since, verdict, repairWords, shown, doubt, drives, kilometres, comesAndGoes, watch, end, notCured };
}
