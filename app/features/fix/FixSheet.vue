<script setup lang="ts">
import { computed } from 'vue';
import { RouterLink } from 'vue-router';
import { moveKey } from '../../../core/knowledge/moves';
import { placeOfMove } from '../../shared/nextMove/moveView';
import { moveSentence } from '../../../core/judgement/sentence';
import { sayMoney } from '../../../core/words/money';
import { usePreferences } from '../../stores/preferences';
import AnyRepair from './AnyRepair.vue';
import InTurns from '../../shared/InTurns';
import CostPanel from '../../shared/costs/CostPanel.vue';
import GuideView from './GuideView.vue';
import MadeRepairs from './MadeRepairs.vue';
import { useFix } from './useFix';
import { texts } from '#words/screens/fix';

const fix = useFix();
const { values } = usePreferences();
const options = computed(() =>
  fix.options.value.map((option) => ({
    ...option,
    key: moveKey(option.move),
    words: fix.job.file ? moveSentence(option.move, fix.job.file, values.sides) : '',
    to: placeOfMove(option.move),
  })),
);
const isReady = computed(() => fix.job.assessment?.stop?.id === 'enough-known');
/** What stands below waits for what stands above it, unless the adviser cannot be had. */
const isSettled = computed(() => fix.job.assessment !== null || !fix.job.isThinking);
const isEnded = computed(() => (fix.job.file?.ending ?? null) !== null);
/** Why the list says what it says. */
const lead = computed(() => {
  if (isEnded.value) return texts.thisJobIsClosed;
  if (options.value.length === 0) return texts.theFindingsDoNot;
  return isReady.value ? '' : texts.anotherCheckIsWorth;
});
</script>

<template>
  <GuideView v-if="fix.repair.value" :fix="fix" />
  <div v-else class="fix">
    <InTurns>
      <section>
        <h1>{{ texts.whatToRepair }}</h1>
        <p v-if="lead" class="muted">{{ lead }}</p>
        <ul v-if="options.length > 0 && !isEnded" class="rows" data-test="repairs">
          <li v-for="(option, index) in options" :key="option.key" class="option">
            <span class="what"
              ><b>{{ option.words }}</b
              ><span class="muted">{{ option.why }}</span></span
            >
            <span class="figure">{{
              texts.min(Math.round(option.minutes), sayMoney(option.cost, fix.job.file?.owner?.currency))
            }}</span>
            <RouterLink class="tap" :class="{ strong: index === 0 && isReady }" :to="option.to">{{
              texts.openTheGuide
            }}</RouterLink>
          </li>
        </ul>
      </section>
      <MadeRepairs v-if="isSettled" />
      <AnyRepair v-if="isSettled" />
      <CostPanel v-if="isSettled" />
    </InTurns>
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
