<script setup lang="ts">
import { RouterLink } from 'vue-router';
import type { CaseFile } from '../../../core/casefile/contract';
import { endingWords } from '../../../core/proof/endingWords';
import type { ProofView } from '../../../core/proof/proofView';
import { percent } from '../../shared/path/pathView';

/** What the proof amounts to now, and the one thing to do about it. */
defineProps<{ view: ProofView; file: CaseFile }>();
const emit = defineEmits<{ end: [ending: 'solved' | null]; notCured: [] }>();
</script>

<template>
  <section v-if="file.ending" class="verdict" data-test="ending">
    <h2>{{ endingWords(file)[0] }}</h2>
    <p v-if="endingWords(file)[1]" data-test="rests-on">{{ endingWords(file)[1] }}</p>
    <p v-if="file.ending === 'solved'">Check the wheel nuts again after 50 to 100 km.</p>
    <div class="chips">
      <RouterLink class="tap strong" :to="{ name: 'notebook' }">See the record</RouterLink
      ><button class="tap" type="button" @click="emit('end', null)">Open the job again</button>
    </div>
  </section>
  <section v-else-if="view.verdict === 'proved' || view.verdict === 'proved-by-lamp'" class="verdict">
    <h2 v-if="view.verdict === 'proved'">Proved: erased, driven, read again, nothing came back</h2>
    <h2 v-else>Proved by lamps: out, and {{ view.trips }} clean drives over {{ Math.round(view.kilometres) }} km</h2>
    <p v-if="view.tripsNeeded !== null">
      It used to come and go. {{ view.trips }} clean trips leave a doubt of
      <b class="figure">{{ percent(view.doubt) }}</b>.
    </p>
    <button class="tap strong" type="button" data-test="end-solved" @click="emit('end', 'solved')">
      End the job: solved
    </button>
  </section>
  <section v-else-if="view.verdict === 'watching'" class="verdict open" data-test="watch">
    <h2>Nothing came back so far: the watch runs</h2>
    <p>
      A fault that comes and goes is proved by trips, not by one drive. Clean so far:
      <b class="figure">{{ view.trips }}</b> (<span class="figure">{{ Math.round(view.kilometres) }} km</span>). Doubt
      left: <b class="figure">{{ percent(view.doubt) }}</b>. <b class="figure">{{ view.tripsNeeded }}</b> more clean
      trips bring it below 5 %. Drives within ten minutes of each other count as one.
    </p>
  </section>
  <section v-else-if="view.verdict === 'not-cured'" class="verdict bad" data-test="not-cured-panel">
    <h2>Not cured</h2>
    <p>
      Your notes below show that the fault is still there. Knowing that this repair changed nothing is useful: the fault
      must be somewhere else.
    </p>
    <button class="tap strong" type="button" data-test="not-cured" @click="emit('notCured')">
      Back to Find with that
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
