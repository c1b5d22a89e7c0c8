<script setup lang="ts">
import { RESULTS, type RungResult } from '../../../core/knowledge/guide/rung';

/** What came of a rung: each says where it leads. */
defineProps<{ results: readonly RungResult[] }>();
const emit = defineEmits<{ record: [result: RungResult] }>();
const HARM: readonly RungResult[] = ['broke', 'bolt-sheared'];
</script>

<template>
  <div class="results">
    <button
      v-for="result in results"
      :key="result"
      type="button"
      class="plain result"
      :class="{ harm: HARM.includes(result), good: result === 'out' }"
      :data-test="`rung-${result}`"
      @click="emit('record', result)"
    >
      {{ RESULTS[result].words }}<small>{{ RESULTS[result].then }}</small>
    </button>
  </div>
</template>

<style scoped>
.results {
  display: flex;
  gap: 12px;
}

.result.good {
  border: 2px solid var(--bar-action);
}

.result.harm {
  border-style: dashed;
}

@media (max-width: 700px) {
  .results {
    order: -1;
    flex: 1 0 100%;
    display: grid;
    grid-template-columns: repeat(6, minmax(0, 1fr));
    gap: 8px;
  }

  .result {
    grid-column: span 2;
  }

  .result:nth-child(n + 4) {
    grid-column: span 3;
  }
}
</style>
