<script setup lang="ts">
import { computed, ref } from 'vue';
import type { ObservationOf } from '../../../core/casefile/contract';
import { texts } from '#words/screens/codes';

type Code = ObservationOf<'code'>;
type Result = ObservationOf<'clear'>['result'];

/** Record, erase, see what comes back: three steps that cannot be taken out of order. */
const props = defineProps<{ recorded: readonly Code[] }>();
const emit = defineEmits<{ result: [result: Result, returned: string[], stayed: string[]] }>();

const isErased = ref(false);
const back = ref<readonly string[]>([]);
const names = computed(() => [...new Set(props.recorded.map((entry) => entry.code))]);
const WHEN: readonly (readonly [Result, string])[] = [
  ['returned-at-key-on', texts.cameBackWithThe],
  ['returned-when-moving', texts.cameBackWhenThe],
  ['returned-later', texts.cameBackLater],
];

function toggle(code: string): void {
  back.value = back.value.includes(code) ? back.value.filter((entry) => entry !== code) : [...back.value, code];
}

function settle(result: Result): void {
  const returned =
    result === 'stayed-clear' || result === 'refused'
      ? []
      : back.value.length > 0
        ? [...back.value]
        : names.value.length === 1
          ? names.value
          : [];
  const stayed = result === 'refused' ? [] : names.value.filter((name) => !returned.includes(name));
  emit('result', result, returned, result === 'stayed-clear' || returned.length > 0 ? stayed : []);
  isErased.value = false;
  back.value = [];
}
</script>

<template>
  <section class="erase">
    <h2>{{ texts.recordEraseSeeWhat }}</h2>
    <ol class="steps">
      <li :class="{ done: recorded.length > 0 }">
        <p>
          <b>{{ texts.n1Record }}</b>
          {{ recorded.length > 0 ? texts.codesAreRecorded(recorded.length) : texts.nothingIsRecordedYet }}
        </p>
      </li>
      <li :class="{ done: isErased }">
        <p>
          <b>{{ texts.n2EraseWithThe }}</b> {{ texts.thenKeyOffTen }}
        </p>
        <div v-if="recorded.length > 0 && !isErased" class="chips">
          <button class="tap" type="button" data-test="erased" @click="isErased = true">
            {{ texts.erasedKeyIsOn }}
          </button>
          <button class="tap quiet" type="button" @click="settle('refused')">{{ texts.itWouldNotErase }}</button>
        </div>
      </li>
      <li>
        <p>
          <b>{{ texts.n3ReadAgain }}</b> {{ texts.ifACodeComes }}
        </p>
        <div v-if="isErased" class="answer">
          <p v-if="names.length > 1">
            {{ texts.whichCameBack }} <span class="muted">{{ texts.allOthersDidNot }}</span>
          </p>
          <div v-if="names.length > 1" class="chips">
            <button
              v-for="code in names"
              :key="code"
              type="button"
              class="tap figure"
              :aria-pressed="back.includes(code)"
              @click="toggle(code)"
            >
              {{ code }}
            </button>
          </div>
          <div class="chips">
            <button
              v-for="[result, words] in WHEN"
              :key="result"
              class="tap"
              type="button"
              :disabled="names.length > 1 && back.length === 0"
              :data-test="result"
              @click="settle(result)"
            >
              {{ words }}
            </button>
            <button
              class="tap"
              type="button"
              :disabled="back.length > 0"
              data-test="stayed-clear"
              @click="settle('stayed-clear')"
            >
              {{ texts.nothingCameBack }}
            </button>
          </div>
        </div>
      </li>
    </ol>
  </section>
</template>

<style scoped>
.erase,
.answer {
  display: grid;
  gap: 12px;
}

.steps {
  list-style: none;
  margin: 0;
  padding: 0;
  border-top: 1px solid var(--line);
}

.steps li {
  padding: 12px 0 12px 18px;
  border-bottom: 1px solid var(--line);
  border-left: 6px solid var(--line);
  display: grid;
  gap: 10px;
}

.steps li.done {
  border-left-color: var(--proved);
}
</style>
