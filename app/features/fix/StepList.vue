<script setup lang="ts">
import type { Guide } from '../../../core/guide/compose';
import StateMark from '../../shared/marks/StateMark.vue';
import { PHASE_NAMES } from './useFix';
import { texts } from '#words/screens/fix';

/** All steps by phase; any can be opened. */
defineProps<{ guide: Guide | null; current: string | null }>();
const emit = defineEmits<{ open: [id: string] }>();
</script>

<template>
  <nav class="list" :aria-label="texts.steps">
    <template v-for="phase in guide?.phases ?? []" :key="phase.phase">
      <h2 class="overline">{{ PHASE_NAMES[phase.phase] }}</h2>
      <button
        v-for="step in phase.steps"
        :key="step.id"
        type="button"
        :class="{ done: step.done, skipped: step.skipped, here: step.id === current }"
        :aria-current="step.id === current ? 'step' : undefined"
        @click="emit('open', step.id)"
      >
        <StateMark v-if="step.done" state="checked-good" />{{ step.text }}
      </button>
    </template>
  </nav>
</template>

<style scoped>
.list {
  padding: 16px 0 20px;
}

h2 {
  padding: 8px 18px 2px;
}

button {
  display: block;
  width: 100%;
  min-height: 40px;
  padding: 5px 18px;
  text-align: left;
  background: none;
  border: none;
  border-left: 5px solid transparent;
  color: var(--muted);
  cursor: pointer;
  line-height: 1.3;
}

.mark {
  margin-right: 6px;
}

.done {
  color: var(--proved);
}

.skipped {
  text-decoration: line-through;
}

.here {
  color: var(--ink);
  font-weight: 700;
  border-left-color: var(--ink);
}
</style>
