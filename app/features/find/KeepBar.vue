<script setup lang="ts">
import { texts } from '#words/screens/find';
/** The foot of a check sheet: what the reading says, and keeping it. */
defineProps<{ isReady: boolean; words: string; asks?: string }>();
const emit = defineEmits<{ keep: [] }>();
</script>

<template>
  <Teleport defer to="#own-bar">
    <footer class="bar">
      <p>{{ isReady ? words : asks || texts.typeWhatTheDisplay }}</p>
      <button type="button" :disabled="!isReady" data-test="keep" @click="emit('keep')">
        {{ texts.keepThisReading }}
      </button>
    </footer>
  </Teleport>
</template>

<style scoped>
.bar {
  background: var(--bar);
  color: var(--bar-text);
  display: flex;
  justify-content: space-between;
  align-items: center;
  gap: 16px;
  padding: 12px 24px calc(12px + env(safe-area-inset-bottom));
  font-size: 1.05rem;
}

button {
  min-height: 60px;
  border: none;
  border-radius: 10px;
  padding: 8px 28px;
  background: var(--bar-action);
  color: var(--bar-action-text);
  font-size: 1.15rem;
  font-weight: 650;
  cursor: pointer;
}

button:disabled {
  opacity: 0.5;
  cursor: not-allowed;
}

@media (max-width: 700px) {
  .bar {
    display: grid;
    gap: 6px;
    justify-content: stretch;
    padding: 8px 16px calc(10px + env(safe-area-inset-bottom));
  }
}
</style>
