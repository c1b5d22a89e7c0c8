<script setup lang="ts">
import { computed } from 'vue';
import type { Channel } from '../../../core/casefile/words';
import StateMark from '../marks/StateMark.vue';
import CarBody from './CarBody.vue';
import type { CornerView } from './planView';
import { ROUTES, WHEELS } from './places';

/** The car from above: every corner with its state, the subject's way to the module drawn in. */
const props = defineProps<{ corners: readonly CornerView[]; subject: Channel }>();
const emit = defineEmits<{ select: [channel: Channel] }>();

const route = computed(() => ROUTES[props.subject]);
const stateOf = computed(
  () => props.corners.find((corner) => corner.channel === props.subject)?.state ?? 'not-checked',
);
</script>

<template>
  <div class="plan">
    <svg viewBox="-48 8 396 348" aria-hidden="true">
      <defs>
        <pattern id="plan-hatch" width="8" height="8" patternUnits="userSpaceOnUse" patternTransform="rotate(45)">
          <rect width="8" height="8" class="hatch-ground" />
          <rect width="4" height="8" class="hatch-ink" />
        </pattern>
      </defs>
      <g v-for="corner in corners" :key="corner.channel" class="wheel" :class="corner.state">
        <rect
          v-if="corner.channel !== 'rear-axle'"
          :x="WHEELS[corner.channel].x"
          :y="WHEELS[corner.channel].y"
          width="15"
          height="50"
          rx="5"
        />
        <circle v-else :cx="150" :cy="280" r="13" />
        <path
          v-if="corner.state === 'at-fault' && corner.channel !== 'rear-axle'"
          :transform="`translate(${WHEELS[corner.channel].x + 7.5} ${WHEELS[corner.channel].y + 25})`"
          d="M-6-6 6 6M6-6-6 6"
        />
      </g>
      <CarBody />
      <path class="route" :class="stateOf" :d="route" />
    </svg>
    <button
      v-for="corner in corners"
      :key="corner.channel"
      type="button"
      class="corner"
      :class="[corner.channel, corner.state, { subject: corner.channel === subject }]"
      :aria-pressed="corner.channel === subject"
      :data-corner="corner.channel"
      @click="emit('select', corner.channel)"
    >
      <span class="name"><StateMark :state="corner.state" />{{ corner.name }}</span>
      <span class="word">{{ corner.word }}</span>
      <span v-if="corner.reading" class="reading" :class="{ figure: /\d/.test(corner.reading) }">{{
        corner.reading
      }}</span>
    </button>
  </div>
</template>

<style scoped>
.plan {
  position: relative;
  width: 100%;
  max-width: 18.6rem;
  margin: 0 auto;
  container-type: inline-size;
}

svg {
  display: block;
  width: 100%;
}

.wheel rect,
.wheel circle {
  fill: var(--raised);
  stroke: var(--ink);
  stroke-width: 2;
}

.wheel.checked-good rect,
.wheel.checked-good circle {
  stroke: var(--proved);
  stroke-width: 3;
}

.wheel.suspect rect,
.wheel.suspect circle {
  fill: url('#plan-hatch');
  stroke: var(--suspect);
  stroke-width: 3;
}

.wheel.at-fault rect,
.wheel.at-fault circle {
  fill: var(--fault-fill);
  stroke: var(--fault);
  stroke-width: 3.5;
}

.wheel.at-fault path {
  stroke: var(--fault);
  stroke-width: 3;
}

.hatch-ground {
  fill: var(--raised);
}

.hatch-ink {
  fill: var(--suspect-fill);
}

.route {
  fill: none;
  stroke: var(--question);
  stroke-width: 4;
  stroke-dasharray: 0.1 8;
  stroke-linecap: round;
}

.route.suspect {
  stroke: var(--suspect);
  stroke-dasharray: 9 6;
  stroke-linecap: butt;
}

.route.at-fault {
  stroke: var(--fault);
  stroke-dasharray: 26 14;
  stroke-linecap: butt;
}

.route.checked-good {
  stroke: var(--proved);
  stroke-dasharray: none;
}

.corner {
  position: absolute;
  width: 33%;
  min-height: var(--target);
  padding: 4px;
  border: 2px solid transparent;
  border-radius: var(--radius);
  background: none;
  text-align: left;
  cursor: pointer;
  display: grid;
  align-content: center;
  line-height: 1.25;
  /* No larger than four lines of it fit between two wheels. */
  font-size: max(15px, min(0.88rem, 4.75cqw));
}

.corner.subject {
  border-color: var(--ink);
  background: var(--raised);
}

.front-left,
.rear-left {
  left: -2px;
}

.front-right,
.rear-right {
  right: -2px;
}

.front-left,
.front-right {
  top: 15%;
}

.rear-left,
.rear-right {
  /* What needs more room takes it upwards. */
  bottom: 0;
  min-height: max(29%, var(--target));
  align-content: start;
}

.rear-axle {
  left: 34%;
  bottom: 0;
  text-align: center;
  justify-items: center;
}

/* The label of a shared rear sensor stands below the car. */
.plan:has(.rear-axle) {
  padding-bottom: 78px;
}

.name {
  font-weight: 650;
}

.name :deep(svg) {
  margin-right: 4px;
}

.reading {
  font-size: max(14px, min(0.82rem, 4.4cqw));
  white-space: normal;
}

.checked-good .word,
.checked-good .name :deep(svg) {
  color: var(--proved);
}

.not-checked .word,
.not-checked .name :deep(svg) {
  color: var(--question);
}

.suspect .word,
.suspect .name :deep(svg) {
  color: var(--suspect);
  font-weight: 700;
}

.at-fault .word,
.at-fault .name :deep(svg) {
  color: var(--fault);
  font-weight: 700;
}
</style>
