<script setup lang="ts">
import type { PartState } from '../../../core/judgement/parts';

/** The sign of a state: dotted ring, tick in a disc, bang in a hatched diamond, cross in a box, lock. Shape says it; colour only helps. */
defineProps<{ state: PartState }>();
</script>

<template>
  <svg class="mark" :class="state" viewBox="0 0 16 16" aria-hidden="true">
    <circle v-if="state === 'not-checked'" class="ring" cx="8" cy="8" r="6" />
    <template v-else-if="state === 'checked-good'">
      <circle class="disc" cx="8" cy="8" r="7.2" />
      <path class="sign" d="M4.4 8.4 7 11l4.8-5.8" />
    </template>
    <template v-else-if="state === 'suspect'">
      <path class="box" d="M8 .9 15.1 8 8 15.1.9 8z" />
      <path class="sign" d="M8 4.4v4.4M8 11.4v.3" />
    </template>
    <template v-else-if="state === 'at-fault'">
      <rect class="disc" x="1" y="1" width="14" height="14" rx="2" />
      <path class="sign" d="M4.8 4.8l6.4 6.4M11.2 4.8l-6.4 6.4" />
    </template>
    <template v-else>
      <path class="shackle" d="M4.6 7.4V5.2a3.4 3.4 0 0 1 6.8 0v2.2" />
      <rect class="disc" x="2.4" y="7.2" width="11.2" height="8" rx="1.6" />
    </template>
  </svg>
</template>

<style scoped>
.mark {
  width: 0.95em;
  height: 0.95em;
  flex: none;
  fill: none;
  stroke: currentcolor;
  stroke-linecap: round;
  vertical-align: -0.1em;
}

.ring {
  stroke-width: 1.8;
  stroke-dasharray: 2.2 2.5;
}

.disc {
  fill: currentcolor;
  stroke: none;
}

.checked-good .sign,
.at-fault .sign {
  stroke: var(--raised);
  stroke-width: 2.2;
}

.box {
  fill: var(--suspect-fill);
  stroke-width: 1.8;
}

.suspect .sign {
  stroke-width: 2.2;
}

.shackle {
  stroke-width: 2;
}
</style>
