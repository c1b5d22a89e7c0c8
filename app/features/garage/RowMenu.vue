<script setup lang="ts">
import { onClickOutside, onKeyStroke } from '@vueuse/core';
import { ref, useTemplateRef } from 'vue';

/** What is seldom wanted, out of the way: opened by its three dots, closed by a choice, Escape or a tap beside it. */
interface Group {
  readonly title: string;
  readonly entries: readonly { readonly id: string; readonly words: string; readonly isGrave?: boolean }[];
}
defineProps<{ label: string; groups: readonly Group[] }>();
const emit = defineEmits<{ pick: [id: string] }>();
const menu = useTemplateRef<HTMLDetailsElement>('menu');
/** Its entries are made when they are wanted. */
const isOpen = ref(false);
const close = (): void => {
  isOpen.value = false;
};
onClickOutside(menu, close);
onKeyStroke('Escape', close);

function pick(id: string): void {
  close();
  emit('pick', id);
}
</script>

<template>
  <details ref="menu" class="menu" :open="isOpen">
    <summary :aria-label="label" data-test="menu" @click.prevent="isOpen = !isOpen">
      <svg viewBox="0 0 24 24" aria-hidden="true"><path d="M5 12h.01M12 12h.01M19 12h.01" /></svg>
    </summary>
    <div v-if="isOpen" class="entries">
      <template v-for="group in groups" :key="group.title">
        <p v-if="group.title" class="overline">{{ group.title }}</p>
        <button
          v-for="entry in group.entries"
          :key="entry.id"
          type="button"
          :class="{ grave: entry.isGrave }"
          :data-test="`menu-${entry.id}`"
          @click="pick(entry.id)"
        >
          {{ entry.words }}
        </button>
      </template>
    </div>
  </details>
</template>

<style scoped>
.menu {
  position: relative;
}

summary {
  list-style: none;
  width: 48px;
  height: 44px;
  display: grid;
  place-items: center;
  cursor: pointer;
  border-radius: var(--radius);
}

summary::-webkit-details-marker {
  display: none;
}

summary:hover,
.menu[open] summary {
  background: var(--raised);
}

svg {
  width: 26px;
  stroke: var(--ink);
  stroke-width: 3.4;
  stroke-linecap: round;
}

.entries {
  position: absolute;
  right: 0;
  top: 46px;
  z-index: 5;
  min-width: 260px;
  display: grid;
  background: var(--raised);
  border: 1.6px solid var(--ink);
  border-radius: var(--radius);
  padding: 6px;
}

.entries .overline {
  padding: 8px 12px 2px;
  border-top: 1px solid var(--line);
}

.entries button {
  min-height: var(--target);
  padding: 6px 12px;
  text-align: left;
  background: none;
  border: 0;
  border-radius: 6px;
  cursor: pointer;
}

.entries button:hover {
  background: var(--ground);
}

.grave {
  color: var(--fault);
}
</style>
