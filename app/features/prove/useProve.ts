import { computed, ref } from 'vue';
import { useRouter } from 'vue-router';
import { DRIVES } from '../../../core/knowledge/limits';
import type { ProofAnswer } from '../../../core/proof/answers';
import type { ProofStep } from '../../../core/proof/proofSteps';
import { answerFacts, proofView } from '../../../core/proof/proofView';
import { describeRepair } from '../../../core/report/describe';
import { sayChannel } from '../../../core/vehicle/sides';
import { numberIn } from '../../shared/numberIn';
import { fromOwn } from '../../../core/quantities/ownUnits';
import { useJob } from '../../stores/job';
import { usePreferences } from '../../stores/preferences';
import { useDraft } from '../../stores/useDraft';
import { PROOF_TEXTS } from './proofTexts';
import { useRecurrence } from './useRecurrence';

/** A step that is being answered, and what is still asked for it. */
interface Asked {
  readonly key: string;
  readonly answer: ProofAnswer;
}

/** What was typed, where it is more than nothing. */
function amountIn(text: string, usual: number): number {
  const value = numberIn(text) ?? 0;
  return value > 0 ? value : usual;
}

/** What the Prove stage shows and does. */
export function useProve() {
  const job = useJob();
  const router = useRouter();
  const { values } = usePreferences();
  const view = computed(() =>
    job.file ? proofView(job.file, job.assessment?.ranking ?? [], job.assessment?.repairDoubt ?? null) : null,
  );
  const kilometres = useDraft(() => `${job.record?.id}.prove.km`);
  const trips = useDraft(() => `${job.record?.id}.prove.trips`);
  const noReader = useDraft(() => `${job.record?.id}.prove.no-reader`);
  const asked = ref<Asked | null>(null);
  const chosen = ref<readonly string[]>([]);
  const facts = computed(() => (job.file ? answerFacts(job.file) : { codes: [], lit: [] }));

  const repairs = computed(() =>
    (view.value?.repaired ?? []).map(({ repair }) =>
      job.file ? describeRepair(repair, job.file, values) : repair.segment,
    ),
  );
  const say = (step: ProofStep): string =>
    step.channel ? sayChannel(step.channel, values.sides, job.file?.vehicle.steeringSide) : '';
  const shown = computed(() =>
    (view.value?.steps ?? [])
      .filter(({ step }) => noReader.value === '' || !PROOF_TEXTS[step.id].needsReader)
      .map((row) => ({
        ...row,
        key: `${row.step.id}@${row.step.channel ?? ''}`,
        ...PROOF_TEXTS[row.step.id],
        where: say(row.step),
      })),
  );

  async function record(key: string, answer: ProofAnswer): Promise<void> {
    const row = shown.value.find((entry) => entry.key === key);
    asked.value = null;
    if (!answer.makes) return void (await router.push({ name: 'codes' }));
    const said = answer.makes({
      ...facts.value,
      channel: row?.step.channel ?? null,
      chosen: chosen.value,
      kilometres:
        kilometres.value === ''
          ? DRIVES.unnotedKm
          : fromOwn(amountIn(kilometres.value, DRIVES.unnotedKm), values.distance),
      trips: Math.min(1000, Math.max(1, Math.round(amountIn(trips.value, 1)))),
    });
    if (said.length > 0) await job.dispatch({ do: 'observe', said });
    [kilometres.value, trips.value, chosen.value] = ['', '', []];
  }

  /** One code or none leaves nothing to choose; how far was driven is asked every time. */
  function answer(key: string, proofAnswer: ProofAnswer): void {
    const isOpen = proofAnswer.asks === 'drive' || (proofAnswer.asks === 'codes' && facts.value.codes.length > 1);
    chosen.value = facts.value.codes;
    if (isOpen) asked.value = { key, answer: proofAnswer };
    else void record(key, proofAnswer);
  }

  const toggle = (code: string): void => {
    chosen.value = chosen.value.includes(code)
      ? chosen.value.filter((other) => other !== code)
      : [...chosen.value, code];
  };

  return {
    job,
    view,
    repairs,
    shown,
    asked,
    chosen,
    kilometres,
    trips,
    noReader,
    codes: computed(() => facts.value.codes),
    answer,
    record,
    toggle,
    ...useRecurrence(),
    end: (ending: 'solved' | 'unverified' | 'unsolved' | 'handed-over' | null) => job.dispatch({ do: 'end', ending }),
    takeBack: (step: ProofStep) => step.by && job.withdraw(step.by.id, true),
  };
}
