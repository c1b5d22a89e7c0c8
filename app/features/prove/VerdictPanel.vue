<script setup lang="ts">
import { computed } from 'vue';
import { RouterLink } from 'vue-router';
import type { CaseFile } from '../../../core/casefile/contract';
import { endingWords } from '../../../core/proof/endingWords';
import { HOW_OFTEN, howOftenSaid } from '../../../core/proof/before';
import { levelsOf, PROOF_LEVELS } from '../../../core/proof/proofLevel';
import StateMark from '../../shared/marks/StateMark.vue';
import { MOST_TRIPS_SAID } from '../../../core/proof/watch';
import type { ProofView } from '../../../core/proof/proofView';
import { showOwn } from '../../../core/quantities/ownUnits';
import { usePreferences } from '../../stores/preferences';
import { percent } from '../../../core/words/percent';
import WatchCurve from './WatchCurve.vue';
import SentenceWith from '../../shared/words/SentenceWith.vue';
import { texts } from '#words/screens/prove';

/** What the proof amounts to now, and the one thing to do about it. */
const props = defineProps<{ view: ProofView; file: CaseFile }>();
const { values } = usePreferences();
const levels = computed(() => levelsOf({ ...props.view, steps: props.view.steps.map(({ step }) => step) }));
/** Only a fault that comes and goes is watched. */
const asked = computed(() => PROOF_LEVELS.filter((level) => level !== 'watched' || props.view.tripsNeeded !== null));
const emit = defineEmits<{ end: [ending: 'solved' | null]; notCured: []; cameBack: []; often: [id: string] }>();
</script>

<template>
  <ol v-if="levels.length > 0" class="levels" data-test="levels" :aria-label="texts.howMuchIsProved">
    <li v-for="level in asked" :key="level" :class="{ reached: levels.includes(level) }">
      <StateMark :state="levels.includes(level) ? 'checked-good' : 'not-checked'" />{{ texts.levels[level] }}
    </li>
  </ol>
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
      <button v-if="file.ending === 'solved'" class="tap" type="button" data-test="came-back" @click="emit('cameBack')">
        {{ texts.itCameBack }}
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
    </p>
    <p>
      {{ (view.tripsNeeded ?? 0) > MOST_TRIPS_SAID ? texts.tooManyTrips : texts.moreCleanTrips(view.tripsNeeded ?? 0) }}
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
.levels {
  list-style: none;
  margin: 0;
  padding: 0;
  display: flex;
  flex-wrap: wrap;
  gap: 6px 22px;
  color: var(--question);
}

.levels li {
  display: flex;
  gap: 7px;
  align-items: center;
}

.levels .reached {
  color: var(--proved);
  font-weight: 650;
}

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
