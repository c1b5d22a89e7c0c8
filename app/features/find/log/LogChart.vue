<script setup lang="ts">
import type { Data } from 'plotly.js';
import { onBeforeUnmount, onMounted, ref, watch } from 'vue';
import type { Channel } from '../../../../core/casefile/words';
import type { LogFinding } from '../../../../core/livelog/log';
import type { Curves } from '../../../../core/livelog/thinned';
import { texts } from '#words/screens/log';

/** Four speeds over time: what is suspect stands out, the others stay quiet. Plotly comes only when it is wanted. */
const props = defineProps<{
  curves: Curves;
  findings: readonly LogFinding[];
  say: (channel: Channel) => string;
  /** The chart in words. */
  alternative: string;
}>();
const place = ref<HTMLElement | null>(null);
const isMissing = ref(false);
let purge: (() => void) | null = null;

const role = (name: string): string => getComputedStyle(document.documentElement).getPropertyValue(`--${name}`).trim();

function curvesOf(): Data[] {
  const suspects = new Set(props.findings.map(({ channel }) => channel));
  const dashes = ['solid', 'dash', 'dot', 'dashdot'] as const;
  return (Object.keys(props.curves) as Channel[])
    .toSorted((first, second) => Number(suspects.has(first)) - Number(suspects.has(second)))
    .map((channel, at) => ({
      type: 'scatter',
      mode: 'lines',
      name: props.say(channel),
      x: [...(props.curves[channel]?.seconds ?? [])],
      y: [...(props.curves[channel]?.speeds ?? [])],
      line: suspects.has(channel)
        ? { color: role('fault'), width: 1.8 }
        : { color: role('question'), width: 1.2, dash: dashes[at % dashes.length] ?? 'solid' },
    }));
}

async function draw(): Promise<void> {
  try {
    const plotly = (await import('plotly.js-basic-dist-min')).default;
    if (!place.value) return;
    const axis = { gridcolor: role('line'), linecolor: role('ink'), zerolinecolor: role('line') };
    await plotly.react(
      place.value,
      curvesOf(),
      {
        margin: { l: 56, r: 12, t: 56, b: 44 },
        height: 340,
        paper_bgcolor: 'rgba(0,0,0,0)',
        plot_bgcolor: 'rgba(0,0,0,0)',
        font: { family: role('text') || 'sans-serif', size: 14, color: role('ink') },
        legend: { orientation: 'h', y: 1.02, yanchor: 'bottom' },
        xaxis: { ...axis, title: { text: texts.seconds } },
        yaxis: { ...axis, title: { text: texts.kilometresAnHour }, rangemode: 'tozero' },
      },
      { displaylogo: false, responsive: true, modeBarButtonsToRemove: ['lasso2d', 'select2d'] },
    );
    purge = () => place.value && plotly.purge(place.value);
  } catch {
    isMissing.value = true;
  }
}

onMounted(draw);
watch(() => props.curves, draw);
onBeforeUnmount(() => purge?.());
</script>

<template>
  <figure class="chart">
    <div ref="place" class="place" role="img" :aria-label="alternative" />
    <figcaption v-if="isMissing" class="muted">{{ texts.chartMissing }}</figcaption>
  </figure>
</template>

<style scoped>
.chart {
  margin: 0;
}

.place {
  min-height: 320px;
}
</style>
