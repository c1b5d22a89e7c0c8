<script setup lang="ts">
import { computed } from 'vue';
import type { Channel } from '../../../core/casefile/words';
import StateMark from '../marks/StateMark.vue';
import type { CornerView } from './planView';

/** The car from above: every corner with its state, the subject's way to the module drawn in. */
const props = defineProps<{ corners: readonly CornerView[]; subject: Channel }>();
const emit = defineEmits<{ select: [channel: Channel] }>();

const WHEELS: Readonly<Record<Channel, { x: number; y: number }>> = {
  'front-left': { x: 84, y: 76 },
  'front-right': { x: 202, y: 76 },
  'rear-left': { x: 84, y: 266 },
  'rear-right': { x: 202, y: 266 },
  'rear-axle': { x: 143, y: 272 },
};
const ROUTES: Readonly<Record<Channel, string>> = {
  'front-left': 'M146 96v14c0 8-30 6-48 4',
  'front-right': 'M150 96v14c0 8 34 6 54 4',
  'rear-left': 'M146 96c0 50-34 60-34 100v80h-12',
  'rear-right': 'M150 96c0 50 38 60 38 100v80h14',
  'rear-axle': 'M148 96c0 40 36 60 36 100 0 50-30 60-34 76',
};
const route = computed(() => ROUTES[props.subject]);
const stateOf = computed(
  () => props.corners.find((corner) => corner.channel === props.subject)?.state ?? 'open-question',
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
      <path
        class="body"
        d="M150 20c-34 0-46 14-48 40l-4 56 2 130-2 56c2 26 18 36 52 36s50-10 52-36l-2-56 2-130-4-56c-2-26-14-40-48-40z"
      />
      <path class="thin" d="M110 58c26-10 54-10 80 0M122 150v112M178 150v112" />
      <path
        class="glass"
        d="M108 118c28-14 56-14 84 0l-12 30c-20-6-40-6-60 0zM124 268c18 4 34 4 52 0l12 34c-24 8-52 8-76 0z"
      />
      <g class="module">
        <rect x="131" y="68" width="36" height="22" rx="3" />
        <path d="M139 90v6M146 90v6M153 90v6M160 90v6" />
      </g>
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
      <span class="name">{{ corner.name }}</span>
      <span class="word"><StateMark :state="corner.state" />{{ corner.word }}</span>
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
  max-width: 316px;
  margin: 0 auto;
}

svg {
  display: block;
  width: 100%;
}

.body {
  fill: var(--raised);
  stroke: var(--ink);
  stroke-width: 2;
  fill-opacity: 0.96;
}

.thin {
  fill: none;
  stroke: var(--ink);
  stroke-opacity: 0.35;
  stroke-width: 1.6;
}

.glass,
.module rect,
.module path {
  fill: var(--ground);
  stroke: var(--ink);
  stroke-width: 2;
  stroke-linejoin: round;
}

.wheel rect,
.wheel circle {
  fill: var(--raised);
  stroke: var(--ink);
  stroke-width: 2;
}

.wheel.proved-good rect,
.wheel.proved-good circle {
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

.route.proved-good {
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
  font-size: 0.88rem;
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
  top: 18%;
}

.rear-left,
.rear-right {
  top: 71%;
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

.word {
  display: flex;
  align-items: baseline;
  gap: 4px;
}

.reading {
  font-size: 0.82rem;
  white-space: normal;
}

.proved-good .word {
  color: var(--proved);
}

.open-question .word {
  color: var(--question);
}

.suspect .word {
  color: var(--suspect);
  font-weight: 700;
}

.at-fault .word {
  color: var(--fault);
  font-weight: 700;
}
</style>
