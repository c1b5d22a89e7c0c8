<script setup lang="ts">
import type { Data, Layout } from 'plotly.js';
import { onBeforeUnmount, onMounted, ref, watch } from 'vue';
import { inTurn, loadPlotly } from './plotly';
import { texts } from '#words/screens/log';

/** A chart with its text alternative. Plotly comes only when it is wanted. */
const props = defineProps<{
  data: readonly Data[];
  layout: Partial<Layout>;
  height: number;
  /** The chart in words. */
  alternative: string;
}>();
const place = ref<HTMLElement | null>(null);
const isMissing = ref(false);
let purge: (() => void) | null = null;

const role = (name: string): string => getComputedStyle(document.documentElement).getPropertyValue(`--${name}`).trim();

async function draw(): Promise<void> {
  try {
    const plotly = await loadPlotly();
    if (!place.value) return;
    await plotly.react(
      place.value,
      [...props.data],
      {
        paper_bgcolor: 'rgba(0,0,0,0)',
        plot_bgcolor: 'rgba(0,0,0,0)',
        font: { family: role('text') || 'sans-serif', size: 14, color: role('ink') },
        showlegend: false,
        dragmode: 'zoom',
        hovermode: 'x',
        height: props.height,
        ...props.layout,
      },
      { displayModeBar: false, responsive: true, doubleClick: 'reset' },
    );
    purge = () => place.value && plotly.purge(place.value);
  } catch {
    isMissing.value = true;
  }
}

/** The chart as a picture, on the sheet's own ground. */
async function save(format: 'png' | 'svg'): Promise<void> {
  const plotly = await loadPlotly();
  if (!place.value) return;
  await plotly.relayout(place.value, { paper_bgcolor: role('ground') });
  await plotly.downloadImage(place.value, { format, filename: texts.pictureFile, width: 1200, height: props.height });
  await plotly.relayout(place.value, { paper_bgcolor: 'rgba(0,0,0,0)' });
}
defineExpose({ save });

const redraw = (): void => void inTurn(draw);
onMounted(redraw);
watch(() => [props.data, props.layout], redraw);
onBeforeUnmount(() => purge?.());
</script>

<template>
  <figure class="chart">
    <div ref="place" class="place" :style="{ minHeight: `${height}px` }" role="img" :aria-label="alternative" />
    <figcaption v-if="isMissing" class="muted">{{ texts.chartMissing }}</figcaption>
  </figure>
</template>

<style scoped>
.chart {
  margin: 0;
  min-width: 0;
}
</style>
