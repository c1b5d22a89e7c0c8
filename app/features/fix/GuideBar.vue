<script setup lang="ts">
import { texts } from '#words/screens/fix';

/** The guide's own foot: back, a word in the middle, and what moves on. Beside the guide there is nothing to step back from: `canBack` is null there. */
defineProps<{ canBack: boolean | null }>();
const emit = defineEmits<{ back: [] }>();
</script>

<template>
  <footer class="bar">
    <button v-if="canBack !== null" class="plain" type="button" :disabled="!canBack" @click="emit('back')">
      {{ texts.back }}
    </button>
    <div class="middle"><slot /></div>
    <slot name="acts" />
  </footer>
</template>

<style scoped>
.bar {
  background: var(--bar);
  color: var(--bar-text);
  display: flex;
  gap: 12px;
  align-items: center;
  padding: 14px 24px calc(14px + env(safe-area-inset-bottom));
}

.middle {
  flex: 1;
  min-width: 0;
}

.bar :deep(button) {
  min-height: 64px;
  border-radius: 10px;
  padding: 8px 20px;
  cursor: pointer;
  font-weight: 600;
}

.bar :deep(button:disabled) {
  opacity: 0.45;
}

.bar :deep(.plain) {
  background: none;
  color: var(--bar-text);
  border: 1px solid var(--bar-line);
}

.bar :deep(.plain small) {
  display: block;
  color: var(--bar-muted);
  font-weight: 450;
}

.bar :deep(.strong) {
  background: var(--bar-action);
  color: var(--bar-action-text);
  border: none;
  font-size: 1.15rem;
  display: inline-flex;
  gap: 12px;
  align-items: center;
  justify-content: center;
}

.bar :deep(.link) {
  padding: 8px 22px;
  border-radius: 10px;
  text-decoration: none;
  font-weight: 600;
}

.bar :deep(a:not(.link)) {
  color: var(--bar-text);
  min-height: 64px;
  display: inline-flex;
  align-items: center;
}

.bar :deep(.strong.link) {
  color: var(--bar-action-text);
  min-height: 64px;
}

@media (max-width: 700px) {
  .bar {
    flex-wrap: wrap;
    gap: 8px;
    padding: 8px 12px calc(10px + env(safe-area-inset-bottom));
  }

  .middle:empty {
    display: none;
  }

  .middle {
    flex: 0 1 auto;
  }

  .bar :deep(.strong),
  .bar :deep(.plain) {
    flex: 1;
    padding: 6px 12px;
  }

  /* A long word beside back and on has a row of its own. */
  .bar :deep(.alone) {
    flex: 1 0 100%;
    order: -1;
  }
}
</style>
