<script setup lang="ts">
import { fixed } from '../../../../core/words/figures';
import { computed, ref } from 'vue';
import type { Channel } from '../../../../core/casefile/words';
import { spinOf, type Way } from '../../../../core/livelog/spin';
import type { Watched } from '../../../../core/livelog/watching';
import { USUAL_TURN_M } from '../../../../core/livelog/perTurn';
import type { NewObservation } from '../../../stores/job';
import { texts } from '#words/screens/watch';

/** Which name answers while one wheel is spun, forwards and back, and how slow it still answers. */
const props = defineProps<{ watched: Watched; channel: Channel; isOn: boolean; say: (channel: Channel) => string }>();
const emit = defineEmits<{ next: []; keep: [observation: NewObservation] }>();
const begun = ref<number | null>(null);
const ways = ref<readonly Way[]>([]);
const lowest = ref<number | null>(null);
const isKept = ref(false);
const now = computed(() => props.watched.moments.at(-1)?.second ?? 0);
const spun = computed(() => spinOf(props.watched, props.channel, begun.value, lowest.value));
const words = computed(() => {
  const { own, other, isSilent } = spun.value;
  if (own) return texts.itAnswers(fixed(own.highest, 1), fixed(own.highest / 3.6 / USUAL_TURN_M, 1));
  if (other) return texts.anotherAnswers(props.say(other));
  return isSilent ? texts.staysAtZero : texts.nothing;
});

function spin(): void {
  if (!props.isOn) return;
  if (begun.value === null) {
    begun.value = now.value;
    return;
  }
  const { own } = spun.value;
  if (own) {
    ways.value = ways.value.length === 0 ? ['forwards'] : ['forwards', 'backwards'];
    lowest.value = Math.min(lowest.value ?? Infinity, own.lowest);
  }
  begun.value = null;
}

const observation = computed<NewObservation | null>(() => {
  const { finding, speed, other } = spun.value;
  if (!finding) return null;
  return {
    kind: 'live',
    while: 'hand-spin',
    channel: props.channel,
    finding,
    ...(finding === 'cuts-in-late' ? { speed } : {}),
    ...(other ? { shownAs: props.say(other) } : {}),
  };
});

function keep(): void {
  if (!observation.value) return;
  emit('keep', observation.value);
  isKept.value = true;
}
defineExpose({ spin });
</script>

<template>
  <div class="panel">
    <h2>{{ texts.spinTitle(say(channel)) }}</h2>
    <p class="told" aria-live="polite" data-test="spin-words">{{ words }}</p>
    <dl>
      <div v-for="way in ['forwards', 'backwards'] as const" :key="way">
        <dt>{{ texts[way] }}</dt>
        <dd>{{ ways.includes(way) ? '✓' : '·' }}</dd>
      </div>
      <div>
        <dt>{{ texts.lowest }}</dt>
        <dd>{{ lowest === null ? '·' : texts.lowestOf(fixed(lowest, 1)) }}</dd>
      </div>
    </dl>
    <button type="button" class="tap strong spin" :disabled="!isOn" data-test="spin" @click="spin">
      {{ begun === null ? texts.spinning(say(channel)) : texts.done }}
    </button>
    <button type="button" class="tap" :disabled="!observation || isKept" data-test="spin-keep" @click="keep">
      {{ isKept ? texts.kept : texts.keepSpin }}
    </button>
    <button type="button" class="tap quiet" data-test="spin-next" @click="emit('next')">{{ texts.next }}</button>
    <p class="warning">{{ texts.beforeSpin }}</p>
  </div>
</template>

<style scoped>
.panel {
  display: grid;
  gap: 12px;
  align-content: start;
}

.spin {
  min-height: 64px;
}

dl {
  margin: 0;
  display: grid;
  grid-template-columns: repeat(3, minmax(0, 1fr));
  gap: 8px;
  border-block: 1px solid var(--line);
  padding: 8px 0;
}

dd {
  margin: 0;
  font-weight: 700;
  font-size: 1.2rem;
}
</style>
