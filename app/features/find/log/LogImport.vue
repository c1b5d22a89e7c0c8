<script setup lang="ts">
import { computed, ref, shallowRef } from 'vue';
import type { Channel } from '../../../../core/casefile/words';
import { sayChannel } from '../../../../core/vehicle/sides';
import { tellWithUndo } from '../../../shared/tell';
import { useJob } from '../../../stores/job';
import { usePorts } from '../../../stores/ports';
import { usePreferences } from '../../../stores/preferences';
import type { LogAnswer } from '../../../workers/readLogBlob';
import LogChart from './LogChart.vue';
import { sentenceOf } from './logView';
import { texts } from '#words/screens/log';

/** A recording of the four speeds: read in a worker, told in words and drawn, one tap from being evidence. */
const emit = defineEmits<{ kept: [] }>();
const job = useJob();
const { logs } = usePorts();
const { values } = usePreferences();
const chooser = ref<HTMLInputElement | null>(null);
const share = ref<number | null>(null);
const answer = shallowRef<LogAnswer | null>(null);
let over: AbortController | null = null;

const say = (channel: Channel): string => sayChannel(channel, values.sides, job.file?.vehicle.steeringSide);
const lines = computed(() =>
  (answer.value?.report?.findings ?? []).map((finding) => ({
    key: `${finding.channel}${finding.finding}${finding.rhythm ?? ''}`,
    words: sentenceOf(finding, say(finding.channel), values.distance),
    sure: texts.confidence(Math.round(100 * finding.confidence)),
  })),
);
const summary = computed(() =>
  answer.value?.report
    ? texts.summary(answer.value.rows, Math.round(answer.value.seconds), answer.value.report.samplesPerSecond)
    : '',
);
const isAssumed = computed(() =>
  Object.entries(answer.value?.columns ?? {}).some(
    ([column, { unit }]) => column !== 'time' && unit.startsWith('assumed'),
  ),
);
const told = computed(() => lines.value.map(({ words }) => words).join(' ') || texts.nothingFound);

async function read(event: Event): Promise<void> {
  const input = event.target as HTMLInputElement;
  const file = input.files?.[0];
  input.value = '';
  if (!file) return;
  over?.abort();
  over = new AbortController();
  const { signal } = over;
  [share.value, answer.value] = [0, null];
  const read = await logs.read(file, (part) => (share.value = part), signal);
  if (signal.aborted) return;
  [share.value, answer.value] = [null, read];
}

function cancel(): void {
  over?.abort();
  share.value = null;
}

async function record(): Promise<void> {
  const observations = (answer.value?.observations ?? []).map(({ id: _, ...observation }) => observation);
  const ids = await job.observe(...observations);
  void tellWithUndo(texts.recorded, texts.takeBack, () => void job.dispatch({ do: 'withdraw', ids, withdrawn: true }));
  emit('kept');
}
</script>

<template>
  <section class="log" data-test="log">
    <h2>{{ texts.title }}</h2>
    <p class="muted">{{ texts.intro }}</p>
    <input
      ref="chooser"
      class="only-read"
      type="file"
      accept=".csv,.txt,text/csv"
      tabindex="-1"
      data-test="log-file"
      @change="read"
    />
    <div v-if="share !== null" class="acts" role="status">
      <progress :value="share" max="1" />
      <span>{{ texts.reading(Math.round(100 * share)) }}</span>
      <button type="button" class="tap" @click="cancel">{{ texts.cancel }}</button>
    </div>
    <button v-else type="button" class="tap" data-test="log-open" @click="chooser?.click()">{{ texts.choose }}</button>
    <template v-if="answer">
      <p v-if="!answer.report" class="told" role="alert">
        {{ texts.notRead(answer.problems[0]?.message ?? '') }}
      </p>
      <template v-else>
        <p class="muted">{{ summary }}</p>
        <ul v-if="lines.length > 0" class="rows" data-test="log-findings">
          <li v-for="line in lines" :key="line.key">
            <b>{{ line.words }}</b> <span class="muted">{{ line.sure }}</span>
          </li>
        </ul>
        <p v-else>
          <b>{{ texts.nothingFound }}</b>
        </p>
        <p v-for="limit in answer.report.limits" :key="limit" class="told">{{ limit }}</p>
        <p v-if="isAssumed" class="told">{{ texts.assumedUnit }}</p>
        <p v-for="problem in answer.problems.slice(0, 5)" :key="problem.line" class="muted">
          {{ texts.lineTrouble(problem.line, problem.message) }}
        </p>
        <LogChart
          v-if="answer.curves"
          :curves="answer.curves"
          :findings="answer.report.findings"
          :say="say"
          :alternative="texts.chartAlternative(told)"
        />
        <button
          v-if="answer.observations.length > 0"
          type="button"
          class="tap strong"
          data-test="log-record"
          @click="record"
        >
          {{ texts.record(answer.observations.length) }}
        </button>
      </template>
    </template>
  </section>
</template>

<style scoped>
.log {
  display: grid;
  gap: 10px;
  justify-items: start;
  padding-top: 18px;
  border-top: 1px solid var(--line);
}

.log > * {
  max-width: 100%;
}

.chart,
.rows {
  width: 100%;
}

.acts {
  display: flex;
  flex-wrap: wrap;
  gap: 12px;
  align-items: center;
}

.rows li {
  padding: 8px 0;
}
</style>
