import { computed } from 'vue';
import { proofSteps, proofVerdict, sinceRepair, type ProofStepId } from '../../../core/proof/proofSteps';
import { doubtLeft, tripsNeeded } from '../../../core/proof/watch';
import { describeRepair } from '../../../core/report/describe';
import { useJob, type NewObservation } from '../../stores/job';
import { usePreferences } from '../../stores/preferences';

interface Choice {
  readonly words: string;
  readonly good: boolean;
  readonly test: string;
  readonly makes: readonly NewObservation[];
}

interface StepText {
  readonly id: ProofStepId;
  readonly title: string;
  readonly text: string;
  readonly choices: readonly Choice[];
}

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
  const repairWords = computed(() => (since.value.repair && job.file ? describeRepair(since.value.repair, job.file, values) : ''));
  const codes = computed(() => [...new Set((job.file?.observations ?? []).flatMap((one) => (one.kind === 'code' && !one.withdrawn ? [one.code] : [])))]);
  const doubt = computed(() => 1 - (job.assessment?.ranking.find((one) => one.fault === 'none')?.probability ?? 0));
  const drives = computed(() => since.value.observations.filter((one) => one.kind === 'drive' && one.result !== 'lamps-came-back').length);
  const kilometres = computed(() => since.value.observations.reduce((sum, one) => sum + (one.kind === 'drive' ? (one.distance ?? 0) : 0), 0));
  const comesAndGoes = computed(() => (job.file?.observations ?? []).some((one) => !one.withdrawn && ((one.kind === 'lamps' && one.pattern?.includes('intermittent')) || (one.kind === 'code' && one.failure === 'intermittent'))) || (job.assessment?.ranking ?? []).some((one) => INTERMITTENT.test(one.fault) && one.probability > 0.3));
  const watch = computed(() => {
    const q = Math.min(0.5, Math.max(0.04, doubt.value));
    return { left: doubtLeft(q, drives.value, TRIPS_BEFORE), needed: Math.max(0, tripsNeeded(q, TRIPS_BEFORE) - drives.value) };
  });

  const texts = computed<readonly StepText[]>(() => [
    {
      id: 'erase',
      title: 'Erase, key off, key on, read again',
      text: 'All modules: the same fault leaves codes in instruments and airbag too. A lit lamp before this is no failure.',
      choices: [
        { words: 'nothing came back', good: true, test: 'proof-clear', makes: [{ kind: 'clear', result: 'stayed-clear', method: 'reader', stayed: codes.value }] },
        { words: 'it came back at key-on', good: false, test: 'proof-back', makes: [{ kind: 'clear', result: 'returned-at-key-on', method: 'reader', returned: codes.value }] },
      ],
    },
    {
      id: 'spin',
      title: 'Spin the corner and watch its number',
      text: 'Forward and back, before the wheel goes down if you can. Its own number must answer, and no other.',
      choices: [
        { words: 'it follows', good: true, test: 'proof-spin', makes: [{ kind: 'live', while: 'hand-spin', finding: 'follows', channel: job.subject }] },
        { words: 'it stays at zero', good: false, test: 'proof-zero', makes: [{ kind: 'live', while: 'hand-spin', finding: 'zero', channel: job.subject }] },
        { words: 'it jumps about', good: false, test: 'proof-erratic', makes: [{ kind: 'live', while: 'hand-spin', finding: 'erratic', channel: job.subject }] },
      ],
    },
    {
      id: 'drive',
      title: 'Drive five kilometres, mixed',
      text: 'Bends, bumps, gentle stops, a stretch above 25 km/h: some lamps go out only then. Somebody else reads the screen.',
      choices: [
        { words: 'lamps stayed out', good: true, test: 'proof-drive', makes: [{ kind: 'drive', result: 'lamps-stayed-out', distance: 5 }] },
        { words: 'a lamp came back', good: false, test: 'proof-lamp', makes: [{ kind: 'drive', result: 'lamps-came-back', distance: 5 }] },
      ],
    },
    {
      id: 're-read',
      title: 'Read all modules again',
      text: 'Nothing current, nothing pending.',
      choices: [{ words: 'no codes', good: true, test: 'proof-read', makes: [{ kind: 'no-code', module: 'abs' }] }],
    },
    {
      id: 'lamps',
      title: 'Look at the dash after the self-check',
      text: 'Key on: every lamp shows, then goes out.',
      choices: [{ words: 'all lamps out', good: true, test: 'proof-lamps', makes: [{ kind: 'lamps', lit: [] }] }],
    },
  ]);

  const shown = computed(() => texts.value.map((one) => ({ ...one, state: steps.value.find((each) => each.id === one.id)?.state ?? ('open' as const), by: steps.value.find((each) => each.id === one.id)?.by ?? null })));

  /** The end of the job: what was proved goes into the repair, and the ending into the file. */
  async function end(ending: 'solved' | 'unverified' | 'unsolved' | 'handed-over'): Promise<void> {
    const { repair } = since.value;
    if (repair && ending === 'solved') await job.setRepairResult(repair.id, 'fixed');
    await job.alter((file) => ({ ...file, ending }));
  }

  /** It was not cured: that is evidence too. */
  async function notCured(): Promise<void> {
    const { repair } = since.value;
    if (repair) await job.setRepairResult(repair.id, 'no-change');
  }

  return { job, since, verdict, repairWords, shown, doubt, drives, kilometres, comesAndGoes, watch, end, notCured };
}
