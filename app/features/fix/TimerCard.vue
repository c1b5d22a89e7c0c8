<script setup lang="ts">
import { computed } from 'vue';
import { useJob } from '../../stores/job';
import { useTimer } from '../../shared/timer/useTimer';
import { clockOf } from '../../shared/time';
import { texts } from '#words/screens/fix';

/** A timer that survives a closed page: started when the wait begins, it rings while a page of the job is open. */
const props = defineProps<{ what: string; name: string; minutes: number }>();
const job = useJob();
const timer = useTimer(() => job.record?.id);
const isOwn = computed(() => timer.what.value === props.what);
const rings = computed(() => clockOf(new Date(timer.until.value).toISOString()));
</script>

<template>
  <section class="timer" data-test="timer">
    <h2 class="overline">{{ name }}</h2>
    <template v-if="isOwn">
      <p>
        <span class="figure count">{{ timer.minutesPassed.value }}</span> {{ texts.ofMinutes(timer.minutes.value) }}
      </p>
      <progress :value="timer.share.value" max="1" :aria-label="name" />
      <p v-if="timer.isOver.value" role="status">
        <b>{{ texts.timerIsOver(rings) }}</b>
      </p>
      <p v-else>
        <b>{{ texts.theJobWillWait }}</b> {{ texts.itRingsAt(rings) }}
      </p>
      <button type="button" class="tap quiet" @click="timer.stop()">{{ texts.stopTheTimer }}</button>
    </template>
    <template v-else>
      <p>{{ texts.waitSoLong(minutes) }}</p>
      <button type="button" class="tap strong" data-test="timer-start" @click="timer.start(minutes, what)">
        {{ texts.startTheTimer(minutes) }}
      </button>
    </template>
  </section>
</template>

<style scoped>
.timer {
  display: grid;
  gap: 8px;
  padding: 14px 18px;
  border: 1.6px solid var(--ink);
  border-radius: 10px;
  background: var(--raised);
  max-width: 420px;
}

.timer p {
  margin: 0;
}

.count {
  font-size: 2.6rem;
}

progress {
  width: 100%;
  height: 14px;
  accent-color: var(--action);
}
</style>
