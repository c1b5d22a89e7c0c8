<script setup lang="ts">
import { computed } from 'vue';
import { RouterLink } from 'vue-router';
import { moveSentence } from '../../../core/judgement/sentence';
import { sayMoney } from '../../../core/words/money';
import { usePreferences } from '../../stores/preferences';
import AnyRepair from './AnyRepair.vue';
import CostPanel from './CostPanel.vue';
import GuideView from './GuideView.vue';
import MadeRepairs from './MadeRepairs.vue';
import { useFix } from './useFix';

const fix = useFix();
const { values } = usePreferences();
const options = computed(() =>
  fix.options.value.map((one) => ({
    ...one,
    key: `${one.check}${one.channel}`,
    words: fix.job.file ? moveSentence(one, fix.job.file, values.sides) : one.check,
    to: { name: 'fix', query: { repair: one.check.slice(7), at: one.channel ?? '' } },
  })),
);
const isReady = computed(() => fix.job.assessment?.stop?.id === 'enough-known');
const isEnded = computed(() => (fix.job.file?.ending ?? null) !== null);
/** Why the list says what it says. */
const lead = computed(() => {
  if (isEnded.value) return 'This job is closed. You can still add to it.';
  if (options.value.length === 0)
    return 'The findings do not point to one repair yet. You can still record what you did, or open a guide, in the list below.';
  return isReady.value
    ? ''
    : 'Another check is worth more than a repair right now. You can still start a repair if you want to.';
});
</script>

<template>
  <GuideView v-if="fix.repair.value" :fix="fix" />
  <div v-else class="fix">
    <section>
      <h1>What to repair</h1>
      <p v-if="lead" class="muted">{{ lead }}</p>
      <ul v-if="options.length > 0 && !isEnded" class="rows" data-test="repairs">
        <li v-for="(one, index) in options" :key="one.key" class="option">
          <span class="what"
            ><b>{{ one.words }}</b
            ><span class="muted">{{ one.why }}</span></span
          >
          <span class="figure"
            >{{ Math.round(one.minutes) }} min · {{ sayMoney(one.cost, fix.job.file?.owner?.currency) }}</span
          >
          <RouterLink class="tap" :class="{ strong: index === 0 && isReady }" :to="one.to">Open the guide</RouterLink>
        </li>
      </ul>
    </section>
    <MadeRepairs />
    <AnyRepair />
    <CostPanel />
  </div>
</template>

<style scoped>
.fix {
  padding: 20px 26px 30px;
  display: grid;
  gap: 28px;
  max-width: 900px;
  margin: 0 auto;
}

section {
  display: grid;
  gap: 12px;
}

.option {
  display: flex;
  flex-wrap: wrap;
  gap: 8px 18px;
  align-items: center;
}

.what {
  display: grid;
  flex: 1 1 300px;
}

@media (max-width: 700px) {
  .fix {
    padding: 14px 16px 24px;
  }
}
</style>
