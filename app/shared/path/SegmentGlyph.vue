<script setup lang="ts">
import type { Segment } from '../../../core/casefile/words';

/** Zelf's own sign for a segment, in even ink line. */
defineProps<{ segment: Segment }>();
</script>

<template>
  <svg class="glyph" viewBox="0 0 64 64" aria-hidden="true">
    <g v-if="segment === 'ring'">
      <circle cx="32" cy="32" r="13" />
      <path
        d="M32 12v7M32 45v7M12 32h7M45 32h7M17.9 17.9l4.9 4.9M41.2 41.2l4.9 4.9M17.9 46.1l4.9-4.9M41.2 22.8l4.9-4.9"
      />
    </g>
    <g v-else-if="segment === 'gap'">
      <path d="M18 12v40M40 12h12v40H40zM24 32h10M27 28l-4 4 4 4M31 28l4 4-4 4" />
    </g>
    <g v-else-if="segment === 'sensor'">
      <path d="M10 24h16v16H10zM26 18h14v28H26zM40 36c8 0 6 12 16 12" />
    </g>
    <path v-else-if="segment === 'lead'" d="M6 38c6-12 11-12 16 0s10 10 14 0 9-16 12-6 5 8 10 4" />
    <g v-else-if="segment === 'plug'">
      <path d="M8 22h18v18H8zM38 18h18v26H38zM26 27h12M26 35h12" />
    </g>
    <g v-else-if="segment === 'loom'">
      <path d="M6 20c22 0 30 0 52-8M6 27c24 1 30-1 52-1M6 34c24 0 30 1 52 6M6 41c22 0 30 3 52 13" />
    </g>
    <g v-else>
      <path d="M14 16h36v24H14zM20 40v8M28 40v8M36 40v8M44 40v8" />
    </g>
  </svg>
</template>

<style scoped>
.glyph {
  width: 100%;
  height: 100%;
  fill: none;
  stroke: var(--ink);
  stroke-width: 2.2;
  stroke-linejoin: round;
  stroke-linecap: round;
}
</style>
