<script setup lang="ts">
import { texts } from '#words/screens/fix';
/** The guide's own foot: back, the soak timer, and on. "It moved" is said only by its own button. */
defineProps<{
  canBack: boolean;
  soak: string;
  isLadder: boolean;
  onLadder: boolean;
  isLastRung: boolean;
  isFinished: boolean;
  hasGuide: boolean;
}>();
const emit = defineEmits<{ back: []; done: []; nextRung: []; record: [] }>();
</script>

<template>
  <footer class="bar">
    <button class="plain" type="button" :disabled="!canBack" @click="emit('back')">{{ texts.back }}</button>
    <div class="middle">
      <p v-if="soak">
        <span class="muted">{{ texts.soakTimer }}</span><span class="figure time">{{ soak }}</span
        ><span class="muted">{{ texts.overnightIsBetterYou }}</span>
      </p>
      <slot v-else />
    </div>
    <template v-if="isFinished || !hasGuide">
      <button v-if="isFinished" class="strong" type="button" data-test="record-repair" @click="emit('record')">
        {{ texts.recordTheRepairThen }}
      </button>
    </template>
    <template v-else-if="isLadder">
      <button v-if="!onLadder || !isLastRung" class="plain" type="button" @click="emit('nextRung')">
        {{ onLadder ? texts.stillStuckNextRung : texts.itWillNotMove }}
      </button>
      <button class="strong" type="button" data-test="step-done" @click="emit('done')">
        {{ onLadder ? texts.itMoved : texts.itIsOut }}
      </button>
    </template>
    <button v-else class="strong" type="button" data-test="step-done" @click="emit('done')">
      {{ texts.done }}<kbd>{{ texts.space }}</kbd>
    </button>
  </footer>
</template>

<style scoped>
.bar {
  background: var(--bar);
  color: var(--bar-text);
  display: flex;
  gap: 16px;
  align-items: center;
  padding: 16px 24px calc(16px + env(safe-area-inset-bottom));
}

.middle {
  flex: 1;
  min-width: 0;
}

.middle p {
  display: flex;
  flex-wrap: wrap;
  gap: 2px 12px;
  align-items: baseline;
}

.muted {
  color: var(--bar-muted);
}

.time {
  font-size: 1.5rem;
}

button {
  min-height: 64px;
  border-radius: 10px;
  padding: 8px 22px;
  cursor: pointer;
  font-weight: 600;
}

button:disabled {
  opacity: 0.45;
}

.plain {
  background: none;
  color: var(--bar-text);
  border: 1px solid var(--bar-line);
}

.strong {
  background: var(--bar-action);
  color: var(--bar-action-text);
  border: none;
  font-size: 1.15rem;
  display: inline-flex;
  gap: 12px;
  align-items: center;
}

kbd {
  font: 600 0.75rem var(--mono);
  border: 1.5px solid currentcolor;
  border-radius: 4px;
  padding: 0 5px;
}

:slotted(.leave) {
  color: var(--bar-text);
}

@media (max-width: 700px) {
  .bar {
    flex-wrap: wrap;
    gap: 8px;
    padding: 10px 12px calc(12px + env(safe-area-inset-bottom));
  }

  .middle {
    order: -1;
    flex: 1 0 100%;
  }

  .strong {
    flex: 1;
    justify-content: center;
  }

  kbd {
    display: none;
  }
}
</style>
