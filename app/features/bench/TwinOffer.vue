<script setup lang="ts">
import { useRouter } from 'vue-router';
import { useJob } from '../../stores/job';
import { usePracticeJobs } from '../../stores/practiceJobs';

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
    <h2>No reader or meter at hand?</h2>
    <p class="muted">
      Practise with a pretend reader and meter on a car like this one. Its hidden fault is one of those suspected here.
      This job stays as it is.
    </p>
    <button class="tap" type="button" data-test="start-twin" @click="start">Practise on a car like this</button>
  </section>
</template>

<style scoped>
.twin {
  display: grid;
  gap: 10px;
  justify-items: start;
}
</style>
