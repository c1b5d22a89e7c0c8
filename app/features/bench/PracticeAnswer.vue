<script setup lang="ts">
import { computed } from 'vue';
import { useRoute, useRouter } from 'vue-router';
import type { Channel } from '../../../core/casefile/words';
import { usePractice } from '../../shared/practice/usePractice';
import { texts } from '#words/screens/bench';

/** On a check's sheet, or a repair's: the practice car does it and answers by itself. */
const props = defineProps<{ what: 'check' | 'repair' }>();
const route = useRoute();
const router = useRouter();
const { job, practice, act } = usePractice();
const name = computed(() => String(route.query[props.what === 'check' ? 'do' : 'repair'] ?? ''));
const channel = computed(() => (String(route.query['at'] ?? '') || null) as Channel | null);
const words = computed(() => (props.what === 'check' ? texts.letThePracticeCar : texts.makeThisRepairOn));

async function answer(): Promise<void> {
  const manner = route.query['while'] === 'wiggle' ? ({ manner: 'wiggle' } as const) : {};
  await act(
    props.what === 'check'
      ? { do: 'check', check: name.value, channel: channel.value, ...manner }
      : { do: 'repair', repair: name.value, channel: channel.value },
  );
  await router.push({ name: props.what === 'check' ? 'find' : 'prove', params: { job: String(route.params['job']) } });
}
</script>

<template>
  <p v-if="practice && name && job.file" class="answer">
    <button class="tap strong" type="button" data-test="practice-answer" @click="answer">{{ words }}</button>
  </p>
</template>

<style scoped>
.answer {
  padding: 16px 26px 0;
}
</style>
