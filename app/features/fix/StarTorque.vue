<script setup lang="ts">
import { computed } from 'vue';
import { NUT_COUNTS, starOrder, type NutCount } from '../../../core/quantities/starOrder';
import { useJob } from '../../stores/job';
import { useDraft } from '../../stores/useDraft';
import { texts } from '#words/screens/fix';

/** The nuts of a wheel in their star, each ticked as it clicks: once round to the figure, and once round again at it. */
const job = useJob();
const countText = useDraft(() => `${job.record?.id}.nuts`);
const doneText = useDraft(() => `${job.record?.id}.nuts-done`);
const count = computed<NutCount>(() => NUT_COUNTS.find((many) => String(many) === countText.value) ?? 5);
const ROUNDS = 2;
const done = computed(() => Math.min(ROUNDS * count.value, Math.max(0, Math.floor(Number(doneText.value) || 0))));
const round = computed(() => Math.min(ROUNDS - 1, Math.floor(done.value / count.value)));
const isComplete = computed(() => done.value >= ROUNDS * count.value);
const SIDE = 300;
const CIRCLE = 96;
const places = computed(() => {
  const order = starOrder(count.value);
  const ticked = done.value - round.value * count.value;
  return order.map((place, at) => {
    const angle = (2 * Math.PI * place) / count.value - Math.PI / 2;
    return {
      number: at + 1,
      x: SIDE / 2 + CIRCLE * Math.cos(angle),
      y: SIDE / 2 + CIRCLE * Math.sin(angle),
      state: at < ticked || isComplete.value ? 'done' : at === ticked ? 'now' : 'open',
    };
  });
});
const now = computed(() => places.value.find(({ state }) => state === 'now')?.number ?? null);
/** A hexagon of this half width. */
const hex = (x: number, y: number, half: number): string =>
  Array.from({ length: 6 }, (_, corner) => {
    const angle = (Math.PI * corner) / 3 + Math.PI / 6;
    return `${(x + half * Math.cos(angle)).toFixed(1)},${(y + half * Math.sin(angle)).toFixed(1)}`;
  }).join(' ');

function setCount(many: NutCount): void {
  countText.value = String(many);
  doneText.value = '';
}
</script>

<template>
  <section class="star" data-test="star">
    <div class="chips" role="group" :aria-label="texts.howManyNuts">
      <span class="muted">{{ texts.howManyNuts }}</span>
      <button
        v-for="many in NUT_COUNTS"
        :key="many"
        type="button"
        class="tap"
        :aria-pressed="many === count"
        @click="setCount(many)"
      >
        {{ many }}
      </button>
    </div>
    <p class="rounds">
      <span :class="{ here: round === 0 && !isComplete, past: round > 0 || isComplete }">{{ texts.roundOne }}</span>
      <span :class="{ here: round === 1 && !isComplete, past: isComplete }">{{ texts.roundTwo }}</span>
    </p>
    <svg :viewBox="`0 0 ${SIDE} ${SIDE}`" role="img" :aria-label="texts.starAlternative(count, done)">
      <circle :cx="SIDE / 2" :cy="SIDE / 2" r="140" class="rim" />
      <circle :cx="SIDE / 2" :cy="SIDE / 2" r="34" class="hub" />
      <polyline class="path" :points="places.map(({ x, y }) => `${x},${y}`).join(' ')" />
      <g v-for="place in places" :key="place.number" :class="place.state">
        <circle :cx="place.x" :cy="place.y" r="27" class="ring" />
        <polygon :points="hex(place.x, place.y, 19)" class="nut" />
        <text :x="place.x" :y="place.y + 7">{{ place.state === 'done' ? '✓' : place.number }}</text>
      </g>
    </svg>
    <div class="chips">
      <button type="button" class="tap" :disabled="done === 0" @click="doneText = String(done - 1)">
        {{ texts.oneNutBack }}
      </button>
      <button
        type="button"
        class="tap strong click"
        data-test="nut-clicked"
        :disabled="isComplete"
        @click="doneText = String(done + 1)"
      >
        {{ now === null ? texts.allNutsClicked : texts.nutClicked(now, count) }}
      </button>
    </div>
    <details>
      <summary>{{ texts.itKeepsTurning }}</summary>
      <p class="warning">{{ texts.itKeepsTurningMore }}</p>
    </details>
  </section>
</template>

<style scoped>
.star {
  display: grid;
  gap: 12px;
  max-width: 460px;
}

.chips {
  align-items: center;
}

.click {
  flex: 1;
}

svg {
  width: 100%;
  max-width: 340px;
}

.rim {
  fill: var(--board);
  stroke: var(--ink);
  stroke-width: 2;
}

.hub,
.ring,
.nut {
  fill: var(--raised);
  stroke: var(--ink);
  stroke-width: 1.8;
}

.path {
  fill: none;
  stroke: var(--muted);
  stroke-width: 1.6;
  stroke-dasharray: 5 5;
}

.open .ring {
  stroke-dasharray: 4 4;
}

.done .ring,
.done .nut {
  stroke: var(--proved);
}

.done text {
  fill: var(--proved);
}

.now .ring {
  fill: var(--bar-action);
  stroke: var(--action);
  stroke-width: 5;
}

text {
  text-anchor: middle;
  font: 700 20px var(--text);
  fill: var(--ink);
}

.rounds {
  display: grid;
  grid-template-columns: 1fr 1fr;
  gap: 10px;
  margin: 0;
}

.rounds span {
  border-bottom: 7px dotted var(--line);
  padding-bottom: 4px;
  color: var(--muted);
}

.rounds .here {
  border-bottom: 7px solid var(--ink);
  color: var(--ink);
  font-weight: 650;
}

.rounds .past {
  border-bottom: 7px solid var(--proved);
  color: var(--proved);
}

summary {
  min-height: 64px;
  display: flex;
  align-items: center;
  cursor: pointer;
  color: var(--action);
  font-weight: 600;
}
</style>
