<script setup lang="ts">
import { inFigures } from '../../../core/words/figures';
import { computed, ref } from 'vue';
import type { CaseFile, Observation, ObservationOf } from '../../../core/casefile/contract';
import type { ReadingContext } from '../../../core/evidence/report';
import { contextWith, timelineOf } from '../../../core/evidence/timeline';
import { typedReading, type FigureOf } from '../../../core/evidence/typedReading';
import { verdictOf, verdictsOf } from '../../../core/evidence/verdictOf';
import { showFigure, showReading } from '../../../core/quantities/show';
import { useJob } from '../../stores/job';
import { useDraft } from '../../stores/useDraft';
import { texts } from '#words/screens/dash';

/** Thirty seconds before anything is opened: fluid, battery at rest and while cranking. */
const job = useJob();
const rest = useDraft(() => `${job.record?.id}.battery-rest`);
const cranking = useDraft(() => `${job.record?.id}.battery-cranking`);
const trouble = ref<Readonly<Record<string, string>>>({});
const counted = computed(() => job.file?.observations.filter((observation) => !observation.withdrawn) ?? []);
const fluid = computed(() => counted.value.filter((entry) => entry.kind === 'look' && entry.part === 'fluid').at(-1));

function read(isCranking: boolean): ObservationOf<'meter'> | undefined {
  return counted.value
    .filter(
      (entry): entry is ObservationOf<'meter'> =>
        entry.kind === 'meter' && entry.point === 'battery' && (entry.while === 'cranking') === isCranking,
    )
    .at(-1);
}

const LINES = computed(() => [
  {
    id: 'rest',
    label: texts.batteryAtRest,
    text: rest,
    kept: read(false),
    isCranking: false,
    says: texts.belowThisCodesFrom,
    rules: texts.goodAtRestA,
    fails: texts.lowChargeOrTest,
  },
  {
    id: 'cranking',
    label: texts.batteryWhileCranking,
    text: cranking,
    kept: read(true),
    isCranking: true,
    says: texts.aWeakBatteryCan,
    rules: texts.goodTheBatteryIs,
    fails: texts.tooLowThisAlone,
  },
]);

const FLUID_SAYS = {
  sound: texts.betweenTheMarksThe,
  low: texts.lowTopUpAnd,
} as const;

const batteryReading = (isCranking: boolean): FigureOf => ({
  kind: 'meter',
  point: 'battery',
  quantity: 'dc-voltage',
  ...(isCranking ? { while: 'cranking' as const } : {}),
});

function context(reading: Observation): ReadingContext {
  return contextWith(timelineOf(job.file as CaseFile), reading);
}

async function keep(id: string, isCranking: boolean): Promise<void> {
  const line = LINES.value.find((line) => line.id === id);
  if (!line) return;
  const around = batteryReading(isCranking);
  const typed = typedReading(line.text.value, 'V', around, context);
  trouble.value = { ...trouble.value, [id]: typed.is === 'read' ? '' : typed.words };
  if (typed.is !== 'read') return;
  const { value, resolution } = typed.reading;
  await job.observe({ ...around, value, ...(resolution ? { resolution } : {}) });
  line.text.value = '';
}

const verdicts = computed(() => (job.file ? verdictsOf(timelineOf(job.file)) : null));

/** What the kept reading rules out, or calls for; a borderline one is told as such. */
function saysOf(line: { kept?: ObservationOf<'meter'>; rules: string; fails: string }): string {
  const verdict = line.kept && verdicts.value?.get(line.kept.id);
  if (!verdict) return '';
  if (verdict.tone === 'borderline') return `${verdict.heading} ${verdict.detail}`;
  return verdict.tone === 'good' ? line.rules : verdict.tone === 'bad' ? line.fails : verdict.detail;
}

/** The least that is good on this car. */
function leastOf(isCranking: boolean): string {
  if (!job.file) return '';
  const reading = { ...batteryReading(isCranking), id: '', value: 0 } as const;
  const least = verdictOf(reading, context(reading))?.figure?.min;
  return least ? showFigure(least.value, 'V') : '';
}

async function noteFluid(finding: 'sound' | 'level-low'): Promise<void> {
  await job.dispatch({ do: 'fluid', finding });
}

function shown(observation: ObservationOf<'meter'> | undefined): string {
  if (!observation) return '';
  const { number, unit } = showReading(observation.value, observation.quantity, observation.resolution ?? 0.01);
  return `${number} ${unit}`;
}
</script>

<template>
  <section>
    <h2>{{ texts.threeQuickChecksBefore }}</h2>
    <p class="muted">{{ texts.measureFirstManyBatteries }}</p>
    <ul class="rows">
      <li class="line">
        <span class="what"
          ><b>{{ texts.brakeFluid }}</b
          ><span class="muted">{{ texts.lowFluidLightsSome }}</span
          ><span v-if="fluid?.kind === 'look'" class="verdict">{{
            FLUID_SAYS[fluid.finding === 'sound' ? 'sound' : 'low']
          }}</span></span
        >
        <span class="chips">
          <button
            class="tap"
            type="button"
            :aria-pressed="fluid?.kind === 'look' && fluid.finding === 'sound'"
            @click="noteFluid('sound')"
          >
            {{ texts.betweenTheMarks }}
          </button>
          <button
            class="tap"
            type="button"
            :aria-pressed="fluid?.kind === 'look' && fluid.finding === 'level-low'"
            @click="noteFluid('level-low')"
          >
            {{ texts.low }}
          </button>
        </span>
      </li>
      <li v-for="line in LINES" :key="line.id" class="line">
        <span class="what"
          ><b>{{ line.label }}</b
          ><span class="muted"
            >{{ texts.atLeast }} <span class="figure">{{ leastOf(line.isCranking) }}</span>. {{ line.says }}</span
          ><span v-if="line.kept" class="verdict" :data-test="`says-${line.id}`">{{ saysOf(line) }}</span
          ><span v-if="trouble[line.id]" class="bad" role="alert">{{ trouble[line.id] }}</span></span
        >
        <span class="chips">
          <span v-if="line.kept" class="kept figure">{{ shown(line.kept) }}</span>
          <el-input
            v-model="line.text.value"
            class="volts"
            inputmode="decimal"
            :placeholder="inFigures('12.6')"
            :aria-label="texts.inVolt(line.label)"
            @keydown.enter="keep(line.id, line.isCranking)"
          />
          <button class="tap" type="button" :disabled="line.text.value === ''" @click="keep(line.id, line.isCranking)">
            {{ texts.keep }}
          </button>
        </span>
      </li>
    </ul>
  </section>
</template>

<style scoped>
section {
  display: grid;
  gap: 10px;
}

.line {
  display: flex;
  flex-wrap: wrap;
  justify-content: space-between;
  align-items: center;
  gap: 8px 16px;
}

.what {
  display: grid;
  flex: 1 1 260px;
}

.verdict {
  border-left: 4px solid var(--ink);
  padding-left: 10px;
}

.bad {
  color: var(--fault);
}

.chips {
  align-items: center;
}

.volts {
  width: 110px;
}

.kept {
  font-size: 1.1rem;
}
</style>
