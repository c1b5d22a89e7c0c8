<script setup lang="ts">
import { ref } from 'vue';
import { useRecordings, type Side } from './useRecordings';
import { texts } from '#words/screens/log';

/** Opening a recording: chosen or dropped, read in a worker, with its progress and a way to stop. */
const props = defineProps<{ side: Side; words: string }>();
const recordings = useRecordings();
const chooser = ref<HTMLInputElement | null>(null);

function open(file: File | undefined): void {
  if (file) void recordings.open(file, file.name, props.side);
}

defineExpose({ choose: () => chooser.value?.click() });

function chosen(event: Event): void {
  const input = event.target as HTMLInputElement;
  const file = input.files?.[0];
  open(file);
  input.value = '';
}
</script>

<template>
  <div class="files" @dragover.prevent @drop.prevent="open($event.dataTransfer?.files[0])">
    <input
      ref="chooser"
      class="only-read"
      type="file"
      accept=".csv,.txt,text/csv"
      tabindex="-1"
      :aria-label="words"
      data-test="log-file"
      @change="chosen"
    />
    <div v-if="recordings.share !== null" class="acts" role="status">
      <progress :value="recordings.share" max="1" />
      <span>{{ texts.reading(Math.round(100 * recordings.share)) }}</span>
      <button type="button" class="tap" @click="recordings.cancel()">{{ texts.cancel }}</button>
    </div>
    <button v-else type="button" class="tap" data-test="log-open" @click="chooser?.click()">{{ words }}</button>
  </div>
</template>

<style scoped>
.acts {
  display: flex;
  flex-wrap: wrap;
  gap: 12px;
  align-items: center;
}
</style>
