<script setup lang="ts">
import type { SegmentState } from '../../../core/belief/segments';

/** The sign of a state: tick, dot, bang in a hatched box, cross. Shape says it; colour only helps. */
defineProps<{ state: SegmentState }>();
</script>

<template>
  <svg class="mark" :class="state" :viewBox="state === 'open-question' ? '5 0 6 16' : '0 0 16 16'" aria-hidden="true">
    <path v-if="state === 'proved-good'" d="M2.5 8.5 6.5 12.5 13.5 3.5" />
    <circle v-else-if="state === 'open-question'" cx="8" cy="8" r="2" />
    <g v-else-if="state === 'suspect'">
      <rect x="1.5" y="1.5" width="13" height="13" rx="2" />
      <path d="M8 4.2v4.6M8 11.4v.6" />
    </g>
    <path v-else d="M3 3l10 10M13 3 3 13" />
  </svg>
</template>

<style scoped>
.mark {
  width: 0.85em;
  height: 0.85em;
  flex: none;
  fill: none;
  stroke: currentcolor;
  stroke-width: 2.4;
  stroke-linecap: round;
  vertical-align: -0.05em;
}

.open-question {
  width: 0.34em;
}

.open-question circle {
  fill: currentcolor;
  stroke: none;
}

.suspect rect {
  fill: var(--suspect-fill);
  stroke-width: 1.8;
}
</style>
