<script setup lang="ts">
import { computed, ref } from 'vue';
import type { ObservationOf } from '../../../core/casefile/contract';
import { CODE_STATUSES } from '../../../core/casefile/words';
import { CLEAR_NAMES } from '../../../core/report/names';
import CornerCheck from './CornerCheck.vue';
import EraseSequence from './EraseSequence.vue';
import { useCodes } from './useCodes';

type Status = ObservationOf<'code'>['status'];

const codes = useCodes();
const statuses = ref(new Map<string, Status>());
const STATUS_WORDS: Readonly<Record<Status, string>> = {
  current: 'current',
  stored: 'stored',
  pending: 'pending',
  unknown: 'not told',
};
const isBare = computed(() => codes.recorded.value.length === 0 && codes.text.value === '');

function setStatus(code: string, status: Status): void {
  statuses.value = new Map(statuses.value).set(code, status);
}

async function record(): Promise<void> {
  await codes.record(statuses.value);
  statuses.value = new Map();
}

/** Ghosts: erased, and not come back. */
const ghosts = computed(() => new Set(codes.clears.value.flatMap((one) => one.stayed ?? [])));
</script>

<template>
  <div class="codes">
    <section>
      <h1>What does the reader say?</h1>
      <p class="muted">Type codes, or paste the whole screen. Erase nothing yet: record first.</p>
      <el-input
        v-model="codes.text.value"
        type="textarea"
        :rows="3"
        placeholder="C0039-13 current   or the reader's whole screen"
        aria-label="Codes as the reader shows them"
        data-test="codes-text"
      />
      <p v-if="codes.problem.value" class="warning" role="alert">
        This text {{ codes.problem.value }}. Nothing of it was recorded.
      </p>
      <ul v-if="codes.found.value.length > 0" class="rows">
        <li v-for="one in codes.found.value" :key="one.code + one.module" class="code">
          <b class="figure number">{{ one.code }}</b>
          <span class="meaning"
            >{{ codes.meaningOf(codes.asObservation(one)).words
            }}<span class="muted"> · {{ codes.meaningOf(codes.asObservation(one)).whose }}</span></span
          >
          <span class="chips" role="radiogroup" :aria-label="`Status of ${one.code}`">
            <button
              v-for="status in CODE_STATUSES"
              :key="status"
              class="tap small"
              type="button"
              role="radio"
              :aria-checked="(statuses.get(one.code) ?? one.status) === status"
              @click="setStatus(one.code, status)"
            >
              {{ STATUS_WORDS[status] }}
            </button>
          </span>
        </li>
      </ul>
      <div v-if="codes.leftover.value.length > 0" class="told">
        <b>Not understood, kept as typed:</b>
        <p v-for="one in codes.leftover.value.slice(0, 6)" :key="one.line" class="muted">
          line {{ one.line }}: {{ one.text.slice(0, 120) }}
        </p>
      </div>
      <div class="chips">
        <button
          class="tap strong"
          type="button"
          :disabled="codes.found.value.length === 0"
          data-test="record-codes"
          @click="record"
        >
          Record {{ codes.found.value.length || '' }} {{ codes.found.value.length === 1 ? 'code' : 'codes' }}
        </button>
        <button class="tap" type="button" @click="codes.job.observe({ kind: 'no-code', module: 'abs' })">
          Read, no codes
        </button>
        <button class="tap" type="button" @click="codes.job.observe({ kind: 'no-answer', module: 'abs' })">
          Reader cannot reach the brake module
        </button>
      </div>
      <p v-if="isBare" class="told">
        A plain engine-code reader often cannot reach the brake module at all. If it shows nothing of the brakes, say so
        here before money is spent.
      </p>
    </section>
    <section v-if="codes.recorded.value.length > 0">
      <h2>Recorded</h2>
      <ul class="rows" data-test="recorded-codes">
        <li v-for="one in codes.recorded.value" :key="one.id" class="code" :class="{ ghost: ghosts.has(one.code) }">
          <b class="figure number">{{ one.code }}</b>
          <span class="meaning"
            >{{ codes.meaningOf(one).words
            }}<span class="muted">
              · {{ STATUS_WORDS[one.status] }}<template v-if="one.odometer"> · at {{ one.odometer }} km</template
              ><template v-if="codes.meaningOf(one).whose"> · {{ codes.meaningOf(one).whose }}</template
              ><template v-if="ghosts.has(one.code)"> · a ghost: it stayed away</template></span
            ></span
          >
          <button class="tap quiet" type="button" @click="codes.job.withdraw(one.id, true)">Take back</button>
        </li>
      </ul>
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
      <h2>What erasing brought</h2>
      <ul class="rows" data-test="clears">
        <li v-for="one in codes.clears.value" :key="one.id" class="code">
          <b>{{ CLEAR_NAMES[one.result] }}</b><span class="meaning muted"
            >{{ one.returned?.length ? `back: ${one.returned.join(', ')}` : '' }}
            {{ one.stayed?.length ? `away: ${one.stayed.join(', ')}` : '' }}</span
          ><button class="tap quiet" type="button" @click="codes.job.withdraw(one.id, true)">Take back</button>
        </li>
      </ul>
    </section>
  </div>
</template>

<style scoped>
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

.ghost {
  color: var(--muted);
  text-decoration: line-through;
  text-decoration-color: var(--muted);
}

@media (max-width: 700px) {
  .codes {
    padding: 14px 16px 24px;
  }
}
</style>
