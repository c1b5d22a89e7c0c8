<script setup lang="ts">
import { computed } from 'vue';
import type { LAMPS } from '../../../core/casefile/words';
import { LAMP_NAMES } from '../../../core/knowledge/names';
import { texts } from '#words/screens/dash';

/** Why so many lamps? One deaf corner, drawn with all that leans on its number. */
type Lamp = (typeof LAMPS)[number];
const props = defineProps<{ lit: readonly Lamp[] }>();

/** What the brake module does with four wheel speeds, and the lamp that tells when it can't. */
const LEANING: readonly (readonly [string, readonly Lamp[]])[] = [
  ['Anti-lock', ['abs']],
  [texts.stabilityTraction, ['stability']],
  [texts.hillHoldDescent, ['hill-start', 'hill-descent']],
  [texts.tyrePressure, ['tyre-pressure']],
  [texts.speedometerGearbox, ['engine']],
];
const rows = computed(() =>
  LEANING.map(([what, lamps], at) => ({
    what,
    y: 34 + at * 40,
    lamp: lamps.filter((lamp) => props.lit.includes(lamp)).map((lamp) => LAMP_NAMES[lamp]),
  })),
);
</script>

<template>
  <figure>
    <svg viewBox="0 0 560 232" role="img" :aria-label="texts.oneWheelWithoutA">
      <g class="ink">
        <circle cx="44" cy="52" r="17" />
        <circle cx="44" cy="96" r="17" />
        <circle cx="44" cy="140" r="17" class="deaf" />
        <path d="m36 132 16 16M52 132l-16 16" class="deaf" />
        <circle cx="44" cy="184" r="17" />
        <path d="M62 52h62v54h26M62 96h62M62 184h62v-54h26M124 118h26" />
        <path d="M62 140h52" class="gone" />
        <rect x="150" y="88" width="104" height="60" rx="4" />
        <path
          v-for="row in rows"
          :key="row.what"
          :d="`M254 118h26V${row.y}h30`"
          :class="{ gone: row.lamp.length > 0 }"
        />
      </g>
      <text x="202" y="114" class="middle strong">{{ texts.brake }}</text>
      <text x="202" y="134" class="middle strong">{{ texts.module }}</text>
      <text x="20" y="222" class="small">{{ texts.oneWheelsNumberMissing }}</text>
      <g v-for="row in rows" :key="row.what">
        <text x="318" :y="row.y + 5" :class="{ strong: row.lamp.length > 0 }">{{ row.what }}</text>
        <text v-if="row.lamp.length > 0" x="552" :y="row.y + 5" class="end lit">{{ texts.lit }}</text>
      </g>
    </svg>
    <figcaption>
      {{ texts.everythingOnTheRight }}
    </figcaption>
  </figure>
</template>

<style scoped>
figure {
  margin: 0;
  display: grid;
  gap: 8px;
}

svg {
  width: 100%;
  max-width: 620px;
  height: auto;
}

.ink {
  fill: none;
  stroke: var(--ink);
  stroke-width: 2;
}

.deaf {
  stroke: var(--fault);
  stroke-width: 3;
}

.gone {
  stroke: var(--fault);
  stroke-dasharray: 3 7;
}

text {
  font: 500 16px var(--text);
  fill: var(--ink);
}

.strong {
  font-weight: 700;
}

.middle {
  text-anchor: middle;
}

.end {
  text-anchor: end;
}

.lit {
  fill: var(--fault);
  font-weight: 700;
}

.small {
  font-size: 14px;
  fill: var(--muted);
}

figcaption {
  color: var(--muted);
  max-width: 62ch;
}
</style>
