<script setup lang="ts">
import { computed, ref } from 'vue';
import type { CaseFile, ObservationOf } from '../../../core/casefile/contract';
import { HISTORY_EVENTS, type Channel } from '../../../core/casefile/words';
import { HISTORY_NAMES } from '../../../core/knowledge/names';
import { sayChannel } from '../../../core/vehicle/sides';
import { usePreferences } from '../../stores/preferences';
import LatelyTimeline from './LatelyTimeline.vue';
import { texts } from '#words/screens/dash';

/** What was done to the car lately, and at which corner. */
defineProps<{
  history: readonly ObservationOf<'history'>[];
  channels: readonly Channel[];
  file: CaseFile | null;
}>();
const emit = defineEmits<{
  add: [event: ObservationOf<'history'>['event'], channel: Channel | null, ago: number | null];
  remove: [id: string];
}>();

const { values } = usePreferences();
const AGES = [
  ['days', 3],
  ['weeks', 20],
  ['months', 90],
  [texts.aYear, 365],
] as const;
/** Events of the whole car have no corner. */
const CAR_EVENTS: readonly string[] = [
  'battery',
  'flat-battery-event',
  'stood-unused',
  'salted-roads',
  'rodents',
  'nothing-known',
];
const chosen = ref<ObservationOf<'history'>['event'] | null>(null);
const corner = ref<Channel | null>(null);
const ago = ref<number | null>(null);
const needsCorner = computed(() => chosen.value !== null && !CAR_EVENTS.includes(chosen.value));
function add(): void {
  if (!chosen.value) return;
  emit('add', chosen.value, needsCorner.value ? corner.value : null, ago.value);
  chosen.value = null;
  corner.value = null;
  ago.value = null;
}
</script>

<template>
  <section>
    <h2>{{ texts.whatWasDoneLately }}</h2>
    <p class="muted">{{ texts.theWheelThatWas }}</p>
    <LatelyTimeline
      v-if="history.length > 0 && file"
      :history="history"
      :vehicle="file.vehicle"
      @remove="(id) => emit('remove', id)"
    />
    <div class="chips">
      <button
        v-for="event in HISTORY_EVENTS"
        :key="event"
        type="button"
        class="tap small"
        :aria-pressed="chosen === event"
        @click="chosen = chosen === event ? null : event"
      >
        {{ HISTORY_NAMES[event] }}
      </button>
    </div>
    <div v-if="chosen" class="more">
      <div v-if="needsCorner" class="chips" role="radiogroup" :aria-label="texts.whichCorner">
        <button
          v-for="channel in channels"
          :key="channel"
          type="button"
          class="tap"
          role="radio"
          :aria-checked="corner === channel"
          @click="corner = corner === channel ? null : channel"
        >
          {{ sayChannel(channel, values.sides, file?.vehicle.steeringSide) }}
        </button>
      </div>
      <div class="chips" role="radiogroup" :aria-label="texts.howLongAgo">
        <button
          v-for="[words, days] in AGES"
          :key="days"
          type="button"
          class="tap"
          role="radio"
          :aria-checked="ago === days"
          @click="ago = ago === days ? null : days"
        >
          {{ texts.ago(words) }}
        </button>
        <button class="tap strong" type="button" @click="add">{{ texts.note(HISTORY_NAMES[chosen] ?? chosen) }}</button>
      </div>
    </div>
  </section>
</template>

<style scoped>
section,
.more {
  display: grid;
  gap: 12px;
}

.more {
  border-left: 6px double var(--ink);
  padding-left: 14px;
}

.small {
  padding: 4px 14px;
  font-weight: 500;
}
</style>
