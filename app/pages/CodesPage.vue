<script setup lang="ts">
import { computed } from 'vue';
import ReaderPanel from '../features/bench/ReaderPanel.vue';
import TwinOffer from '../features/bench/TwinOffer.vue';
import { usePractice } from '../shared/practice/usePractice';
import CodesSheet from '../features/codes/CodesSheet.vue';

const { practice, flashes, act } = usePractice();
const lamp = computed(() => (practice.value && flashes.value.length > 0 ? flashes.value : null));

/** Counting the flashes of a practice car takes time, as reading them out does. */
function counted(): void {
  if (practice.value) void act({ do: 'count-flashes' });
}
</script>

<template>
  <ReaderPanel v-if="practice" class="stand-in" />
  <CodesSheet :lamp="lamp" @counted="counted" />
  <TwinOffer v-if="!practice" class="offer" />
</template>

<style scoped>
.stand-in {
  padding: 20px 26px 0;
  max-width: 980px;
}

.offer {
  padding: 0 26px 30px;
  max-width: 980px;
}

@media (max-width: 700px) {
  .stand-in,
  .offer {
    padding-left: 16px;
    padding-right: 16px;
  }
}
</style>
