<script setup lang="ts">
import type { Segment } from '../../../core/casefile/words';
import StateMark from '../marks/StateMark.vue';
import type { PathPiece } from './pathView';
import SegmentGlyph from './SegmentGlyph.vue';
import { texts } from '#words/shared/path';

/** The seven segments from ring to module in a line; the line through each is drawn by its state. */
defineProps<{ pieces: readonly PathPiece[]; selected: Segment | null }>();
const emit = defineEmits<{ select: [segment: Segment] }>();
</script>

<template>
  <ol class="path" :aria-label="texts.signalPathFromRing">
    <li
      v-for="piece in pieces"
      :key="piece.segment"
      class="piece"
      :class="[piece.state, { selected: piece.segment === selected }]"
    >
      <button
        type="button"
        :aria-pressed="piece.segment === selected"
        :data-segment="piece.segment"
        :data-state="piece.state"
        @click="emit('select', piece.segment)"
      >
        <span class="name">{{ piece.name }}</span>
        <span class="row">
          <span class="line before" />
          <span class="tile"><SegmentGlyph :segment="piece.segment" /></span>
          <span class="line after" />
        </span>
        <span class="label"><StateMark :state="piece.state" />{{ piece.label }}</span>
        <span class="reason">{{ piece.reason }}</span>
        <span class="pointer" />
      </button>
    </li>
  </ol>
</template>

<style scoped>
.path {
  list-style: none;
  margin: 0;
  padding: 0;
  display: grid;
  grid-template-columns: repeat(7, minmax(0, 1fr));
  border-bottom: 2px solid var(--ink);
}

.piece button {
  position: relative;
  width: 100%;
  min-height: var(--target);
  padding: 8px 0 16px;
  border: none;
  background: none;
  display: grid;
  justify-items: center;
  gap: 8px;
  cursor: pointer;
}

.name {
  font-weight: 650;
  font-size: 1.02rem;
}

.row {
  width: 100%;
  display: flex;
  align-items: center;
}

.line {
  flex: 1;
  height: 0;
  border-top: 4px dotted var(--question);
  transition: border-color 200ms;
}

.piece:first-child .before,
.piece:last-child .after {
  visibility: hidden;
}

.tile {
  width: 68px;
  height: 68px;
  padding: 8px;
  flex: none;
  border: 2px dashed var(--question);
  border-radius: 10px;
  background: var(--raised);
  transition:
    background-color 200ms,
    border-color 200ms;
}

.piece:first-child .tile {
  border-radius: 50%;
}

.label {
  padding: 0 4px;
  font-size: 0.92rem;
  line-height: 1.3;
  text-align: center;
  color: var(--question);
  font-weight: 600;
}

/* Kept free, whatever stands there: nothing below moves when a word changes. */
.reason {
  min-height: 1.3em;
  margin-top: -6px;
  padding: 0 4px;
  font-size: 0.86rem;
  line-height: 1.3;
  text-align: center;
  color: var(--muted);
}

.cannot-check .tile {
  border-style: solid;
  background: repeating-linear-gradient(0deg, var(--line) 0 1px, var(--raised) 1px 6px);
}

.cannot-check .line {
  border-top: 5px double var(--question);
}

.label :deep(svg) {
  margin-right: 4px;
}

.checked-good .tile {
  border: 2.5px solid var(--proved);
}

.checked-good .line {
  border-top: 5px solid var(--proved);
}

.checked-good .label {
  color: var(--proved);
}

.suspect .tile {
  border: 3px solid var(--suspect);
  background: repeating-linear-gradient(135deg, var(--suspect-fill) 0 5px, var(--raised) 5px 10px);
}

.suspect .line {
  border-top: 5px dashed var(--suspect);
}

.suspect .label {
  color: var(--suspect);
  font-weight: 700;
}

.at-fault .tile {
  border: 3.5px solid var(--fault);
  background: var(--fault-fill);
}

/* Broken: the line stops short on both sides. */
.at-fault .line {
  border: none;
  height: 6px;
  background: linear-gradient(90deg, var(--fault) 0 36%, transparent 36% 100%);
}

.at-fault .line.after {
  transform: scaleX(-1);
}

.at-fault .label {
  color: var(--fault);
  font-weight: 700;
}

.pointer {
  position: absolute;
  bottom: -2px;
  width: 0;
  height: 0;
  border: 8px solid transparent;
  border-bottom: 12px solid transparent;
}

.selected .pointer {
  border-bottom-color: var(--ink);
}

@media (max-width: 1100px) {
  .tile {
    width: 52px;
    height: 52px;
    padding: 5px;
  }
}
</style>
