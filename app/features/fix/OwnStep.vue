<script setup lang="ts">
import { ref } from 'vue';
import type { OwnKind } from '../../../core/guide/workState';
import { useDraft } from '../../stores/useDraft';
import type { useFix } from './useFix';
import { texts } from '#words/screens/fix';

/** What the guide did not know of: it takes part in the closing. */
const props = defineProps<{ fix: ReturnType<typeof useFix> }>();
const isOpen = ref(false);
const words = useDraft(() => `${props.fix.job.record?.id}.own-step`);

async function add(kind: OwnKind): Promise<void> {
  if (words.value.trim() === '') return;
  await props.fix.addOwn(kind, words.value.trim());
  words.value = '';
  isOpen.value = false;
}
</script>

<template>
  <button v-if="!isOpen" type="button" class="tap quiet" data-test="own-step" @click="isOpen = true">
    {{ texts.alsoDidSomething }}
  </button>
  <form v-else class="own" @submit.prevent="add('own')">
    <el-input
      v-model="words"
      size="large"
      :placeholder="texts.splashShield"
      :aria-label="texts.whatDidYouDo"
      data-test="own-words"
    />
    <button type="submit" class="tap" data-test="own-off" :disabled="!words.trim()">{{ texts.tookItOff }}</button>
    <button type="button" class="tap" data-test="own-broke" :disabled="!words.trim()" @click="add('broke')">
      {{ texts.brokeIt }}
    </button>
    <button type="button" class="tap quiet" @click="isOpen = false">{{ texts.cancel }}</button>
  </form>
</template>

<style scoped>
.own {
  display: flex;
  flex-wrap: wrap;
  gap: 10px;
  flex: 1 0 100%;
}

.own :deep(.el-input) {
  flex: 1 1 240px;
}
</style>
