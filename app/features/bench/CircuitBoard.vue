<script setup lang="ts">
import { computed } from 'vue';
import type { Plugs, Point } from '../../../bench/practice/probes';
import { texts } from '#words/screens/bench';

/** The circuit of one corner, drawn with the points that a probe can reach. The probe in hand goes where one taps. */
const props = defineProps<{
  red: Point | null;
  black: Point | null;
  plugs: Plugs;
  isActive: boolean;
  /** On a small screen the circuit is drawn in two halves, each large enough for a gloved finger. */
  part: 'whole' | 'sensor-side' | 'module-side';
}>();
const emit = defineEmits<{ put: [point: Point]; plug: [which: keyof Plugs] }>();

const SPOTS: readonly { readonly point: Point; readonly x: number; readonly y: number; readonly name: string }[] = [
  { point: 'S1', x: 236, y: 86, name: texts.sensorsPin1 },
  { point: 'S2', x: 236, y: 154, name: texts.sensorsPin2 },
  { point: 'B', x: 130, y: 212, name: texts.sensorsBody },
  { point: 'P1', x: 322, y: 86, name: texts.loomsPin1At },
  { point: 'P2', x: 322, y: 154, name: texts.loomsPin2At },
  { point: 'M1', x: 522, y: 86, name: texts.loomsPin1AtThe },
  { point: 'M2', x: 522, y: 154, name: texts.loomsPin2AtThe },
  { point: 'F', x: 666, y: 212, name: texts.modulesFeedPin },
  { point: 'G', x: 420, y: 258, name: texts.bareMetalOfThe },
  { point: 'BAT', x: 560, y: 258, name: texts.batteryPlus },
];

const VIEW = {
  whole: { left: 0, width: 740, height: 300 },
  'sensor-side': { left: 0, width: 380, height: 240 },
  'module-side': { left: 370, width: 370, height: 300 },
} as const;
const view = computed(() => VIEW[props.part]);
const isHere = (x: number): boolean => x >= view.value.left && x < view.value.left + view.value.width;
const spots = computed(() => SPOTS.filter((spot) => isHere(spot.x)));
const plugsHere = computed(() =>
  (
    [
      ['sensor', 279],
      ['module', 565],
    ] as const
  ).filter(([, x]) => isHere(x)),
);

function probeOn(point: Point): 'red' | 'black' | null {
  if (props.red === point) return 'red';
  return props.black === point ? 'black' : null;
}
</script>

<template>
  <figure class="board">
    <svg
      :viewBox="`${view.left} 0 ${view.width} ${view.height}`"
      role="group"
      :aria-label="part === 'module-side' ? texts.circuitOfThisCorner : texts.circuitOfThisCornerFrom"
    >
      <g class="drawn">
        <circle cx="52" cy="120" r="44" class="ring" />
        <path d="M52 76v12M52 152v12M8 120h12M84 120h12M21 89l8 8M75 143l8 8M83 89l-8 8M29 143l-8 8" />
        <rect x="106" y="82" width="60" height="76" rx="8" />
        <path v-if="isActive" d="M122 106h28v28h-28zM136 98v8M136 134v8" />
        <path v-else d="M120 128c6-20 10-20 11 0s6 20 7 0 6-20 7 0 5 16 8 0" />
        <path d="M130 158v42" />
        <path d="M166 102h30q14 0 24-16h16M166 138h30q14 0 24 16h16" />
        <path v-if="!plugs.sensor" class="mate" d="M236 86h86M236 154h86" />
        <path
          d="M322 86h44q10 0 10 12t10 12h76q10 0 10-12t10-12h40M322 154h44q10 0 10-12t10-12h76q10 0 10 12t10 12h40"
        />
        <path v-if="!plugs.module" class="mate" d="M522 86h86M522 154h86" />
        <rect x="608" y="60" width="112" height="120" rx="10" class="module" />
        <path d="M666 180v32" />
        <path d="M420 258v22M398 280h44M406 287h28M413 294h14" />
        <path d="M560 258v22M544 280h32M552 288h16" />
      </g>
      <g class="words">
        <text x="52" y="194">{{ texts.ring }}</text>
        <text x="136" y="70">{{ texts.sensor }}</text>
        <text x="424" y="74">{{ texts.loom }}</text>
        <text x="664" y="126">{{ texts.module }}</text>
        <text x="420" y="236">{{ texts.ground }}</text>
        <text x="560" y="236">{{ texts.battery }}</text>
        <text x="690" y="219" class="left">{{ texts.feed }}</text>
        <text x="152" y="219" class="left">{{ texts.body }}</text>
      </g>
      <g
        v-for="[which, x] in plugsHere"
        :key="which"
        class="plug"
        role="button"
        tabindex="0"
        :aria-pressed="plugs[which]"
        :aria-label="`${texts.plugOf[which]}: ${plugs[which] ? texts.unplugged : texts.plugged}`"
        :data-plug="which"
        @click="emit('plug', which)"
        @keydown.enter.prevent="emit('plug', which)"
        @keydown.space.prevent="emit('plug', which)"
      >
        <rect :x="x - 39" y="4" width="78" height="50" rx="8" />
        <text :x="x" y="37">{{ plugs[which] ? texts.unplugged : texts.plugged }}</text>
        <path :d="`M${x} 54v16`" />
      </g>
      <g
        v-for="spot in spots"
        :key="spot.point"
        class="spot"
        :class="probeOn(spot.point)"
        role="button"
        tabindex="0"
        :aria-label="probeOn(spot.point) ? texts.spotWithProbe(spot.name, probeOn(spot.point) ?? '') : spot.name"
        :data-point="spot.point"
        @click="emit('put', spot.point)"
        @keydown.enter.prevent="emit('put', spot.point)"
        @keydown.space.prevent="emit('put', spot.point)"
      >
        <circle class="reach" :cx="spot.x" :cy="spot.y" r="27" />
        <circle class="dot" :cx="spot.x" :cy="spot.y" r="11" />
        <text v-if="probeOn(spot.point)" :x="spot.x" :y="spot.y + 6">
          {{ probeOn(spot.point) === 'red' ? '+' : '−' }}
        </text>
      </g>
    </svg>
  </figure>
</template>

<style scoped>
.board {
  margin: 0;
  background: var(--board);
  border-radius: var(--radius);
  padding: 6px;
}

svg {
  width: 100%;
  height: auto;
  display: block;
}

.drawn * {
  fill: none;
  stroke: var(--ink);
  stroke-width: 2.5;
  stroke-linejoin: round;
  stroke-linecap: round;
}

.drawn .ring {
  stroke-dasharray: 9 6;
  stroke-width: 7;
}

.drawn .module {
  fill: var(--raised);
}

.drawn .mate {
  stroke-dasharray: none;
  stroke: var(--proved);
}

text {
  font: 600 21px var(--text);
  fill: var(--ink);
  text-anchor: middle;
}

text.left {
  text-anchor: start;
}

.plug,
.spot {
  cursor: pointer;
}

.plug rect {
  fill: var(--raised);
  stroke: var(--ink);
  stroke-width: 2;
}

.plug[aria-pressed='true'] rect {
  fill: var(--suspect-fill);
  stroke: var(--suspect);
}

.plug path {
  stroke: var(--ink);
  stroke-width: 1.5;
  stroke-dasharray: 3 4;
}

.reach {
  fill: transparent;
}

.dot {
  fill: var(--raised);
  stroke: var(--ink);
  stroke-width: 3;
}

.spot:hover .dot {
  stroke: var(--action);
}

.spot:focus-visible,
.plug:focus-visible {
  outline: 3px solid var(--action);
  outline-offset: 1px;
}

.red .dot {
  fill: var(--fault);
  stroke: var(--fault);
  r: 15px;
}

.black .dot {
  fill: var(--ink);
  r: 15px;
}

.spot text {
  fill: var(--raised);
  font-size: 20px;
}
</style>
