<script setup lang="ts">
import 'element-plus/theme-chalk/el-input.css';
import WhenOpened from '../../shared/WhenOpened.vue';
import { computed, ref } from 'vue';
import type { ObservationOf } from '../../../core/casefile/contract';
import { CLEAR_NAMES } from '../../../core/knowledge/names';
import CornerCheck from './CornerCheck.vue';
import EraseSequence from './EraseSequence.vue';
import FoundCodes from './FoundCodes.vue';
import ReaderHelp from './ReaderHelp.vue';
import RecordedCodes from './RecordedCodes.vue';
import TapAlong from './tapAlong/TapAlong.vue';
import { useCodes } from './useCodes';
import { texts } from '#words/screens/codes';

type Status = ObservationOf<'code'>['status'];

defineProps<{
  /** The codes that a practice car's lamp flashes. */
  lamp?: readonly string[] | null;
}>();
const emit = defineEmits<{ counted: [] }>();
const codes = useCodes();
const statuses = ref(new Map<string, Status>());
const isBare = computed(() => codes.recorded.value.length === 0 && codes.text.value === '');
const isSharedRear = computed(() => codes.job.file?.vehicle.channels.includes('rear-axle') ?? false);
const toRecord = computed(() => {
  const [many, answers] = [codes.found.value.length, codes.modules.value.length];
  if (many === 0 && answers > 0) return texts.record;
  return many > 0 ? texts.recordCodes(many) : texts.recordNone;
});

function setStatus(code: string, status: Status): void {
  statuses.value = new Map(statuses.value).set(code, status);
}

async function recordFlashes(list: readonly string[]): Promise<void> {
  await codes.recordFlashes(list);
  emit('counted');
}

async function record(): Promise<void> {
  await codes.record(statuses.value);
  statuses.value = new Map();
}
</script>

<template>
  <div class="codes">
    <section>
      <h1>{{ texts.whatDoesTheReader }}</h1>
      <p class="muted">{{ texts.typeCodesOrPaste }}</p>
      <div class="el-textarea">
        <textarea
          v-model="codes.text.value"
          class="el-textarea__inner typed"
          rows="3"
          :placeholder="texts.c003913CurrentOr"
          :aria-label="texts.codesAsTheReader"
          data-test="codes-text"
        />
      </div>
      <p v-if="codes.problem.value" class="warning" role="alert">
        {{ texts.thisTextNothingOf(codes.problem.value) }}
      </p>
      <FoundCodes
        :found="codes.found.value"
        :modules="codes.modules.value"
        :advice="codes.advice.value"
        :leftover="codes.leftover.value"
        :statuses="statuses"
        :meaning-of="(one) => codes.meaningOf(codes.asObservation(one))"
        @status="setStatus"
      />
      <div class="chips">
        <button
          class="tap strong"
          type="button"
          :disabled="codes.found.value.length + codes.modules.value.length === 0"
          data-test="record-codes"
          @click="record"
        >
          {{ toRecord }}
        </button>
        <button class="tap" type="button" @click="codes.job.observe({ kind: 'no-code', module: 'abs' })">
          {{ texts.readNoCodes }}
        </button>
        <button class="tap" type="button" @click="codes.job.observe({ kind: 'no-answer', module: 'abs' })">
          {{ texts.readerCannotReachThe }}
        </button>
      </div>
      <p v-if="isBare" class="told">
        {{ texts.aSimpleEngineCode }}
      </p>
      <p v-if="isSharedRear" class="told">
        {{ texts.oneSensorServesBoth }}
      </p>
      <details>
        <summary>{{ texts.theReaderWontConnect }}</summary>
        <WhenOpened><ReaderHelp /></WhenOpened>
      </details>
      <details :open="codes.job.file?.vehicle.channels.length === 0 || Boolean(lamp)" data-test="tap-along">
        <summary>{{ texts.noReaderTapAlong }}</summary>
        <WhenOpened>
          <TapAlong
            v-if="codes.job.record"
            :key="codes.job.record.id"
            :job-id="codes.job.record.id"
            :lamp="lamp ?? null"
            @record="recordFlashes"
          />
        </WhenOpened>
      </details>
    </section>
    <section v-if="codes.recorded.value.length > 0 && codes.job.file">
      <h2>{{ texts.recorded }}</h2>
      <RecordedCodes
        :sorted="codes.sorted.value"
        :vehicle="codes.job.file.vehicle"
        :meaning-of="codes.meaningOf"
        @withdraw="(id) => codes.job.withdraw(id, true)"
        @correct="codes.correct"
        @mean="codes.keepMeaning"
      />
    </section>
    <EraseSequence
      :recorded="codes.recorded.value"
      @result="
        (result, returned, stayed) => codes.job.observe({ kind: 'clear', result, method: 'reader', returned, stayed })
      "
    />
    <CornerCheck
      v-if="codes.job.file"
      :file="codes.job.file"
      @spin="codes.job.observe"
      @again="(id) => codes.job.withdraw(id, true)"
    />
    <section v-if="codes.clears.value.length > 0">
      <h2>{{ texts.whatErasingBrought }}</h2>
      <ul class="rows" data-test="clears">
        <li v-for="code in codes.clears.value" :key="code.id" class="code">
          <b>{{ CLEAR_NAMES[code.result] }}</b><span class="meaning muted"
            >{{ code.returned?.length ? texts.back(code.returned.join(', ')) : '' }}
            {{ code.stayed?.length ? texts.away(code.stayed.join(', ')) : '' }}</span
          ><button class="tap quiet" type="button" @click="codes.job.withdraw(code.id, true)">
            {{ texts.takeBack }}
          </button>
        </li>
      </ul>
    </section>
  </div>
</template>

<style scoped>
/* The library's look without its own measuring at each letter, which takes longer than to read what was typed. */
.typed {
  field-sizing: content;
  min-height: calc(3lh + 12px);
  max-height: calc(9lh + 12px);
}

.codes {
  padding: 20px 26px 30px;
  display: grid;
  gap: 28px;
  max-width: 980px;
}

section {
  display: grid;
  gap: 12px;
}

.code {
  display: flex;
  flex-wrap: wrap;
  gap: 8px 16px;
  align-items: center;
}

.meaning {
  flex: 1 1 240px;
}

summary {
  min-height: var(--target);
  display: flex;
  align-items: center;
  cursor: pointer;
  color: var(--action);
  font-weight: 600;
}

@media (max-width: 700px) {
  .codes {
    padding: 14px 16px 24px;
  }
}
</style>
