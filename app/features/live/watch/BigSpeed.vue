<script setup lang="ts">
import { fixed } from '../../../../core/words/figures';
import { computed } from 'vue';
import { texts } from '#words/screens/watch';

/** One wheel's speed in figures that can be read from the driver's seat, with its last half minute. */
const props = defineProps<{
  name: string;
  kmh: number | null;
  points: readonly { readonly x: number; readonly kmh: number }[];
  /** What is said beside the figure. */
  state: string;
  standing: 'good' | 'bad' | 'quiet';
  isChosen: boolean;
}>();
const WIDTH = 300;
const HEIGHT = 90;
const top = computed(() => Math.max(10, Math.ceil(Math.max(0, ...props.points.map(({ kmh }) => kmh)) / 10) * 10));
const heightOf = (kmh: number): number => HEIGHT - 4 - (kmh / top.value) * (HEIGHT - 14);
const path = computed(() =>
  props.points
    .map(({ x, kmh }, at) => `${at === 0 ? 'M' : 'L'}${(x * WIDTH).toFixed(1)} ${heightOf(kmh).toFixed(1)}`)
    .join(''),
);
/** Below this a tenth of a km/h matters. */
const SLOW = 20;
const figure = computed(() => {
  if (props.kmh === null) return '–';
  if (props.kmh === 0) return '0';
  return props.kmh >= SLOW ? String(Math.round(props.kmh)) : fixed(props.kmh, 1);
});
</script>

<template>
  <section class="speed" :class="[standing, { chosen: isChosen }]">
    <header>
      <h2>{{ name }}</h2>
      <span class="state">{{ state }}</span>
    </header>
    <p class="figure big">{{ figure }}</p>
    <svg :viewBox="`0 0 ${WIDTH} ${HEIGHT}`" preserveAspectRatio="none" role="img" :aria-label="texts.curve(name)">
      <path class="ground" :d="`M0 ${HEIGHT - 4}H${WIDTH}`" />
      <path v-if="path" class="curve" :d="path" />
    </svg>
    <p class="times">
      <span>{{ texts.ago }}</span><span>{{ texts.now }}</span>
    </p>
  </section>
</template>

<style scoped>
.speed {
  padding: 10px 18px;
  display: grid;
  gap: 2px;
  align-content: start;
  border-left: 8px solid transparent;
  min-width: 0;
}

.chosen {
  border-color: var(--action);
  background: var(--raised);
}

header,
.times {
  display: flex;
  justify-content: space-between;
  gap: 10px;
}

h2,
p {
  margin: 0;
}

h2::first-letter {
  text-transform: uppercase;
}

h2 {
  font-size: 1.25rem;
}

.state {
  font-weight: 650;
}

.big {
  font-size: clamp(3.4rem, 9vw, 7.2rem);
  line-height: 1;
  font-weight: 700;
}

.quiet .big,
.quiet .state {
  color: var(--muted);
}

.bad .big,
.bad .state {
  color: var(--suspect);
}

.good .state {
  color: var(--proved);
}

svg {
  width: 100%;
  height: 84px;
  background: var(--raised);
}

path {
  fill: none;
  vector-effect: non-scaling-stroke;
}

.ground {
  stroke: var(--line);
}

.curve {
  stroke: var(--ink);
  stroke-width: 2.4;
  stroke-linejoin: round;
}

.bad .curve {
  stroke: var(--suspect);
}

.times {
  color: var(--muted);
  font-size: 0.88rem;
}

@media (max-width: 700px) {
  .speed {
    padding: 8px 10px;
    border-left-width: 5px;
  }

  h2 {
    font-size: 1rem;
  }

  header {
    display: grid;
    gap: 0;
  }

  svg {
    height: 52px;
  }
}
</style>
