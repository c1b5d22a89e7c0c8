<script setup lang="ts">
import { computed } from 'vue';
import type { TorquePoint } from '../../../core/knowledge/guide/step';
import { fromOwn, showOwn } from '../../../core/quantities/ownUnits';
import { numberIn } from '../../shared/numberIn';
import { useJob } from '../../stores/job';
import { usePreferences } from '../../stores/preferences';
import { useDraft } from '../../stores/useDraft';
import { texts } from '#words/screens/fix';

/** A torque from the manual, in the owner's unit and the other one; where none is known it is asked for, never invented. */
const props = defineProps<{ point: TorquePoint; newtonMetre: number | null }>();
const job = useJob();
const { values } = usePreferences();
const typed = useDraft(() => `${job.record?.id}.torque.${props.point}`);
/** More is no bolt of a car. */
const MOST = 800;
const value = computed(() => {
  const own = numberIn(typed.value);
  return own === undefined ? null : fromOwn(own, values.torque);
});
const canKeep = computed(() => value.value !== null && value.value > 0 && value.value <= MOST);
const other = computed(() => (values.torque === 'N·m' ? 'lbf·ft' : 'N·m'));

async function keep(): Promise<void> {
  if (!canKeep.value || value.value === null) return;
  const torques = { ...job.file?.vehicle.specs?.torques, [props.point]: value.value };
  await job.dispatch({ do: 'specs', specs: { torques } });
  typed.value = '';
}
</script>

<template>
  <p v-if="newtonMetre !== null" class="torque">
    <span class="figure">{{ showOwn(newtonMetre, values.torque) }}</span><span class="figure other">{{
      showOwn(newtonMetre, other)
    }}</span>
  </p>
  <form v-else class="asked" @submit.prevent="keep">
    <p>
      <b>{{ texts.figureOfYourManual }}</b>
      <span class="muted"> {{ point === 'sensor-bolt' ? texts.smallSensorBoltsTake : texts.theManualDecides }}</span>
    </p>
    <label
      >{{ texts.torqueIn(values.torque)
      }}<el-input v-model="typed" size="large" inputmode="decimal" data-test="torque-figure"
    /></label>
    <button type="submit" class="tap" :disabled="!canKeep" data-test="keep-torque">{{ texts.keepTheFigure }}</button>
  </form>
</template>

<style scoped>
.torque {
  display: flex;
  flex-wrap: wrap;
  gap: 4px 18px;
  align-items: baseline;
}

.torque .figure {
  font-size: 2.4rem;
}

.torque .other {
  font-size: 1.3rem;
  color: var(--muted);
}

.asked {
  display: flex;
  flex-wrap: wrap;
  gap: 10px 14px;
  align-items: end;
}

.asked p {
  flex: 1 0 100%;
}

.asked label {
  max-width: 180px;
}
</style>
