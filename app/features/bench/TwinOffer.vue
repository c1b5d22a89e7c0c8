<script setup lang="ts">
import { useRouter } from 'vue-router';
import { useJob } from '../../stores/job';
import { usePracticeJobs } from '../../stores/practiceJobs';
import { texts } from '#words/screens/bench';

/** From any job: the stand-in reader and meter on a car like this one, so that nothing made up gets into the real job. */
const job = useJob();
const { startTwin } = usePracticeJobs();
const router = useRouter();

async function start(): Promise<void> {
  if (!job.file) return;
  const likely = (job.assessment?.ranking ?? []).flatMap(({ fault, channel, probability }) =>
    fault === 'none' ? [] : [{ channel, fault, probability }],
  );
  const id = await startTwin(job.file.vehicle, likely.slice(0, 20));
  await router.push({ name: 'bench', params: { job: id } });
}
</script>

<template>
  <section v-if="job.file" class="twin">
    <h2>{{ texts.noReaderOrMeter }}</h2>
    <p class="muted">
      {{ texts.practiseWithAPretend }}
    </p>
    <button class="tap" type="button" data-test="start-twin" @click="start">{{ texts.practiseOnACar }}</button>
  </section>
</template>

<style scoped>
.twin {
  display: grid;
  gap: 10px;
  justify-items: start;
}
</style>
