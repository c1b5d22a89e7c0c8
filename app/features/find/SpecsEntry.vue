<script setup lang="ts">
import { computed, ref } from 'vue';
import { ENTRY } from '../../../core/knowledge/limits';
import { parseReading } from '../../../core/quantities/parseReading';
import { fromOwn, showOwn } from '../../../core/quantities/ownUnits';
import { inFigures } from '../../../core/words/figures';
import { numberIn } from '../../shared/numberIn';
import { usePreferences } from '../../stores/preferences';
import { useJob } from '../../stores/job';
import { useDraft } from '../../stores/useDraft';
import { texts } from '#words/screens/find';

/** One band from the manual may decide more than any check. */
const emit = defineEmits<{ kept: [] }>();
const job = useJob();
const { values } = usePreferences();
const least = useDraft(() => `${job.record?.id}.specs.min`);
const most = useDraft(() => `${job.record?.id}.specs.max`);
const celsius = useDraft(() => `${job.record?.id}.specs.at`);
const trouble = ref('');
const canKeep = computed(() => least.value !== '' && most.value !== '');

async function keep(): Promise<void> {
  const [min, max] = [parseReading(least.value, 'resistance'), parseReading(most.value, 'resistance')];
  const typed = numberIn(celsius.value);
  const at = celsius.value.trim() === '' ? 20 : fromOwn(typed ?? NaN, values.temperature);
  if (!min.ok || typeof min.value.value !== 'number')
    trouble.value = texts.theLowerValue(min.ok ? texts.mustBeANumber : (min.problems[0]?.message ?? ''));
  else if (!max.ok || typeof max.value.value !== 'number')
    trouble.value = texts.theUpperValue(max.ok ? texts.mustBeANumber : (max.problems[0]?.message ?? ''));
  else if (min.value.value > max.value.value) trouble.value = texts.theLowerValueIs;
  else if (!Number.isFinite(at) || at < ENTRY.leastCelsius || at > ENTRY.mostCelsius)
    trouble.value = texts.theTemperatureMustBe(
      showOwn(ENTRY.leastCelsius, values.temperature),
      showOwn(ENTRY.mostCelsius, values.temperature),
    );
  else {
    const sensorResistance = { min: min.value.value, max: max.value.value, at };
    await job.dispatch({ do: 'specs', specs: { sensorResistance } });
    for (const field of [least, most, celsius]) field.value = '';
    emit('kept');
  }
}
</script>

<template>
  <section class="specs">
    <label>{{ texts.from }}<el-input v-model="least" :placeholder="inFigures('1.0 kΩ')" /></label>
    <label>{{ texts.to }}<el-input v-model="most" :placeholder="inFigures('1.4 kΩ')" /></label>
    <label
      >{{ texts.atTemperature(values.temperature) }}<el-input v-model="celsius" placeholder="20" inputmode="decimal"
    /></label>
    <p v-if="trouble" class="told" role="alert">{{ trouble }}</p>
    <button class="tap strong" type="button" :disabled="!canKeep" @click="keep">{{ texts.keepTheManualsBand }}</button>
  </section>
</template>

<style scoped>
.specs {
  display: grid;
  gap: 12px;
  max-width: 420px;
}

label {
  display: grid;
  gap: 4px;
  font-weight: 600;
}
</style>
