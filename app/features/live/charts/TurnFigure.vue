<script setup lang="ts">
import { computed } from 'vue';
import { texts } from '#words/screens/log';

/** A wheel, with the share of its turn that is bad. */
const props = defineProps<{ share: number }>();
const percent = computed(() => Math.round(100 * props.share));
const CENTRE = 50;
const RADIUS = 42;
const TEETH = 36;
const at = (turn: number, radius: number): string =>
  `${CENTRE + radius * Math.sin(2 * Math.PI * turn)} ${CENTRE - radius * Math.cos(2 * Math.PI * turn)}`;
const sector = computed(() => {
  const [from, to] = [0.12 - props.share / 2, 0.12 + props.share / 2];
  return `M${CENTRE} ${CENTRE}L${at(from, RADIUS)}A${RADIUS} ${RADIUS} 0 ${props.share > 0.5 ? 1 : 0} 1 ${at(to, RADIUS)}Z`;
});
const teeth = Array.from({ length: TEETH }, (_, tooth) => `M${at(tooth / TEETH, 20)}L${at(tooth / TEETH, 25)}`).join(
  '',
);
</script>

<template>
  <figure class="bad-turn">
    <svg viewBox="0 0 100 100" role="img" :aria-label="texts.badShareAlternative(percent)">
      <circle cx="50" cy="50" r="46" class="tyre" />
      <circle cx="50" cy="50" r="32" class="rim" />
      <circle cx="50" cy="50" r="20" class="hub" />
      <path :d="sector" class="bad" />
      <path :d="teeth" class="teeth" />
      <circle cx="50" cy="50" r="4" class="rim" />
    </svg>
    <figcaption>{{ texts.badShare(percent) }}</figcaption>
  </figure>
</template>

<style scoped>
.bad-turn {
  margin: 0;
  text-align: center;
  color: var(--suspect);
  font-weight: 650;
}

svg {
  display: block;
  width: 100%;
}

circle {
  stroke: var(--ink);
  stroke-width: 2;
  fill: var(--raised);
}

.hub {
  fill: var(--board);
}

.bad {
  fill: var(--suspect-fill);
  stroke: var(--suspect);
  stroke-width: 2;
  stroke-linejoin: round;
  fill-opacity: 0.85;
}

.teeth {
  stroke: var(--ink);
  stroke-width: 2;
}
</style>
