<script setup lang="ts">
import type { ObservationOf } from '../../../core/casefile/contract';
import { CODE_STATUSES } from '../../../core/casefile/words';
import type { FoundCode, ReaderText } from '../../../core/codes/readerText/readReaderText';
import { showOwn } from '../../../core/quantities/ownUnits';
import { CODE_STATUS_NAMES, MODULE_NAMES } from '../../../core/knowledge/names';
import { usePreferences } from '../../stores/preferences';
import { texts } from '#words/screens/codes';

/** What was understood of the text, as it is typed; what was not stands beside it. */
defineProps<{
  found: readonly FoundCode[];
  modules: ReaderText['modules'];
  advice: ReaderText['advice'];
  leftover: ReaderText['leftover'];
  statuses: ReadonlyMap<string, Status>;
  meaningOf: (foundCode: FoundCode) => { readonly words: string; readonly whose: string };
}>();
const emit = defineEmits<{ status: [code: string, status: Status] }>();
type Status = ObservationOf<'code'>['status'];
const { values } = usePreferences();

const ANSWERS = { 'no-code': texts.hasNoCodes, 'no-answer': texts.didNotAnswer } as const;
</script>

<template>
  <div class="found">
    <ul v-if="found.length + modules.length > 0" class="rows" data-test="found-codes">
      <li v-for="entry in found" :key="entry.code + entry.module" class="code">
        <b class="figure number">{{ entry.code }}</b>
        <span class="meaning"
          >{{ meaningOf(entry).words }}<span class="muted"> · {{ meaningOf(entry).whose }}</span
          ><span v-if="entry.module && entry.module !== 'abs'" class="muted"> · {{ MODULE_NAMES[entry.module] }}</span>
          <span v-if="entry.odometer !== null" class="muted">{{
            ` ${texts.atDistanceToo(showOwn(entry.odometer, values.distance))}`
          }}</span></span
        >
        <span class="chips" role="radiogroup" :aria-label="texts.statusOf(entry.code)">
          <button
            v-for="status in CODE_STATUSES"
            :key="status"
            class="tap small"
            type="button"
            role="radio"
            :aria-checked="(statuses.get(entry.code) ?? entry.status) === status"
            @click="emit('status', entry.code, status)"
          >
            {{ CODE_STATUS_NAMES[status] }}
          </button>
        </span>
      </li>
      <li v-for="module in modules" :key="module.module">
        <b>{{ MODULE_NAMES[module.module] }}</b> {{ ANSWERS[module.answer] }}
      </li>
    </ul>
    <p v-for="entry in advice" :key="entry.line" class="told">
      “{{ entry.text.slice(0, 160) }}”
      <span class="muted">{{ texts.yourReadersAdviceIs }}</span>
    </p>
    <div v-if="leftover.length > 0" class="told" data-test="leftover">
      <b>{{ texts.zelfDoesNotUnderstand }}</b>
      <p v-for="entry in leftover.slice(0, 6)" :key="entry.line" class="muted">
        {{ texts.line(entry.line, entry.text.slice(0, 120)) }}
      </p>
      <p v-if="leftover.length > 6" class="muted">{{ texts.andLinesMore(leftover.length - 6) }}</p>
    </div>
  </div>
</template>

<style scoped>
.found {
  display: grid;
  gap: 12px;
}

.code {
  display: flex;
  flex-wrap: wrap;
  gap: 8px 16px;
  align-items: center;
}

.number {
  font-size: 1.1rem;
  min-width: 96px;
}

.meaning {
  flex: 1 1 240px;
}

.small {
  padding: 4px 12px;
  font-weight: 500;
}
</style>
