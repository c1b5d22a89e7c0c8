<script setup lang="ts">
import { computed } from 'vue';
import type { JudgedFigure, Verdict } from '../../../core/evidence/verdict';
import { showFigure } from '../../../core/quantities/show';
import { texts } from '#words/screens/record';

/** A reading beside its band, told apart without colour: the band hatched, a bar where it is good, a cross where it is not. */
const props = defineProps<{ verdict: Verdict; figure: JudgedFigure }>();
const [WIDTH, HEIGHT] = [220, 22] as const;
const HATCH = 7;
const min = computed(() => props.figure.min?.value ?? 0);
const least = computed(() => Math.max(min.value, props.figure.max?.value ?? 0));
const most = computed(() => 1.4 * Math.max(least.value, Math.min(props.figure.value, 2 * least.value)));
const max = computed(() => props.figure.max?.value ?? most.value);
const x = (value: number): number => WIDTH * Math.min(1, value / most.value);
const isGood = computed(() => props.verdict.tone === 'good');
const hatches = computed(() => {
  const [from, to] = [x(min.value), x(max.value)];
  return Array.from({ length: Math.max(0, Math.floor((to - from) / HATCH)) }, (_, at) => from + at * HATCH);
});
const say = (value: number): string => showFigure(value, props.figure.unit);
</script>

<template>
  <span class="scale">
    <svg
      :viewBox="`0 0 ${WIDTH} ${HEIGHT}`"
      role="img"
      :aria-label="texts.scale(say(figure.value), say(min), figure.max ? say(max) : '…')"
    >
      <line x1="0" :x2="WIDTH" y1="11" y2="11" />
      <rect :x="x(min)" y="3" :width="x(max) - x(min)" height="16" />
      <line v-for="hatch in hatches" :key="hatch" class="hatch" :x1="hatch" y1="19" :x2="hatch + HATCH" y2="3" />
      <line v-if="isGood" class="mark" :x1="x(figure.value)" :x2="x(figure.value)" y1="1" y2="21" />
      <path v-else class="mark" :d="`M${x(figure.value) - 6} 5l12 12m0 -12l-12 12`" />
    </svg>
    <b>{{ isGood ? '✓' : verdict.tone === 'bad' ? '✕' : '~' }} {{ verdict.heading }}</b>
  </span>
</template>

<style scoped>
.scale {
  display: flex;
  flex-wrap: wrap;
  gap: 4px 12px;
  align-items: center;
}

svg {
  width: 220px;
  height: 22px;
}

line,
rect,
path {
  stroke: var(--ink);
  fill: var(--ground);
  stroke-width: 1.2;
}

.hatch {
  stroke-width: 0.9;
}

.mark {
  stroke-width: 3.4;
  fill: none;
}
</style>
