<script setup lang="ts">
import { kindIn } from '../../../core/evidence/sensorKind';
import { capital } from '../../../core/words/capital';
import { computed, ref } from 'vue';
import { CHECKS, type AnyCheck } from '../../../core/knowledge/checks/all';
import { REPAIRS } from '../../../core/knowledge/repairs/all';
import { repairMove } from '../../../core/knowledge/moves';
import { moveSentence } from '../../../core/judgement/sentence';
import type { Channel } from '../../../core/casefile/words';
import { describeObservation } from '../../../core/report/describe';
import { usePreferences } from '../../stores/preferences';
import { usePractice } from '../../shared/practice/usePractice';
import { texts } from '#words/screens/bench';

/** Everything else that hands can do to the practice car: look, try, drive, ask, repair. */
const { job, practice, act } = usePractice();
const { values } = usePreferences();
const answers = ref<readonly string[]>([]);

interface Deed {
  readonly check: string;
  readonly kind: Kind;
  readonly words: string;
  readonly minutes: number;
  readonly ofCar: boolean;
}

type Kind = 'look' | 'gauge' | 'try' | 'ask';
/** What is done with hands and eyes, by its kind; readings and spins have panels of their own. */
function kindOf({ answer, isQuestion }: AnyCheck): Kind | null {
  if (isQuestion) return 'ask';
  switch (answer?.is) {
    case 'look':
      return 'look';
    case 'distance':
      return 'gauge';
    case 'choice':
      return 'try';
    case 'live':
      return answer.while === 'hand-spin' ? null : 'try';
    default:
      return null;
  }
}
const GROUPS = ['look', 'gauge', 'try', 'ask'] as const satisfies readonly Kind[];

const type = computed(() => (job.file ? kindIn(job.file, job.subject) : null));
const deeds = computed<readonly Deed[]>(() => [
  ...CHECKS.filter(({ manner, only }) => !manner && (!only || !type.value || only === type.value)).flatMap((record) => {
    const kind = kindOf(record);
    const { check, words, minutes, of } = record;
    return kind ? [{ check, kind, words, minutes, ofCar: of === 'car' }] : [];
  }),
  { check: 'drive', kind: 'try', words: texts.driveAShortLoop, minutes: 12, ofCar: true },
  ...(type.value
    ? []
    : [
        {
          check: 'ask:sensor-type',
          kind: 'ask' as const,
          words: texts.findOutWhetherThe,
          minutes: 3,
          ofCar: true,
        },
      ]),
]);
const groups = computed(() =>
  GROUPS.map((kind) => ({ name: texts[kind], deeds: deeds.value.filter((deed) => deed.kind === kind) })).filter(
    (group) => group.deeds.length > 0,
  ),
);
const OF_CAR = new Set(['charged:supply', 'repaired-wire:supply', 'topped-up:elsewhere']);
const repairs = REPAIRS.filter((repair) => !repair.workshop && repair.repair !== 'clear');

async function make(deed: Deed): Promise<void> {
  const channel: Channel | null = deed.ofCar ? null : job.subject;
  const shown = await act({ do: 'check', check: deed.check, channel });
  const { file } = job;
  if (!shown || !file) return;
  answers.value = shown.vehicle
    ? [texts.notedOnTheSpec]
    : shown.seen.map((entry) => {
        const { title, figure, detail } = describeObservation({ ...entry, id: '' }, file, values);
        return [title, figure, detail].filter(Boolean).join(', ');
      });
}

async function mend(repair: string): Promise<void> {
  const channel = OF_CAR.has(repair) ? null : job.subject;
  const shown = await act({ do: 'repair', repair, channel });
  const move = repairMove(repair, channel);
  const sentence = job.file && move ? moveSentence(move, job.file, values.sides) : '';
  answers.value = [
    `${sentence}: ${shown?.result === 'fixed' ? texts.erasedDrivenAndThe : texts.erasedDrivenAndTheLamps}`,
  ];
}
</script>

<template>
  <section v-if="practice && job.file" class="do">
    <h2>{{ texts.withHandsAndEyes }}</h2>
    <ul v-if="answers.length > 0" class="told answers" role="status" data-test="deed-answer">
      <li v-for="answer in answers" :key="answer">{{ answer }}</li>
    </ul>
    <details v-for="group in groups" :key="group.name">
      <summary>{{ group.name }}</summary>
      <ul class="rows">
        <li v-for="deed in group.deeds" :key="deed.check">
          <button class="deed" type="button" :data-deed="deed.check" @click="make(deed)">
            <span>{{ deed.words }}</span><span class="muted figure">{{ deed.minutes }} min</span>
          </button>
        </li>
      </ul>
    </details>
    <details>
      <summary>{{ texts.repair }}</summary>
      <p class="muted">
        {{ texts.theRepairIsDone }}
      </p>
      <ul class="rows">
        <li v-for="repair in repairs" :key="repair.repair">
          <button class="deed" type="button" :data-repair="repair.repair" @click="mend(repair.repair)">
            <span>{{ capital(repair.words) }}</span><span class="muted figure"
              >{{ repair.minutes }} min{{ repair.price ? `, ${repair.price}` : '' }}</span
            >
          </button>
        </li>
      </ul>
    </details>
  </section>
</template>

<style scoped>
.do {
  display: grid;
  gap: 8px;
  align-content: start;
}

summary {
  min-height: var(--target);
  display: flex;
  align-items: center;
  font-weight: 650;
  cursor: pointer;
}

summary::before {
  content: '+';
  width: 1.4em;
  font-family: var(--mono);
}

details[open] summary::before {
  content: '−';
}

.rows > li {
  padding: 0;
}

.deed {
  width: 100%;
  min-height: var(--target);
  display: flex;
  justify-content: space-between;
  align-items: center;
  gap: 14px;
  padding: 4px 2px;
  text-align: left;
  background: none;
  border: none;
  cursor: pointer;
}

.deed:hover {
  color: var(--action);
}

.answers {
  margin: 0;
  padding-left: 18px;
}
</style>
