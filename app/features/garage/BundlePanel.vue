<script setup lang="ts">
import { ref, shallowRef } from 'vue';
import type { Problem } from '../../../core/casefile/problem';
import { intakeOf, type Intake } from '../../storage/intake';
import { tell } from '../../shared/tell';
import { useGarage } from '../../stores/garage';
import { usePorts } from '../../stores/ports';
import { texts } from '#words/shared/bundle';

/** The whole garage as one file, and what such a file would add before any of it is taken in. */
const garage = useGarage();
const { now, files } = usePorts();
const name = ref('');
const intake = shallowRef<Intake | null>(null);
const problem = shallowRef<Problem | null>(null);

async function look(file: File): Promise<void> {
  name.value = file.name;
  intake.value = null;
  const read = await files.unpack(file);
  problem.value = read.ok ? null : (read.problems[0] ?? null);
  if (read.ok) intake.value = intakeOf(read.value, { vehicles: garage.vehicles, jobs: garage.jobs }, now());
}

async function takeIn(): Promise<void> {
  if (intake.value) await garage.takeIn(intake.value);
  intake.value = null;
  void tell(texts.isIn);
}

defineExpose({ look });
</script>

<template>
  <section v-if="problem" class="warning" role="alert" data-test="bundle-refused">
    <p>
      <b>{{ name }}</b> {{ problem.message }} <span class="figure">{{ problem.path }}</span>
    </p>
    <button type="button" class="tap" @click="problem = null">{{ texts.leave }}</button>
  </section>
  <section v-if="intake" class="bundle" data-test="bundle">
    <h2>{{ texts.title(name) }}</h2>
    <ul>
      <li v-if="intake.vehicles.length > 0">{{ texts.vehicles(intake.vehicles.length) }}</li>
      <li v-if="intake.added > 0">{{ texts.added(intake.added) }}</li>
      <li v-if="intake.merged > 0">{{ texts.merged(intake.merged) }}</li>
      <li v-if="intake.clashes > 0">{{ texts.clashes(intake.clashes) }}</li>
      <li v-if="intake.photos.length > 0">{{ texts.photos(intake.photos.length) }}</li>
      <li v-if="intake.same > 0">{{ texts.same(intake.same) }}</li>
    </ul>
    <p v-if="intake.vehicles.length + intake.jobs.length === 0">{{ texts.nothing }}</p>
    <div class="chips">
      <button
        v-if="intake.vehicles.length + intake.jobs.length > 0"
        type="button"
        class="tap strong"
        data-test="take-in"
        @click="takeIn"
      >
        {{ texts.takeIn }}
      </button>
      <button type="button" class="tap" @click="intake = null">{{ texts.leave }}</button>
    </div>
  </section>
</template>

<style scoped>
.bundle {
  display: grid;
  gap: 10px;
  padding: 14px 18px;
  margin-top: 14px;
  border: 1.6px solid var(--ink);
  border-radius: 10px;
  background: var(--raised);
}
</style>
