<script setup lang="ts">
import { computed, shallowRef } from 'vue';
import type { Lesson } from '../../../bench/practice/lesson';
import { foundIn } from '../../../core/ledger/found';
import { ownTimeOf } from '../../../core/ledger/ownTime';
import { faultName } from '../../../core/knowledge/faults';
import { moveSentence } from '../../../core/judgement/sentence';
import { sayDuration } from '../../../core/words/duration';
import { useJob } from '../../stores/job';
import { usePorts } from '../../stores/ports';
import { usePreferences } from '../../stores/preferences';
import { texts } from '#words/screens/ledger';

/** What would have been cheaper: the Bench plays a car like this one, with the fault that it turned out to have. */
const job = useJob();
const { bench } = usePorts();
const { values } = usePreferences();
const found = computed(() => (job.file ? foundIn(job.file) : null));
const lesson = shallowRef<Lesson | null>(null);
const state = shallowRef<'asked' | 'failed' | ''>('');

async function ask(): Promise<void> {
  if (!job.file || !found.value) return;
  state.value = 'asked';
  try {
    lesson.value = await bench.lesson(job.file.vehicle, { fault: found.value.fault, channel: found.value.channel });
    state.value = '';
  } catch {
    state.value = 'failed';
  }
}

const own = computed(() => (job.file ? ownTimeOf(job.file).minutes : 0));
const road = computed(() =>
  (lesson.value?.road ?? []).flatMap(({ move }) =>
    job.file && (move.is === 'check' || move.is === 'repair') ? [moveSentence(move, job.file, values.sides)] : [],
  ),
);
</script>

<template>
  <section v-if="found" class="lesson" data-test="lesson">
    <h3>{{ texts.lesson }}</h3>
    <button v-if="!lesson" type="button" class="tap" :disabled="state === 'asked'" data-test="ask-lesson" @click="ask">
      {{ state === 'asked' ? texts.playing : texts.whatWouldHave }}
    </button>
    <p v-if="state === 'failed'" class="told">{{ texts.cannotPlay }}</p>
    <template v-if="lesson">
      <p>{{ texts.itWas(faultName(found.fault)) }}</p>
      <ol class="rows">
        <li v-for="(move, at) in road" :key="at">{{ move }}</li>
      </ol>
      <p>{{ texts.roadTakes(sayDuration(lesson.minutes), sayDuration(own)) }}</p>
    </template>
  </section>
</template>

<style scoped>
.lesson {
  display: grid;
  gap: 8px;
  justify-items: start;
}

ol {
  width: 100%;
}
</style>
