<script setup lang="ts">
import { RouterLink } from 'vue-router';
import type { CaseFile } from '../../../core/casefile/contract';
import { endingWords } from '../../../core/proof/endingWords';
import { HOW_OFTEN, howOftenSaid } from '../../../core/proof/before';
import type { ProofView } from '../../../core/proof/proofView';
import { showOwn } from '../../../core/quantities/ownUnits';
import { usePreferences } from '../../stores/preferences';
import { percent } from '../../shared/path/pathView';
import WatchCurve from './WatchCurve.vue';
import SentenceWith from '../../shared/words/SentenceWith.vue';
import { texts } from '#words/screens/prove';

/** What the proof amounts to now, and the one thing to do about it. */
defineProps<{ view: ProofView; file: CaseFile }>();
const { values } = usePreferences();
const emit = defineEmits<{ end: [ending: 'solved' | null]; notCured: []; often: [id: string] }>();
</script>

<template>
  <section v-if="file.ending" class="verdict" data-test="ending">
    <h2>{{ endingWords(file)[0] }}</h2>
    <p v-if="endingWords(file)[1]" data-test="rests-on">{{ endingWords(file)[1] }}</p>
    <p v-if="file.ending === 'solved'">{{ texts.checkTheWheelNuts }}</p>
    <div class="chips">
      <RouterLink class="tap strong" :to="{ name: 'notebook' }">{{ texts.seeTheRecord }}</RouterLink><button
        class="tap"
        type="button"
        @click="emit('end', null)"
      >
        {{ texts.openTheJobAgain }}
      </button>
    </div>
  </section>
  <section v-else-if="view.verdict === 'proved' || view.verdict === 'proved-by-lamp'" class="verdict">
    <h2 v-if="view.verdict === 'proved'">{{ texts.provedErasedDrivenRead }}</h2>
    <h2 v-else>{{ texts.provedByLampsOut(view.trips, showOwn(view.kilometres, values.distance)) }}</h2>
    <p v-if="view.tripsNeeded !== null">
      <SentenceWith :text="texts.itUsedToCome(view.trips)"
        ><template #doubt
          ><b class="figure">{{ percent(view.doubt) }}</b></template
        ></SentenceWith
      >
    </p>
    <button class="tap strong" type="button" data-test="end-solved" @click="emit('end', 'solved')">
      {{ texts.endTheJobSolved }}
    </button>
  </section>
  <section v-else-if="view.verdict === 'watching'" class="verdict open" data-test="watch">
    <h2>{{ texts.nothingCameBackSo }}</h2>
    <p>
      <SentenceWith :text="texts.aFaultThatComes"
        ><template #trips
          ><b class="figure">{{ view.trips }}</b></template
        ><template #distance
          ><span class="figure">{{ showOwn(view.kilometres, values.distance) }}</span></template
        ><template #doubt
          ><b class="figure">{{ percent(view.doubt) }}</b></template
        ></SentenceWith
      >
      {{ texts.moreCleanTrips(view.tripsNeeded ?? 0) }}
    </p>
    <WatchCurve :course="view.course" :trips="view.trips" />
    <p class="overline">{{ texts.howOftenBefore }}</p>
    <div class="chips">
      <button
        v-for="often in HOW_OFTEN"
        :key="often.id"
        type="button"
        class="tap"
        :aria-pressed="howOftenSaid(file)?.id === often.id"
        :data-test="`often-${often.id}`"
        @click="emit('often', often.id)"
      >
        {{ often.words }}
      </button>
    </div>
  </section>
  <section v-else-if="view.verdict === 'not-cured'" class="verdict bad" data-test="not-cured-panel">
    <h2>{{ texts.notCured }}</h2>
    <p>
      {{ texts.yourNotesBelowShow }}
    </p>
    <button class="tap strong" type="button" data-test="not-cured" @click="emit('notCured')">
      {{ texts.backToFindWith }}
    </button>
  </section>
</template>

<style scoped>
.verdict {
  border: 2px solid var(--proved);
  border-left-width: 12px;
  padding: 14px 18px;
  background: var(--raised);
  display: grid;
  gap: 10px;
  justify-items: start;
}

.verdict.bad {
  border-color: var(--fault);
}

.verdict.open {
  border-color: var(--question);
}
</style>
