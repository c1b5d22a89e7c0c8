<script setup lang="ts">
import { kindIn } from '../../../core/evidence/sensorKind';
import { computed } from 'vue';
import { widened } from '../../../core/vehicle/spinFigures';
import { numberIn } from '../../shared/numberIn';
import { useJob } from '../../stores/job';
import { useDraft } from '../../stores/useDraft';
import type { useFix } from './useFix';
import { showOwn } from '../../../core/quantities/ownUnits';
import { usePreferences } from '../../stores/preferences';
import { texts } from '#words/screens/fix';

/** What a spacer costs in signal, before it is laid in. */
const props = defineProps<{ fix: ReturnType<typeof useFix> }>();
const job = useJob();
const { values } = usePreferences();
const typed = useDraft(() => `${job.record?.id}.spacer`);
const CHOICES = [0.3, 0.5, 0.8, 1] as const;
/** A usual ring of a passenger car, where the sheet says nothing: diameter in m, teeth. */
const USUAL = { diameter: 0.09, teeth: 48 };
/** A module that hears a corner only from here on may take it for dead at every start, km/h. */
const TOO_LATE = 10;
const thickness = computed(() => numberIn(typed.value) ?? CHOICES[1]);
const specs = computed(() => job.file?.vehicle.specs);
const isUsual = computed(() => !specs.value?.ringDiameter || !specs.value.toneRingTeeth);
const sums = computed(() =>
  widened(
    thickness.value / 1000,
    specs.value?.ringDiameter ?? USUAL.diameter,
    specs.value?.toneRingTeeth ?? USUAL.teeth,
  ),
);
const isActive = computed(() => {
  const channel = props.fix.channel.value;
  return job.file !== null && kindIn(job.file, channel) === 'active';
});
const isTooMuch = computed(() => (isActive.value ? !sums.value.activeAnswers : sums.value.lowestKmh > TOO_LATE));
</script>

<template>
  <section class="spacer" data-test="spacer">
    <h2 class="overline">{{ texts.howThick }}</h2>
    <div class="chips">
      <button
        v-for="choice in CHOICES"
        :key="choice"
        type="button"
        class="tap"
        :aria-pressed="thickness === choice"
        @click="typed = String(choice)"
      >
        {{ choice }} mm
      </button>
    </div>
    <p class="large">
      <b>{{ texts.signalLeft(Math.round(100 * sums.left)) }}</b>
      {{
        isActive
          ? sums.activeAnswers
            ? texts.activeStillAnswers
            : texts.activeFallsSilent
          : texts.answersFrom(`${showOwn(Math.round(sums.lowestKmh * 10) / 10, values.distance)}/h`)
      }}
    </p>
    <p v-if="isTooMuch" class="warning" role="alert">{{ texts.spacerTooThick }}</p>
    <p v-if="isUsual" class="muted">{{ texts.usualRingAssumed }}</p>
    <p class="muted">{{ texts.spacerIsAStopgap }}</p>
  </section>
</template>

<style scoped>
.spacer {
  display: grid;
  gap: 10px;
}

.large {
  font-size: 1.18rem;
}
</style>
