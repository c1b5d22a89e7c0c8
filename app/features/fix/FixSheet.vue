<script setup lang="ts">
import { computed } from 'vue';
import { RouterLink } from 'vue-router';
import { moveSentence } from '../../../core/judgement/sentence';
import { describeRepair } from '../../../core/report/describe';
import { usePreferences } from '../../stores/preferences';
import CostPanel from './CostPanel.vue';
import GuideView from './GuideView.vue';
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
const made = computed(() =>
  (fix.job.file?.repairs ?? []).map((one) => ({
    id: one.id,
    words: fix.job.file ? describeRepair(one, fix.job.file, values) : '',
    result: one.result,
  })),
);
const isReady = computed(() => fix.job.assessment?.stop?.id === 'enough-known');
</script>

<template>
  <GuideView v-if="fix.repair.value" :fix="fix" />
  <div v-else class="fix">
    <section>
      <h1>What to mend</h1>
      <p v-if="!isReady" class="told">
        The evidence does not call for a part yet: a check is worth more than a repair now. You may begin one all the
        same.
      </p>
      <p v-if="options.length === 0" class="muted">Nothing points at a repair. Begin with lamps and codes.</p>
      <ul v-else class="rows" data-test="repairs">
        <li v-for="(one, index) in options" :key="one.key" class="option">
          <span class="what"
            ><b>{{ one.words }}</b
            ><span class="muted">{{ one.why }}</span></span
          >
          <span class="figure"
            >{{ Math.round(one.minutes) }} min · {{ one.cost }} {{ fix.job.file?.owner?.currency ?? 'EUR' }}</span
          >
          <RouterLink class="tap" :class="{ strong: index === 0 && isReady }" :to="one.to">Open the guide</RouterLink>
        </li>
      </ul>
    </section>
    <section v-if="made.length > 0">
      <h2>Made so far</h2>
      <ul class="rows">
        <li v-for="one in made" :key="one.id">
          <b>{{ one.words }}</b><span class="muted">
            · {{ one.result === 'unknown' ? 'not proved yet' : one.result }}</span
          >
        </li>
      </ul>
    </section>
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
