<script setup lang="ts">
import { useMediaQuery } from '@vueuse/core';
import { computed } from 'vue';
import type { Channel } from '../../../core/casefile/words';
import type { PLUG_PLACES } from '../../../core/casefile/words';
import { ROT_PLACES } from '../../../core/knowledge/rotPlaces';
import PlateImage from './PlateImage.vue';
import { routeOf } from './plates/route';
import { texts } from '#words/shared/route';

/** The way of a lead through the car, and the places where it goes bad, in the order of following it. */
const props = defineProps<{ channel: Channel; plug: (typeof PLUG_PLACES)[number] | undefined }>();
const isWide = useMediaQuery('(min-width: 900px)');
const route = computed(() => routeOf(props.channel, props.plug));
const marks = computed(() =>
  route.value.marks.map(({ place, at: [x, y] }) => {
    const [left, top, width, height] = route.value.crop;
    return {
      ...ROT_PLACES[place],
      place,
      style: { left: `${(100 * (x - left)) / width}%`, top: `${(100 * (y - top)) / height}%` },
    };
  }),
);
const ratio = computed(() => `${route.value.crop[2]} / ${route.value.crop[3]}`);
</script>

<template>
  <details class="route" data-test="route" :open="isWide">
    <summary class="overline">{{ texts.whereItGoesBad }}</summary>
    <div class="both">
      <div class="drawn" :style="{ aspectRatio: ratio }">
        <PlateImage class="picture" :style="{ aspectRatio: ratio }" :plate="route.plate" />
        <span v-for="(mark, at) in marks" :key="mark.place" class="mark" :style="mark.style" aria-hidden="true">{{
          at + 1
        }}</span>
      </div>
      <ol>
        <li v-for="mark in marks" :key="mark.place">
          <strong>{{ mark.name }}</strong>
          <p class="muted">{{ mark.why }}</p>
        </li>
      </ol>
    </div>
    <p class="muted">{{ route.isOwn ? texts.solidAndDashed : texts.usualWay }}</p>
  </details>
</template>

<style scoped>
.route {
  max-width: 820px;
}

summary {
  cursor: pointer;
  min-height: var(--target);
  display: flex;
  align-items: center;
}

summary::before {
  content: '+';
  width: 1.2em;
  font-weight: 700;
}

details[open] > summary::before {
  content: '−';
}

.both {
  display: grid;
  grid-template-columns: minmax(0, 1fr);
  gap: 14px 22px;
  margin-bottom: 8px;
}

@media (min-width: 900px) {
  .both {
    grid-template-columns: minmax(0, 380px) minmax(0, 1fr);
  }
}

.drawn {
  position: relative;
}

.picture {
  border: 1.4px solid var(--line);
  border-radius: 10px;
}

.mark {
  position: absolute;
  transform: translate(-50%, -50%);
  display: grid;
  place-items: center;
  width: 26px;
  height: 26px;
  border-radius: 50%;
  background: var(--fault);
  border: 2px solid var(--ground);
  color: var(--ground);
  font-weight: 700;
}

ol {
  list-style: none;
  counter-reset: place;
  margin: 0;
  padding: 0;
  display: grid;
  align-content: start;
  gap: 10px 18px;
}

li {
  counter-increment: place;
  position: relative;
  padding-left: 40px;
}

li::before {
  content: counter(place);
  position: absolute;
  left: 0;
  top: 0;
  display: grid;
  place-items: center;
  width: 28px;
  height: 28px;
  border-radius: 50%;
  background: var(--fault);
  color: var(--ground);
  font-weight: 700;
}

p {
  margin: 0;
}
</style>
