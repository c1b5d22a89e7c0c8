<script setup lang="ts">
import { useIntervalFn } from '@vueuse/core';
import { ref } from 'vue';
import { BULB_CHECK_SECONDS } from '../../../core/report/lampWords';
import { texts } from '#words/screens/dash';

/** Tells the bulb check from a fault: every lamp lights at key-on; what is still lit after a few seconds counts. */
const left = ref<number | null>(null);
const { pause, resume } = useIntervalFn(
  () => {
    left.value = Math.max(0, (left.value ?? 0) - 1);
    if (left.value === 0) pause();
  },
  1000,
  { immediate: false },
);

function start(): void {
  left.value = BULB_CHECK_SECONDS;
  resume();
}
</script>

<template>
  <div class="check">
    <button class="tap" type="button" @click="start">{{ texts.iTurnTheKey }}</button>
    <p v-if="left === null" class="muted">
      {{ texts.atKeyOnEvery }}
    </p>
    <p v-else-if="left > 0" role="timer">
      <b class="figure">{{ left }}</b> {{ texts.bulbCheckTouchNothing }}
    </p>
    <p v-else role="status">
      <b>{{ texts.nowTapWhatIs }}</b> {{ texts.engineOffCarStanding }}
    </p>
  </div>
</template>

<style scoped>
.check {
  display: flex;
  flex-wrap: wrap;
  align-items: center;
  gap: 10px 16px;
}

.check p {
  flex: 1 1 260px;
}

b.figure {
  font-size: 1.6rem;
  margin-right: 8px;
}
</style>
