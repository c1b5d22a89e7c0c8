<script setup lang="ts">
import { percent } from '../../../core/words/percent';
import { fixed } from '../../../core/words/figures';
import { computed, ref, shallowRef } from 'vue';
import { reliability, summarise, type CarResult, type Policy } from '../../../bench/trial/trial';
import { usePorts } from '../../stores/ports';
import type { RunningTrial } from '../../workers/benchClient';
import TrialCharts from './TrialCharts.vue';
import { texts } from '#words/screens/bench';

/** The adviser measured: random cars in four hands, in two workers, to be watched and stopped. */
const SIZES = [40, 200, 1000] as const;
const { bench } = usePorts();
const trouble = ref('');
const cars = ref<number>(SIZES[0]);
const seed = ref(1);
const done = ref(0);
const running = shallowRef<RunningTrial | null>(null);
const results = shallowRef<readonly CarResult[]>([]);
const figures = computed(() => (results.value.length > 0 ? summarise(results.value, seed.value) : null));
const bins = computed(() => reliability(results.value.flatMap((result) => (result.act ? [result.act] : []))));
const costs = computed(() => results.value.map((result) => result.outcomes));

const NAMES: Readonly<Record<Policy, string>> = {
  adviser: texts.theAdviser,
  'part-first': texts.partFirst,
  flowchart: texts.aFixedChart,
  'knows-the-fault': texts.knowsTheFault,
};

async function start(): Promise<void> {
  done.value = 0;
  results.value = [];
  trouble.value = '';
  running.value = bench.trial(cars.value, seed.value, (now) => (done.value = now));
  try {
    results.value = await running.value.done;
  } catch (error) {
    trouble.value = error instanceof Error ? error.message : String(error);
  }
  running.value = null;
}
</script>

<template>
  <section class="trial">
    <h2>{{ texts.howGoodIsThe }}</h2>
    <p class="muted">
      {{ texts.randomCarsBreakBy }}
    </p>
    <div class="chips">
      <button
        v-for="size in SIZES"
        :key="size"
        type="button"
        class="tap small"
        :aria-pressed="cars === size"
        :disabled="running !== null"
        @click="cars = size"
      >
        {{ texts.cars(size) }}
      </button>
      <label class="seed"
        >{{ texts.number }}
        <input v-model.number="seed" type="number" min="0" max="1000000" step="1" :disabled="running !== null"
      /></label>
      <button v-if="!running" class="tap strong" type="button" data-test="run-trial" @click="start">
        {{ texts.runTheTrial }}
      </button>
      <button v-else class="tap" type="button" data-test="stop-trial" @click="running.stop()">{{ texts.stop }}</button>
    </div>
    <p v-if="running" class="told" role="status" data-test="trial-progress">
      {{ texts.ofCars(done, cars) }}
      <progress :value="done" :max="cars" />
    </p>
    <p v-if="trouble" class="warning" role="alert" data-test="trial-trouble">
      {{ texts.theTrialStoppedRun(trouble) }}
    </p>
    <template v-if="figures">
      <div class="scroll">
        <table data-test="trial-figures">
          <thead>
            <tr>
              <th>{{ texts.overCars(figures.cars) }}</th>
              <th>{{ texts.repairedRightly }}</th>
              <th>{{ texts.meanCost }}</th>
              <th>{{ texts.n19Of20Below }}</th>
              <th>{{ texts.partsForNothing }}</th>
              <th>{{ texts.checks }}</th>
              <th>{{ texts.minutes }}</th>
            </tr>
          </thead>
          <tbody>
            <tr v-for="figure in figures.policies" :key="figure.policy">
              <th>{{ NAMES[figure.policy] }}</th>
              <td>{{ percent(figure.repairedRightly) }}</td>
              <td>{{ figure.meanCost.toFixed(0) }}</td>
              <td>{{ figure.p95Cost.toFixed(0) }}</td>
              <td>{{ fixed(figure.partsForNothing, 2) }}</td>
              <td>{{ fixed(figure.checks, 1) }}</td>
              <td>{{ figure.minutes.toFixed(0) }}</td>
            </tr>
          </tbody>
        </table>
      </div>
      <p class="muted">
        {{
          texts.beliefAndTruthAre(
            percent(figures.calibrationError),
            fixed(figures.brier, 3),
            percent(figures.actedOnAt80),
          )
        }}
      </p>
      <TrialCharts :bins="bins" :costs="costs" :names="NAMES" />
    </template>
  </section>
</template>

<style scoped>
.trial {
  display: grid;
  gap: 12px;
  padding: 24px 0;
}

.seed {
  display: inline-flex;
  align-items: center;
  gap: 8px;
  color: var(--muted);
}

.seed input {
  width: 6.5em;
  min-height: var(--target);
  padding: 0 10px;
  font: inherit;
  color: var(--ink);
  background: var(--raised);
  border: 2px solid var(--line);
  border-radius: var(--radius);
}

progress {
  width: 180px;
  accent-color: var(--action);
  vertical-align: middle;
}

.scroll {
  overflow-x: auto;
}

table {
  border-collapse: collapse;
  min-width: 620px;
  width: 100%;
}

th,
td {
  padding: 8px 14px 8px 0;
  text-align: right;
  border-bottom: 1px solid var(--line);
  font-variant-numeric: tabular-nums;
}

th:first-child {
  text-align: left;
}

thead th {
  color: var(--muted);
  font-weight: 500;
  font-size: 0.92rem;
}
</style>
