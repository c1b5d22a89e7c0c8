<script setup lang="ts">
import { fixed } from '../../../core/words/figures';
import { computed } from 'vue';
import { RouterLink } from 'vue-router';
import { sayChannel } from '../../../core/vehicle/sides';
import { usePreferences } from '../../stores/preferences';
import { usePractice } from '../../shared/practice/usePractice';
import { useReader } from './useReader';
import { texts } from '#words/screens/bench';

/** The stand-in reader of a practice car. */
const { job } = usePractice();
const reader = useReader();
const { values } = usePreferences();
const jobId = computed(() => job.record?.id ?? '');
const spoken = computed(() => sayChannel(job.subject, values.sides, job.file?.vehicle.steeringSide));
const hasCodes = computed(() => job.file?.observations.some((observation) => observation.kind === 'code') ?? false);
const speeds = computed(() =>
  (job.file?.vehicle.channels ?? []).map((channel, at) => ({
    name: sayChannel(channel, values.sides, job.file?.vehicle.steeringSide),
    kmh: reader.speeds.value[at],
  })),
);
</script>

<template>
  <section v-if="job.file" class="reader" data-test="stand-in-reader">
    <h2>{{ texts.standInReader }}</h2>
    <div class="chips">
      <button
        class="tap strong"
        type="button"
        :disabled="reader.isBusy.value"
        data-test="reader-read"
        @click="reader.read()"
      >
        {{ reader.asked.value.length > 0 ? texts.plugInAgainRead : texts.readAllModules }}
      </button>
      <button
        class="tap"
        type="button"
        :disabled="reader.isBusy.value || !hasCodes"
        data-test="reader-erase"
        @click="reader.erase()"
      >
        {{ texts.eraseKeyOnDrive }}
      </button>
      <button
        class="tap"
        type="button"
        :disabled="reader.isBusy.value"
        data-test="reader-spin"
        @click="reader.spin(job.subject)"
      >
        {{ texts.spinWatch(spoken) }}
      </button>
      <button
        class="tap"
        type="button"
        :disabled="reader.isBusy.value"
        data-test="reader-drive"
        @click="reader.drive()"
      >
        {{ texts.driveABendWatch }}
      </button>
      <button v-if="reader.isBusy.value" class="tap quiet" type="button" @click="reader.cancel()">
        {{ texts.stop }}
      </button>
    </div>
    <p v-if="!hasCodes" class="muted">{{ texts.recordTheCodesFirst }}</p>
    <p v-if="reader.told.value" :class="reader.isLost.value ? 'warning' : 'told'" role="status" data-test="reader-told">
      {{ reader.told.value }}
    </p>
    <p v-if="reader.isDumb.value" class="told">
      {{ texts.theBrakeModuleDoes }}
      <RouterLink :to="{ name: 'codes', params: { job: jobId } }">{{ texts.codesTapAlong }}</RouterLink>.
    </p>
    <dl v-if="reader.speeds.value.length > 0" class="speeds">
      <div v-for="speed in speeds" :key="speed.name">
        <dt>{{ speed.name }}</dt>
        <dd class="figure">
          {{ texts.kmH(speed.kmh === null || speed.kmh === undefined ? '–' : fixed(speed.kmh, 1)) }}
        </dd>
      </div>
    </dl>
  </section>
</template>

<style scoped>
.reader {
  display: grid;
  gap: 10px;
}

.speeds {
  margin: 0;
  display: flex;
  flex-wrap: wrap;
  gap: 6px 26px;
}

.speeds dt {
  color: var(--muted);
  font-size: 0.9rem;
}

.speeds dd {
  margin: 0;
  font-size: 1.25rem;
  font-weight: 650;
}
</style>
