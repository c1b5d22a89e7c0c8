<script setup lang="ts">
import { RouterLink } from 'vue-router';
import StateMark from '../marks/StateMark.vue';
import type { PathPiece } from '../path/pathView';
import { texts } from '#words/shared/shell';

/** Header, plan and path in one line, while somebody scrolls or types on a small screen; a tap brings all of it back. */
defineProps<{ vehicle: string; stage: string; where: string; pieces: readonly PathPiece[]; back: string }>();
const emit = defineEmits<{ open: [] }>();
</script>

<template>
  <header class="compact" data-test="compact-head">
    <RouterLink class="back" :to="{ name: back }" :aria-label="texts.backToTheGarage"
      ><svg viewBox="0 0 20 20" aria-hidden="true"><path d="M13 3 5 10l8 7" /></svg
    ></RouterLink>
    <button
      type="button"
      class="open"
      :aria-label="`${vehicle} · ${stage} · ${where}: ${texts.showStagesWheelsAnd}`"
      @click="emit('open')"
    >
      <span class="words"
        ><b>{{ vehicle }}</b> · {{ stage }} · {{ where }}</span
      >
      <span class="path" aria-hidden="true">
        <StateMark v-for="piece in pieces" :key="piece.segment" :class="piece.state" :state="piece.state" />
      </span>
    </button>
  </header>
</template>

<style scoped>
.compact {
  display: flex;
  align-items: stretch;
  min-height: 48px;
  border-bottom: 2px solid var(--ink);
}

.back {
  width: 48px;
  display: grid;
  place-items: center;
  color: var(--ink);
}

.back svg {
  width: 20px;
  fill: none;
  stroke: currentcolor;
  stroke-width: 2.6;
  stroke-linecap: round;
  stroke-linejoin: round;
}

.open {
  flex: 1;
  min-width: 0;
  display: flex;
  align-items: center;
  justify-content: space-between;
  gap: 12px;
  padding: 0 14px 0 0;
  border: none;
  background: none;
  color: var(--ink);
  font-size: 1rem;
  text-align: left;
}

.words {
  min-width: 0;
  overflow: hidden;
  text-overflow: ellipsis;
  white-space: nowrap;
}

.path {
  display: flex;
  flex: none;
  gap: 5px;
}

.checked-good {
  color: var(--proved);
}

.suspect {
  color: var(--suspect);
}

.at-fault {
  color: var(--fault);
}
</style>
