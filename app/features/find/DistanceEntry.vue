<script setup lang="ts">
import { computed } from 'vue';
import type { Channel } from '../../../core/casefile/words';
import { ENTRY } from '../../../core/knowledge/limits';
import Keypad from '../../shared/keypad/Keypad.vue';
import { useJob, type NewObservation } from '../../stores/job';
import { useDraft } from '../../stores/useDraft';
import KeepBar from './KeepBar.vue';
import { texts } from '#words/screens/find';

/** A distance by feeler gauge, in millimetres. */
const props = defineProps<{ point: 'air-gap' | 'ring-runout' | 'flange-void'; channel: Channel | null }>();
const emit = defineEmits<{ keep: [found: NewObservation] }>();
const job = useJob();
const text = useDraft(() => `${job.record?.id}.${props.point}.${props.channel}.mm`);
const unit = computed({ get: () => 'mm', set: () => undefined });
const millimetre = computed(() => (text.value === '' ? null : Number(text.value)));
const isRight = computed(
  () => millimetre.value !== null && Number.isFinite(millimetre.value) && millimetre.value <= ENTRY.mostMillimetres,
);

function keep(): void {
  if (millimetre.value === null || !isRight.value) return;
  emit('keep', {
    kind: 'distance',
    point: props.point,
    value: Number((millimetre.value / 1000).toPrecision(6)),
    ...(props.channel ? { channel: props.channel } : {}),
  });
  text.value = '';
}
</script>

<template>
  <section class="entry">
    <p class="reading">
      <span class="figure">{{ text || '–' }}</span> mm
    </p>
    <p v-if="text !== '' && !isRight" class="told" role="alert">{{ texts.betweenNoneAnd(ENTRY.mostMillimetres) }}</p>
    <Keypad v-model:text="text" v-model:unit="unit" :units="['mm']" :has-overload="false" />
    <KeepBar :is-ready="isRight" words="" @keep="keep" />
  </section>
</template>

<style scoped>
.entry {
  display: grid;
  gap: 12px;
  max-width: 460px;
}

.reading {
  font-size: 1.4rem;
}

.reading .figure {
  font-size: 2.4rem;
}
</style>
