<script setup lang="ts">
import { computed } from 'vue';
import { describeRepair } from '../../../core/report/describe';
import { useJob } from '../../stores/job';
import { usePreferences } from '../../stores/preferences';
import { RESULTS } from './repairTexts';
import { texts } from '#words/screens/fix';

/** The repairs of this job; how each turned out can be said again at any time. */
const job = useJob();
const { values } = usePreferences();
const made = computed(() =>
  (job.file?.repairs ?? []).map((repair) => ({
    id: repair.id,
    words: job.file ? describeRepair(repair, job.file, values) : '',
    result: repair.result,
  })),
);
</script>

<template>
  <section v-if="made.length > 0" class="made" data-test="made-repairs">
    <h2>{{ texts.madeSoFar }}</h2>
    <ul class="rows">
      <li v-for="entry in made" :key="entry.id" class="repair">
        <b>{{ entry.words }}</b>
        <div class="chips" role="group" :aria-label="texts.howItTurnedOut(entry.words)">
          <button
            v-for="[result, words] in RESULTS"
            :key="result"
            type="button"
            class="tap"
            :aria-pressed="entry.result === result"
            :data-test="`turned-out-${result}`"
            @click="job.dispatch({ do: 'repair-result', id: entry.id, result })"
          >
            {{ words }}
          </button>
          <button type="button" class="tap quiet" @click="job.dispatch({ do: 'remove-repair', id: entry.id })">
            {{ texts.removeButton }}
          </button>
        </div>
      </li>
    </ul>
  </section>
</template>

<style scoped>
.made,
.repair {
  display: grid;
  gap: 8px;
}
</style>
