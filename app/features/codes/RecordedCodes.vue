<script setup lang="ts">
import { computed, ref } from 'vue';
import type { ObservationOf, OwnMeaning, Vehicle } from '../../../core/casefile/contract';
import type { SortedCode } from '../../../core/codes/roles';
import { showOwn } from '../../../core/quantities/ownUnits';
import { CODE_STATUS_NAMES, MODULE_NAMES } from '../../../core/knowledge/names';
import { usePreferences } from '../../stores/preferences';
import OwnMeaningForm from './OwnMeaning.vue';
import { texts } from '#words/screens/codes';

/** Recorded codes, each where it belongs: causes first, their echoes under them, ghosts and other systems greyed. */
const props = defineProps<{
  sorted: readonly SortedCode[];
  vehicle: Vehicle;
  meaningOf: (code: Code) => { readonly words: string; readonly whose: string };
}>();
const emit = defineEmits<{
  withdraw: [id: string];
  correct: [code: Code];
  mean: [code: string, meaning: OwnMeaning | null];
}>();
type Code = ObservationOf<'code'>;
const { values } = usePreferences();

const asked = ref<string | null>(null);
const ROLE_WORDS = { cause: '', echo: texts.echo, ghost: texts.ghost, parked: texts.parked } as const;

/** Echoes stand under their cause, whatever the order of recording. */
const rows = computed(() => {
  const roots = props.sorted.filter((entry) => entry.under === null);
  return roots.flatMap((root) => [root, ...props.sorted.filter((entry) => entry.under === root.code.id)]);
});
const known = (code: string): OwnMeaning | null => props.vehicle.codeMeanings?.[code] ?? null;

function details(code: Code): string {
  const { whose } = props.meaningOf(code);
  return [
    code.status === 'unknown' ? texts.noStatusGiven : CODE_STATUS_NAMES[code.status],
    code.module ? (MODULE_NAMES[code.module] ?? '') : '',
    code.odometer ? texts.atDistance(showOwn(code.odometer, values.distance)) : '',
    whose,
  ]
    .filter(Boolean)
    .join(' · ');
}

function keep(code: string, meaning: OwnMeaning | null): void {
  emit('mean', code, meaning);
  asked.value = null;
}
</script>

<template>
  <ul class="rows" data-test="recorded-codes">
    <li v-for="{ code, role, because, under } in rows" :key="code.id" class="code" :class="[role, { under }]">
      <b class="figure number">{{ code.code }}</b>
      <span class="meaning"
        ><span class="words">{{ meaningOf(code).words }}</span
        ><span class="muted"> · {{ details(code) }}</span>
        <span v-if="because" class="because">{{ ROLE_WORDS[role] }}: {{ because }}</span>
        <span v-if="code.note" class="because"> {{ texts.itIsNoted(code.note) }}</span></span
      >
      <span class="acts">
        <button
          class="tap quiet"
          type="button"
          :data-test="`mean-${code.code}`"
          @click="asked = asked === code.id ? null : code.id"
        >
          {{ known(code.code) ? texts.yourMeaning : texts.sayWhatItMeans }}
        </button>
        <button class="tap quiet" type="button" @click="emit('correct', code)">{{ texts.correct }}</button>
        <button class="tap quiet" type="button" @click="emit('withdraw', code.id)">{{ texts.takeBack }}</button>
      </span>
      <OwnMeaningForm
        v-if="asked === code.id"
        :code="code.code"
        :known="known(code.code)"
        :vehicle="vehicle"
        @keep="(meaning) => keep(code.code, meaning)"
        @close="asked = null"
      />
    </li>
  </ul>
</template>

<style scoped>
.code {
  display: flex;
  flex-wrap: wrap;
  gap: 6px 16px;
  align-items: center;
}

.number {
  font-size: 1.1rem;
  min-width: 96px;
}

.meaning {
  flex: 1 1 240px;
}

.because {
  display: block;
  color: var(--muted);
  font-size: 0.9rem;
}

.acts {
  display: flex;
  flex-wrap: wrap;
}

.under {
  margin-left: 26px;
  border-left: 3px dotted var(--question);
  padding-left: 14px;
}

.echo .number,
.echo .words,
.parked .number,
.parked .words,
.ghost .number,
.ghost .words {
  color: var(--muted);
  font-weight: 500;
}

.ghost .number,
.ghost .words {
  text-decoration: line-through;
}
</style>
