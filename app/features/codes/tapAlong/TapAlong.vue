<script setup lang="ts">
import { computed, ref } from 'vue';
import { FLASH_CODE_CAUTIONS, FLASH_CODE_STEPS } from '../../../../core/codes/readerHelp';
import type { Flash } from '../../../../core/codes/rhythm/flash';
import { flashesOf } from '../../../../core/codes/rhythm/practiceLamp';
import TapPad from './TapPad.vue';
import { useTakes } from './useTakes';
import { texts } from '#words/screens/codes';

/** Flash codes without any reader: two takes must agree before a code counts. */
const props = defineProps<{
  jobId: string;
  /** The codes that the lamp of a practice car flashes. */
  lamp?: readonly string[] | null;
}>();
const emit = defineEmits<{ record: [codes: readonly string[]] }>();

const takes = useTakes(() => `${props.jobId}.flash-takes`);
const trials = useTakes(() => `${props.jobId}.practice-takes`);
const open = ref<'lamp' | 'practice' | null>(null);
const chosen = ref('23');
const SCHEMES = [
  ['either', texts.findOut],
  ['counts', texts.aCountADigit],
  ['long-short', texts.longForTensShort],
] as const;
const practiceCodes = computed(() => chosen.value.split(/[^0-9]+/).filter((entry) => /^\d{1,2}$/.test(entry)));
/** What the pad's own lamp flashes: the codes to practise on, or a practice car's, told twice over. */
const practice = computed<readonly Flash[] | null>(() => {
  const scheme = takes.scheme.value === 'long-short' ? 'long-short' : 'counts';
  if (open.value === 'practice') return practiceCodes.value.length > 0 ? flashesOf(practiceCodes.value, scheme) : null;
  return open.value === 'lamp' && props.lamp ? flashesOf([...props.lamp, ...props.lamp], scheme) : null;
});
const practised = computed(() => trials.takes.value.at(-1));
const isPractisedRight = computed(
  () => [...new Set(practised.value?.codes)].join() === [...new Set(practiceCodes.value)].join(),
);
const call = computed(() => {
  const { agreeing } = takes.settled.value;
  const made = takes.takes.value.length;
  if (takes.settled.value.codes) return '';
  if (made === 0) return texts.recordItTwiceA;
  if (made === 1) return texts.oneRecordingDoneNow;
  return agreeing >= 2 ? texts.theyAgreeButThe : texts.theseDifferPleaseRecord;
});

function done(flashes: Flash[]): void {
  (open.value === 'practice' ? trials : takes).add(flashes);
  open.value = null;
}

function record(): void {
  const codes = takes.settled.value.codes;
  if (!codes) return;
  emit('record', codes);
  takes.clear();
}
</script>

<template>
  <div class="along">
    <p class="muted">
      {{ texts.carsWithoutAReaders }}
    </p>
    <p v-if="lamp" class="told" data-test="bridged">
      {{ texts.thisPracticeCarFlashes }}
    </p>
    <details>
      <summary>{{ texts.howToCallThe }}</summary>
      <ol>
        <li v-for="step in FLASH_CODE_STEPS" :key="step">{{ step }}</li>
      </ol>
      <p v-for="caution in FLASH_CODE_CAUTIONS" :key="caution" class="told">{{ caution }}</p>
    </details>
    <div class="chips" role="radiogroup" :aria-label="texts.howTheLampCounts">
      <button
        v-for="[id, words] in SCHEMES"
        :key="id"
        class="tap"
        type="button"
        role="radio"
        :aria-checked="takes.scheme.value === id"
        @click="takes.scheme.value = id"
      >
        {{ words }}
      </button>
    </div>
    <ul v-if="takes.takes.value.length > 0" class="rows" data-test="takes">
      <li v-for="(take, at) in takes.takes.value" :key="at" class="take">
        <span
          >{{ texts.take(at + 1) }} <b class="figure">{{ take.codes.join('  ') || texts.nothingRead }}</b><span
            v-if="take.ignored > 0"
            class="muted"
            >{{ texts.flashesLeftOut(take.ignored) }}</span
          ></span
        >
        <button class="tap quiet" type="button" @click="takes.remove(at)">{{ texts.takeBack }}</button>
      </li>
    </ul>
    <p v-if="takes.settled.value.codes" class="agreed" data-test="flash-agreed">
      {{ texts.takesAgree(takes.settled.value.agreeing) }}
      <b class="figure">{{ takes.settled.value.codes.join('  ') }}</b>
    </p>
    <p v-else class="muted">{{ call }}</p>
    <div class="chips">
      <button
        v-if="takes.settled.value.codes"
        class="tap strong"
        type="button"
        data-test="record-flash"
        @click="record"
      >
        {{ texts.recordList(takes.settled.value.codes.join(', ')) }}
      </button>
      <button
        class="tap"
        :class="{ strong: !takes.settled.value.codes }"
        type="button"
        data-test="start-take"
        @click="open = 'lamp'"
      >
        {{ takes.takes.value.length === 0 ? texts.startTheFirstTake : texts.anotherTake }}
      </button>
    </div>
    <details>
      <summary>{{ texts.practiseOnALamp }}</summary>
      <div class="chips practice">
        <label
          >{{ texts.codes }}
          <el-input v-model="chosen" class="short" inputmode="numeric" :aria-label="texts.codesToFlash"
        /></label>
        <button
          class="tap"
          type="button"
          :disabled="practiceCodes.length === 0"
          data-test="practise"
          @click="open = 'practice'"
        >
          {{ texts.startTheLamp }}
        </button>
        <span v-if="practised" data-test="practised"
          >{{ texts.youTapped }} <b class="figure">{{ practised.codes.join('  ') || texts.nothingTapped }}</b>:
          {{ isPractisedRight ? texts.isRight : texts.notWhatItFlashed }}</span
        >
      </div>
    </details>
    <TapPad v-if="open" :read="takes.read" :practice="practice" @done="done" @close="open = null" />
  </div>
</template>

<style scoped>
.along {
  display: grid;
  gap: 12px;
}

.take {
  display: flex;
  justify-content: space-between;
  align-items: center;
  gap: 12px;
  padding: 2px 0;
}

.agreed {
  border-left: 6px solid var(--proved);
  padding: 4px 0 4px 14px;
  font-size: 1.1rem;
}

.practice {
  align-items: center;
}

.short {
  width: 120px;
}

ol {
  margin: 0 0 10px;
  padding-left: 22px;
  display: grid;
  gap: 6px;
}

summary {
  min-height: var(--target);
  display: flex;
  align-items: center;
  cursor: pointer;
  color: var(--action);
  font-weight: 600;
}
</style>
