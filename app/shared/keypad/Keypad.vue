<script setup lang="ts">
import { useEventListener } from '@vueuse/core';
import { texts } from '#words/shared/keypad';

/** Entry made for gloves: big keys, units of the quantity asked for, OL, and delete. */
const props = defineProps<{ units: readonly string[]; hasOverload: boolean }>();
const emit = defineEmits<{ enter: [] }>();
const text = defineModel<string>('text', { required: true });
const unit = defineModel<string>('unit', { required: true });

const ROWS = [
  ['7', '8', '9'],
  ['4', '5', '6'],
  ['1', '2', '3'],
] as const;
const LONGEST = 9;

function press(key: string): void {
  const before = text.value === 'OL' ? '' : text.value;
  if ((key === '.' && before.includes('.')) || before.length >= LONGEST) return;
  text.value = before + key;
}

function erase(): void {
  text.value = text.value === 'OL' ? '' : text.value.slice(0, -1);
}

/** On a desk the figures are typed: they go to the reading, and not to the stages' keys. */
function onKey(event: KeyboardEvent): void {
  if (event.ctrlKey || event.metaKey || event.altKey) return;
  if (event.target instanceof Element && event.target.closest('input, textarea, select, [role="dialog"]')) return;
  const key = event.key === ',' ? '.' : event.key;
  if (/^[0-9.]$/.test(key)) press(key);
  else if (key === 'Backspace') erase();
  else if (key === 'Enter' && !(event.target instanceof HTMLButtonElement)) emit('enter');
  else return;
  event.preventDefault();
  event.stopPropagation();
}
useEventListener(window, 'keydown', onKey, { capture: true });

function unitAt(row: number): string | undefined {
  return props.units[row];
}
</script>

<template>
  <div class="keypad">
    <template v-for="(row, index) in ROWS" :key="index">
      <button v-for="key in row" :key="key" type="button" class="tap key" @click="press(key)">{{ key }}</button>
      <button v-if="index === 0" type="button" class="tap key" :aria-label="texts.deleteWords" @click="erase()">
        <svg viewBox="0 0 28 20" aria-hidden="true"><path d="M9 2h17v16H9L2 10zM13 6l8 8M21 6l-8 8" /></svg>
      </button>
      <button
        v-else-if="unitAt(index - 1)"
        type="button"
        class="tap key unit"
        :aria-pressed="unit === unitAt(index - 1)"
        @click="unit = unitAt(index - 1) ?? unit"
      >
        {{ unitAt(index - 1) }}
      </button>
      <span v-else />
    </template>
    <button type="button" class="tap key" @click="press('0')">0</button>
    <button type="button" class="tap key" @click="press('.')">.</button>
    <button
      v-if="hasOverload"
      type="button"
      class="tap key"
      :aria-pressed="text === 'OL'"
      @click="text = text === 'OL' ? '' : 'OL'"
    >
      {{ texts.ol }}
    </button>
    <span v-else />
    <button
      v-if="unitAt(2)"
      type="button"
      class="tap key unit"
      :aria-pressed="unit === unitAt(2)"
      @click="unit = unitAt(2) ?? unit"
    >
      {{ unitAt(2) }}
    </button>
  </div>
</template>

<style scoped>
.keypad {
  display: grid;
  grid-template-columns: repeat(4, minmax(0, 1fr));
  gap: 8px;
}

.key {
  font: 600 1.15rem var(--mono);
  min-height: max(48px, calc(var(--target) - 4px));
  padding: 0;
}

.unit {
  font-family: var(--text);
}

svg {
  width: 28px;
  fill: none;
  stroke: currentcolor;
  stroke-width: 2;
  stroke-linejoin: round;
  stroke-linecap: round;
}
</style>
