<script setup lang="ts">
import { computed } from 'vue';
import type { Channel } from '../../../core/casefile/words';
import CarBody from './CarBody.vue';
import { ROUTES, WHEELS, type MiniCorner } from './places';

/** The plan, small: a sign at each corner, the way of the corner in question drawn in. Words beside it say the same. */
const props = defineProps<{ corners: readonly MiniCorner[]; subject: Channel }>();

/** From a wheel's near edge to its middle. */
const MIDDLE = { x: 7.5, y: 25 };
const marks = computed(() =>
  props.corners.map(({ channel, state }) => ({
    channel,
    state,
    at: `translate(${WHEELS[channel].x + MIDDLE.x} ${WHEELS[channel].y + (channel === 'rear-axle' ? 8 : MIDDLE.y)})`,
  })),
);
const state = computed(() => props.corners.find(({ channel }) => channel === props.subject)?.state ?? 'not-checked');
</script>

<template>
  <svg class="mini" viewBox="58 12 184 340" aria-hidden="true">
    <CarBody />
    <path class="route" :class="state" :d="ROUTES[subject]" />
    <g v-for="mark in marks" :key="mark.channel" :transform="mark.at" :class="mark.state">
      <template v-if="mark.state === 'checked-good'">
        <circle r="23" />
        <path d="M-10 1l7 8L11-9" />
      </template>
      <template v-else-if="mark.state === 'not-checked'">
        <circle r="22" stroke-dasharray="6 6" />
        <circle class="dot" r="4" />
      </template>
      <template v-else-if="mark.state === 'cannot-check'">
        <path d="M-9-3v-7a9 9 0 0 1 18 0v7" />
        <rect x="-16" y="-3" width="32" height="24" rx="5" />
      </template>
      <template v-else>
        <rect x="-26" y="-26" width="52" height="52" rx="8" />
        <path v-if="mark.state === 'suspect'" d="M0-14V5M0 13v2" />
        <path v-else d="M-12-12 12 12M12-12-12 12" />
      </template>
    </g>
  </svg>
</template>

<style scoped>
.mini {
  display: block;
  width: 96px;
  height: 178px;
}

circle,
rect {
  fill: var(--raised);
  stroke: currentcolor;
  stroke-width: 4;
}

path {
  fill: none;
  stroke: currentcolor;
  stroke-width: 6;
  stroke-linecap: round;
  stroke-linejoin: round;
}

.checked-good {
  color: var(--proved);
}

.not-checked {
  color: var(--question);
}

.not-checked circle {
  stroke-width: 3;
}

.not-checked .dot {
  fill: currentcolor;
  stroke: none;
}

.suspect {
  color: var(--suspect);
}

.suspect rect {
  fill: var(--suspect-fill);
}

.at-fault {
  color: var(--fault);
}

.at-fault rect {
  fill: var(--fault-fill);
}

.route {
  stroke-width: 5;
  stroke-dasharray: 0.1 12;
}

.route.suspect {
  stroke-dasharray: 12 9;
  stroke-linecap: butt;
}

.route.at-fault {
  stroke-dasharray: 22 12;
  stroke-linecap: butt;
}

.route.checked-good {
  stroke-dasharray: none;
}
</style>
