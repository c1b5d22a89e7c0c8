<script setup lang="ts">
import type { Data, Layout, PlotlyHTMLElement } from 'plotly.js';
import { useResizeObserver } from '@vueuse/core';
import { computed, onBeforeUnmount, onMounted, ref, watch } from 'vue';
import { inSheet, inTurn, loadPlotly } from './plotly';
import { texts } from '#words/screens/log';

/** A chart with its text alternative. Plotly comes only when it is wanted. */
const props = defineProps<{
  data: readonly Data[];
  layout: Partial<Layout>;
  height: number;
  /** The chart in words; without them it belongs to a group that has them. */
  alternative?: string;
  /** The stretch of its long axis that is looked at, where charts are linked; null for all of it. */
  stretch?: readonly [number, number] | null;
}>();
const emit = defineEmits<{ look: [stretch: readonly [number, number] | null] }>();
const place = ref<HTMLElement | null>(null);
const isMissing = ref(false);
let purge: (() => void) | null = null;
let drawnWidth = 0;
let shown: readonly [number, number] | null = null;

type Moved = Readonly<Record<string, unknown>>;

/** Whoever looks closer with the pointer takes the charts that are linked along. */
function moved(event: Moved): void {
  const [from, to] = [event['xaxis.range[0]'], event['xaxis.range[1]']];
  const [first, last] = (props.layout.xaxis?.range ?? []) as readonly number[];
  const isWhole = 'xaxis.autorange' in event || (from === first && to === last);
  const looked = typeof from === 'number' && typeof to === 'number' && !isWhole ? ([from, to] as const) : null;
  if (!isWhole && !looked) return;
  shown = looked;
  emit('look', looked);
}

async function follow(): Promise<void> {
  const stretch = props.stretch ?? null;
  if (!place.value || !purge || stretch?.join() === shown?.join()) return;
  shown = stretch;
  const range = (stretch ?? props.layout.xaxis?.range) as [number, number] | undefined;
  await (await loadPlotly()).relayout(place.value, { 'xaxis.range': range });
}

async function draw(): Promise<void> {
  try {
    const plotly = await loadPlotly();
    if (!place.value) return;
    drawnWidth = place.value.clientWidth;
    await plotly.react(place.value, [...props.data], inSheet(props.layout, props.height), {
      displayModeBar: false,
      showTips: false,
      doubleClick: 'reset',
    });
    if (!purge) (place.value as PlotlyHTMLElement).on('plotly_relayout', (event) => moved(event as Moved));
    purge = () => place.value && plotly.purge(place.value);
    shown = null;
    await follow();
  } catch {
    isMissing.value = true;
  }
}

const spoken = computed(() =>
  props.alternative ? { role: 'img', 'aria-label': props.alternative } : { 'aria-hidden': true },
);
const redraw = (): void => void inTurn(draw);
onMounted(redraw);
/** The sheet gives it more or less room. */
async function resize(): Promise<void> {
  if (place.value && purge) (await loadPlotly()).Plots.resize(place.value);
}
useResizeObserver(place, ([entry]) => {
  const width = Math.round(entry?.contentRect.width ?? 0);
  if (width === drawnWidth) return;
  drawnWidth = width;
  void inTurn(resize);
});
watch(() => [props.data, props.layout], redraw);
watch(
  () => props.stretch,
  () => void inTurn(follow),
);
onBeforeUnmount(() => purge?.());
</script>

<template>
  <figure class="chart">
    <div ref="place" class="place" :style="{ minHeight: `${height}px` }" v-bind="spoken" />
    <figcaption v-if="isMissing" class="muted">{{ texts.chartMissing }}</figcaption>
  </figure>
</template>

<style scoped>
.chart {
  margin: 0;
  min-width: 0;
}
</style>
