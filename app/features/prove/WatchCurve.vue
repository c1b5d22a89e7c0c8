<script setup lang="ts">
import { computed } from 'vue';
import { percent } from '../../../core/words/percent';
import { texts } from '#words/screens/prove';

/** How the doubt falls from trip to trip: those driven solid, those still needed open. */
const props = defineProps<{ course: readonly number[]; trips: number }>();
const [WIDTH, HEIGHT] = [520, 120] as const;
const SAFE = 0.05;
const most = computed(() => Math.max(SAFE * 2, ...props.course));
const y = (doubt: number): number => HEIGHT - (HEIGHT - 14) * (doubt / most.value);
const bars = computed(() => {
  const width = WIDTH / Math.max(1, props.course.length);
  return props.course.map((doubt, trip) => ({
    trip,
    x: trip * width + 1,
    width: Math.max(1, width - 2),
    y: y(doubt),
    state: trip < props.trips ? 'past' : trip === props.trips ? 'now' : 'open',
  }));
});
</script>

<template>
  <figure v-if="course.length > 1" class="curve">
    <svg
      :viewBox="`0 0 ${WIDTH} ${HEIGHT}`"
      role="img"
      :aria-label="texts.curve(trips, percent(course[Math.min(trips, course.length - 1)] ?? 0))"
    >
      <rect
        v-for="bar in bars"
        :key="bar.trip"
        :class="bar.state"
        :x="bar.x"
        :y="bar.y"
        :width="bar.width"
        :height="HEIGHT - bar.y"
      />
      <line x1="0" :x2="WIDTH" :y1="y(SAFE)" :y2="y(SAFE)" />
    </svg>
    <figcaption class="muted">
      <span class="safe">{{ texts.safeFrom }}</span><span>{{ texts.tripsAxis }} 0–{{ course.length - 1 }}</span>
    </figcaption>
  </figure>
</template>

<style scoped>
.curve {
  margin: 0;
  width: 100%;
  max-width: 520px;
}

svg {
  width: 100%;
}

.past {
  fill: var(--ink);
}

.now {
  fill: var(--action);
}

.open {
  fill: none;
  stroke: var(--muted);
  stroke-dasharray: 3 3;
}

line {
  stroke: var(--proved);
  stroke-width: 2;
}

figcaption {
  display: flex;
  justify-content: space-between;
}

.safe {
  color: var(--proved);
}
</style>
