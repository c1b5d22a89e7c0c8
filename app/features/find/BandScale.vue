<script setup lang="ts">
import { computed } from 'vue';
import type { JudgedFigure, Verdict } from '../../../core/evidence/verdict';
import { showFigure } from '../../../core/quantities/show';
import { bandLabels } from './bandLabels';
import { texts } from '#words/screens/find';

/** A reading against its band, with its uncertainty. */
const props = defineProps<{ figure: JudgedFigure; tone: Verdict['tone'] }>();

const value = computed(() => props.figure.value);
const halfWidth = computed(() => props.figure.halfWidth);
const min = computed(() => props.figure.min?.value ?? null);
const max = computed(() => props.figure.max?.value ?? null);
const top = computed(() => Math.max(value.value + halfWidth.value, max.value ?? 0, min.value ?? 0) * 1.2 || 1);
const at = (place: number): number => 8 + (Math.min(place, top.value) / top.value) * 344;
const words = (place: number): string => showFigure(place, props.figure.unit);
const LONG = 360;
const limits = computed(() => [min.value, max.value].filter((limit) => limit !== null));
const labels = computed(() =>
  bandLabels(
    limits.value.map((limit) => [at(limit), words(limit)]),
    LONG,
  ),
);
</script>

<template>
  <svg
    class="scale"
    viewBox="0 0 360 66"
    role="img"
    :aria-label="texts.readingBandTo(words(value), min === null ? null : words(min), max === null ? null : words(max))"
  >
    <rect class="band" :x="at(min ?? 0)" y="22" :width="at(max ?? top) - at(min ?? 0)" height="20" />
    <path class="axis" d="M8 32h344" />
    <path v-for="limit in limits" :key="limit" class="limit" :d="`M${at(limit)} 18v28`" />
    <text v-for="label in labels" :key="label.words" :x="label.x" y="62" text-anchor="middle">{{ label.words }}</text>
    <rect
      class="spread"
      :class="tone"
      :x="at(Math.max(0, value - halfWidth))"
      y="28"
      :width="Math.max(3, at(value + halfWidth) - at(Math.max(0, value - halfWidth)))"
      height="8"
    />
    <path class="pointer" :class="tone" :d="`M${at(value) - 8} 2h16l-8 12zM${at(value)} 14v34`" />
  </svg>
</template>

<style scoped>
.scale {
  width: 100%;
  max-width: 520px;
  display: block;
}

.band {
  fill: var(--band);
}

.axis {
  stroke: var(--ink);
  stroke-width: 2;
}

.limit {
  stroke: var(--proved);
  stroke-width: 3;
}

.spread {
  fill: var(--proved);
  opacity: 0.55;
}

.pointer {
  fill: var(--proved);
  stroke: var(--proved);
  stroke-width: 2.5;
}

.borderline,
.plain {
  fill: var(--suspect);
  stroke: var(--suspect);
}

.bad {
  fill: var(--fault);
  stroke: var(--fault);
}

text {
  font: 600 13px var(--mono);
  fill: var(--muted);
}
</style>
