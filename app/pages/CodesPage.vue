<script setup lang="ts">
import { computed } from 'vue';
import ReaderPanel from '../features/bench/ReaderPanel.vue';
import CodesSheet from '../features/codes/CodesSheet.vue';
import { useJob } from '../stores/job';
import { practiceOf } from '../stores/practice';

const job = useJob();
const isPractice = computed(() => practiceOf(job.file) !== null);
</script>

<template>
  <ReaderPanel v-if="isPractice" class="stand-in" />
  <CodesSheet />
</template>

<style scoped>
.stand-in {
  padding: 20px 26px 0;
  max-width: 980px;
}
</style>
