<script setup lang="ts">
import { reactive, ref } from 'vue';
import { CHANNELS, type Channel } from '../../../core/casefile/words';
import type { Role } from '../../../core/livelog/log';
import type { Mapping, Preview } from '../../../core/livelog/mapping';
import { texts } from '#words/screens/log';

/** What the columns are, said by the owner where the headers do not say it. */
const props = defineProps<{ preview: Preview; say: (channel: Channel) => string }>();
const emit = defineEmits<{ apply: [mapping: Mapping] }>();
type Choice = Role | 'none';
const roles = reactive<Record<string, Choice>>(
  Object.fromEntries(props.preview.headers.map((header, at) => [header, props.preview.guessed[at] ?? 'none'])),
);
const UNITS = ['km/h', 'mph', 'm/s'] as const;
const unit = ref<(typeof UNITS)[number]>('km/h');
const choices: readonly { readonly value: Choice; readonly words: string }[] = [
  { value: 'none', words: texts.columns.none },
  { value: 'time', words: texts.columns.time },
  ...CHANNELS.map((channel) => ({ value: channel, words: props.say(channel) })),
];
const firstOf = (at: number): string => props.preview.rows.map((row) => row[at] ?? '').join(' · ');
const apply = (): void => emit('apply', { roles: { ...roles }, unit: unit.value });
</script>

<template>
  <section class="columns" data-test="log-columns">
    <h2>{{ texts.columns.ask }}</h2>
    <p class="muted">{{ texts.columns.more }}</p>
    <ul>
      <li v-for="(header, at) in preview.headers" :key="`${header}${at}`">
        <label
          ><b>{{ header }}</b
          ><select v-model="roles[header]" class="choice" :data-test="`column-${at}`">
            <option v-for="choice in choices" :key="choice.value" :value="choice.value">{{ choice.words }}</option>
          </select></label
        >
        <span class="muted">{{ texts.columns.first(firstOf(at)) }}</span>
      </li>
    </ul>
    <label class="unit"
      >{{ texts.columns.unit
      }}<select v-model="unit" class="choice" data-test="column-unit">
        <option v-for="entry in UNITS" :key="entry" :value="entry">{{ entry }}</option>
      </select></label
    >
    <button type="button" class="tap strong" data-test="columns-apply" @click="apply">{{ texts.columns.apply }}</button>
  </section>
</template>

<style scoped>
.columns {
  display: grid;
  gap: 10px;
  justify-items: start;
}

ul {
  list-style: none;
  margin: 0;
  padding: 0;
  width: 100%;
}

li {
  display: grid;
  gap: 2px;
  padding: 8px 0;
  border-top: 1px solid var(--line);
}

label {
  display: grid;
  grid-template-columns: minmax(0, 1fr) minmax(0, 1fr);
  gap: 12px;
  align-items: center;
  overflow-wrap: anywhere;
}

.choice {
  min-height: var(--target);
  border: 1.4px solid var(--ink);
  border-radius: var(--radius);
  padding: 0 10px;
  background: var(--raised);
  color: var(--ink);
  font: inherit;
}
</style>
