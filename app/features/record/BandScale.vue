<script setup lang="ts">
import { computed } from 'vue';
import type { RecordScale } from '../../../core/report/record';
import { showReading } from '../../../core/quantities/show';
import { texts } from '#words/screens/record';

/** A reading beside its band, told apart without colour: the band hatched, a bar inside it, a cross outside. */
const props = defineProps<{ scale: RecordScale }>();
const [WIDTH, HEIGHT] = [220, 22] as const;
const HATCH = 7;
const most = computed(() => 1.4 * Math.max(props.scale.max, Math.min(props.scale.value, 2 * props.scale.max)));
const x = (value: number): number => WIDTH * Math.min(1, value / most.value);
const isInside = computed(() => props.scale.value >= props.scale.min && props.scale.value <= props.scale.max);
const verdict = computed(() => {
  if (isInside.value) return texts.inside;
  return props.scale.value < props.scale.min ? texts.below : texts.above;
});
const hatches = computed(() => {
  const [from, to] = [x(props.scale.min), x(props.scale.max)];
  return Array.from({ length: Math.max(0, Math.floor((to - from) / HATCH)) }, (_, at) => from + at * HATCH);
});
const say = (ohm: number): string => {
  const { number, unit } = showReading(ohm, 'resistance');
  return `${number} ${unit}`;
};
</script>

<template>
  <span class="scale">
    <svg
      :viewBox="`0 0 ${WIDTH} ${HEIGHT}`"
      role="img"
      :aria-label="texts.scale(say(scale.value), say(scale.min), say(scale.max))"
    >
      <line x1="0" :x2="WIDTH" y1="11" y2="11" />
      <rect :x="x(scale.min)" y="3" :width="x(scale.max) - x(scale.min)" height="16" />
      <line v-for="hatch in hatches" :key="hatch" class="hatch" :x1="hatch" y1="19" :x2="hatch + HATCH" y2="3" />
      <line v-if="isInside" class="mark" :x1="x(scale.value)" :x2="x(scale.value)" y1="1" y2="21" />
      <path v-else class="mark" :d="`M${x(scale.value) - 6} 5l12 12m0 -12l-12 12`" />
    </svg>
    <b>{{ isInside ? '✓' : '✕' }} {{ verdict }}</b
    ><span class="muted">{{ scale.band }}</span>
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
