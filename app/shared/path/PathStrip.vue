<script setup lang="ts">
import type { Segment } from '../../../core/casefile/words';
import StateMark from '../marks/StateMark.vue';
import { heard } from '../words/heard';
import type { PathPiece } from './pathView';
import { texts } from '#words/shared/path';

/** The path on a phone: marks, short names, and the line itself. */
defineProps<{ pieces: readonly PathPiece[]; selected: Segment | null }>();
const emit = defineEmits<{ select: [segment: Segment] }>();
</script>

<template>
  <ol class="strip" :aria-label="texts.signalPathFromRing">
    <li v-for="piece in pieces" :key="piece.segment" :class="[piece.state, { selected: piece.segment === selected }]">
      <button
        type="button"
        :aria-label="heard(piece.shortName, [`${piece.name}: ${piece.label}`, piece.reason].filter(Boolean).join(', '))"
        :aria-pressed="piece.segment === selected"
        :data-segment="piece.segment"
        :data-state="piece.state"
        @click="emit('select', piece.segment)"
      >
        <StateMark :state="piece.state" />
        <span class="name">{{ piece.shortName }}</span>
        <span class="line" />
      </button>
    </li>
  </ol>
</template>

<style scoped>
.strip {
  list-style: none;
  margin: 0;
  padding: 0;
  display: grid;
  /* Each as wide as its name wants, the rest shared out: German names are of very different lengths. */
  grid-template-columns: repeat(7, minmax(0, auto));
}

button {
  width: 100%;
  min-height: 48px;
  padding: 4px 0 0;
  border: none;
  background: none;
  display: grid;
  justify-items: center;
  align-content: end;
  gap: 1px;
  font-size: 15px;
  color: var(--question);
}

.line {
  width: 100%;
  height: 6px;
  margin-top: 3px;
  background: radial-gradient(circle, var(--question) 38%, transparent 42%) 0 / 8px 6px;
}

.checked-good button {
  color: var(--proved);
}

.checked-good .line {
  background: var(--proved);
}

.cannot-check .line {
  background: linear-gradient(var(--question) 0 2px, transparent 2px 4px, var(--question) 4px);
}

.suspect button {
  color: var(--suspect);
  font-weight: 700;
}

.suspect .line {
  background: repeating-linear-gradient(90deg, var(--suspect) 0 10px, transparent 10px 14px);
}

.at-fault button {
  color: var(--fault);
  font-weight: 700;
}

.at-fault .line {
  background: linear-gradient(90deg, var(--fault) 0 35%, transparent 35% 65%, var(--fault) 65%);
}

.selected .name {
  text-decoration: underline;
  text-decoration-thickness: 2px;
  text-underline-offset: 3px;
}
</style>
