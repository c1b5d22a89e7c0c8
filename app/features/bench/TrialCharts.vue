<script setup lang="ts">
import type { Data, Layout } from 'plotly.js';
import { onBeforeUnmount, onMounted, ref, watch } from 'vue';
import type { CarResult, Policy, reliability } from '../../../bench/trial/trial';
import { texts } from '#words/screens/bench';

/** Two charts of a trial: belief against truth, and how the costs are spread. Plotly comes only when it is wanted. */
const props = defineProps<{
  bins: ReturnType<typeof reliability>;
  costs: readonly CarResult['outcomes'][];
  names: Readonly<Record<Policy, string>>;
}>();
const calibration = ref<HTMLElement | null>(null);
const spread = ref<HTMLElement | null>(null);
const problem = ref('');
let purge: (() => void) | null = null;

function role(name: string): string {
  return getComputedStyle(document.documentElement).getPropertyValue(`--${name}`).trim();
}

function layout(x: string, y: string): Partial<Layout> {
  const axis = { gridcolor: role('line'), zerolinecolor: role('line'), linecolor: role('ink'), fixedrange: true };
  return {
    margin: { l: 58, r: 14, t: 10, b: 48 },
    height: 300,
    paper_bgcolor: 'rgba(0,0,0,0)',
    plot_bgcolor: 'rgba(0,0,0,0)',
    font: { family: role('text') || 'sans-serif', size: 14, color: role('ink') },
    showlegend: false,
    xaxis: { ...axis, title: { text: x } },
    yaxis: { ...axis, title: { text: y } },
  };
}

function calibrationData(): Data[] {
  return [
    { x: [0, 1], y: [0, 1], mode: 'lines', line: { dash: 'dot', color: role('question') }, hoverinfo: 'skip' },
    {
      x: props.bins.map((bin) => bin.believed),
      y: props.bins.map((bin) => bin.true),
      text: props.bins.map((bin) => texts.carsInBin(bin.cars)),
      mode: 'lines+markers',
      marker: { size: 11, color: role('action') },
      line: { color: role('action') },
    },
  ];
}

const COLOURS: Readonly<Record<Policy, string>> = {
  adviser: 'action',
  'part-first': 'fault',
  flowchart: 'suspect',
  'knows-the-fault': 'proved',
};

/** Share of cars that cost no more than so much. */
function spreadData(): Data[] {
  return (Object.keys(COLOURS) as Policy[]).map((policy) => {
    const sorted = props.costs.map((cost) => cost[policy].cost).sort((a, b) => a - b);
    return {
      x: sorted,
      y: sorted.map((_one, at) => (at + 1) / sorted.length),
      name: props.names[policy],
      mode: 'lines' as const,
      line: { color: role(COLOURS[policy]), width: 3, shape: 'hv' as const },
    };
  });
}

async function draw(): Promise<void> {
  try {
    const plotly = (await import('plotly.js-basic-dist-min')).default;
    const still = { displayModeBar: false, responsive: true };
    const [left, right] = [calibration.value, spread.value];
    if (!left || !right) return;
    await plotly.react(left, calibrationData(), layout('believed', 'true'), still);
    const wide = layout('cost', texts.shareOfCars);
    await plotly.react(right, spreadData(), { ...wide, showlegend: true, legend: { x: 0.5, y: 0.1 } }, still);
    purge = () => [left, right].forEach((entry) => plotly.purge(entry));
  } catch {
    problem.value = texts.theChartsCouldNot;
  }
}

onMounted(draw);
watch(() => props.costs, draw);
onBeforeUnmount(() => purge?.());
</script>

<template>
  <div class="charts">
    <p v-if="problem" class="warning">{{ problem }}</p>
    <figure>
      <figcaption>{{ texts.believedWhenItFirst }}</figcaption>
      <div ref="calibration" data-test="chart-calibration" />
    </figure>
    <figure>
      <figcaption>{{ texts.costToTheEnd }}</figcaption>
      <div ref="spread" data-test="chart-costs" />
    </figure>
  </div>
</template>

<style scoped>
.charts {
  display: grid;
  grid-template-columns: repeat(auto-fit, minmax(300px, 1fr));
  gap: 20px 34px;
}

figure {
  margin: 0;
  min-width: 0;
}

figcaption {
  font-weight: 650;
}
</style>
