<script setup lang="ts">
import { computed, ref } from 'vue';
import { JUMPS_AT, type Channel } from '../../../../core/casefile/words';
import { jumpSince, type Watched } from '../../../../core/livelog/watching';
import type { NewObservation } from '../../../stores/job';
import { texts } from '#words/screens/watch';

/** Marks the moment at which a speed jumps while wires are flexed, and asks where the hand was. */
const props = defineProps<{ watched: Watched; channel: Channel; isOn: boolean; say: (channel: Channel) => string }>();
const emit = defineEmits<{ keep: [observation: NewObservation] }>();
const seen = ref(0);
const isKept = ref(false);
const jump = computed(() => jumpSince(props.watched, props.channel, seen.value));
const base = computed(() => ({ kind: 'live' as const, while: 'hand-spin' as const, channel: props.channel }));

function at(place: (typeof JUMPS_AT)[number]): void {
  emit('keep', { ...base.value, finding: 'drops-out', jumpsAt: place });
  seen.value = (props.watched.moments.at(-1)?.second ?? 0) + 1;
  isKept.value = true;
}

function steady(): void {
  emit('keep', { ...base.value, finding: 'follows' });
  isKept.value = true;
}
</script>

<template>
  <div class="panel">
    <h2>{{ texts.wiggleTitle(say(channel)) }}</h2>
    <p class="muted">{{ texts.wiggleHow }}</p>
    <template v-if="jump !== null">
      <p class="told jumped" role="alert" data-test="jumped">{{ texts.jumped }}</p>
      <button
        v-for="place in JUMPS_AT"
        :key="place"
        type="button"
        class="tap"
        :data-test="`hand-${place}`"
        @click="at(place)"
      >
        {{ texts.hands[place] }}
      </button>
    </template>
    <template v-else>
      <p class="muted">{{ isKept ? texts.kept : texts.noJump }}</p>
      <button type="button" class="tap" :disabled="!isOn || isKept" @click="steady">{{ texts.steady }}</button>
    </template>
    <p class="warning">{{ texts.beforeSpin }}</p>
  </div>
</template>

<style scoped>
.panel {
  display: grid;
  gap: 12px;
  align-content: start;
}

.jumped {
  font-size: 1.2rem;
  font-weight: 700;
}
</style>
