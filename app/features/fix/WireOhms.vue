<script setup lang="ts">
import { inFigures } from '../../../core/words/figures';
import { computed, ref } from 'vue';
import { judgeMend, ohmKey, ohmOf, type MendStage } from '../../../core/guide/wireOhms';
import { parseReading } from '../../../core/quantities/parseReading';
import { showReading } from '../../../core/quantities/show';
import { useDraft } from '../../stores/useDraft';
import type { useFix } from './useFix';
import { texts } from '#words/screens/fix';

/** A wire from end to end, before and after it was mended: kept, and judged. */
const props = defineProps<{ fix: ReturnType<typeof useFix> }>();
const { job, channel } = props.fix;
const typed = useDraft(() => `${job.record?.id}.wire-ohm`);
const trouble = ref('');
const STAGES = ['before', 'after'] as const;
const kept = computed(() =>
  STAGES.flatMap((stage) => {
    const ohm = job.file ? ohmOf(job.file, stage, channel.value) : null;
    if (ohm === null) return [];
    const { number, unit } = showReading(Number.isFinite(ohm) ? ohm : 'overload', 'resistance');
    return [{ stage, words: `${texts.mendStages[stage]}: ${number} ${unit}`.trim(), verdict: judgeMend(ohm) }];
  }),
);

async function keep(stage: MendStage): Promise<void> {
  const read = parseReading(typed.value, 'resistance');
  trouble.value = read.ok ? '' : (read.problems[0]?.message ?? '');
  if (!read.ok) return;
  const ohm = read.value.value === 'overload' ? Infinity : read.value.value;
  await job.dispatch({ do: 'work', step: ohmKey(stage, ohm, channel.value), state: 'done' });
  typed.value = '';
}
</script>

<template>
  <section class="ohms" data-test="wire-ohms">
    <h2 class="overline">{{ texts.endToEnd }}</h2>
    <p v-for="row in kept" :key="row.stage" :data-test="`ohm-${row.stage}`">
      <b>{{ row.words }}.</b> <template v-if="row.stage === 'after'">{{ texts.mendVerdicts[row.verdict] }}</template>
    </p>
    <div class="chips">
      <el-input
        v-model="typed"
        size="large"
        :placeholder="inFigures('0.4 Ω')"
        :aria-label="texts.endToEnd"
        data-test="ohm-typed"
      />
      <button
        v-for="stage in STAGES"
        :key="stage"
        type="button"
        class="tap"
        :disabled="typed.trim() === ''"
        :data-test="`keep-${stage}`"
        @click="keep(stage)"
      >
        {{ texts.keepAs[stage] }}
      </button>
    </div>
    <p v-if="trouble" class="told" role="alert">{{ trouble }}</p>
  </section>
</template>

<style scoped>
.ohms {
  display: grid;
  gap: 8px;
}

.chips :deep(.el-input) {
  width: 180px;
}
</style>
