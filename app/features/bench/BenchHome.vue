<script setup lang="ts">
import { computed } from 'vue';
import { RouterLink, useRouter } from 'vue-router';
import { LEVELS, levelOf } from '../../../bench/practice/levels';
import type { LevelId } from '../../../bench/practice/levels';
import { PracticeSession } from '../../../bench/practice/session';
import BrandMark from '../../shared/shell/BrandMark.vue';
import { useGarage } from '../../stores/garage';
import { practiceOf } from '../../../bench/practice/practiceFile';
import { usePracticeJobs } from '../../stores/practiceJobs';
import TrialPanel from './TrialPanel.vue';
import { sayMoney } from '../../../core/words/money';
import { texts } from '#words/screens/bench';

/** The Bench beside the garage: practice cars from easy to nasty, how one has done so far, and the adviser's own trial. */
const garage = useGarage();
const router = useRouter();
const { start: draw } = usePracticeJobs();

const practices = computed(() =>
  garage.jobs.flatMap((job) => {
    const practice = practiceOf(job.file);
    if (!practice) return [];
    const level = levelOf(practice.level).name;
    return [{ id: job.id, level, practice, moves: practice.actions.length, isFinished: practice.finished === true }];
  }),
);
const finished = computed(() =>
  practices.value
    .filter((practice) => practice.isFinished)
    .map((practice) => {
      const { world, ledger } = new PracticeSession(practice.practice);
      return { ...practice, cost: ledger.cost, isRight: world.isSound || world.staysOut() };
    }),
);
const running = computed(() => practices.value.filter((practice) => !practice.isFinished));
const tally = computed(() => {
  const right = finished.value.filter((entry) => entry.isRight).length;
  return texts.ofRepairedRightly(right, finished.value.length);
});

async function start(level: LevelId): Promise<void> {
  await router.push({ name: 'bench', params: { job: await draw(level) } });
}
</script>

<template>
  <div class="home">
    <header class="opening">
      <RouterLink class="mark" :to="{ name: 'garage' }" :aria-label="texts.zelfToTheGarage"><BrandMark /></RouterLink>
      <p class="promise">
        {{ texts.aCarWithA }}
      </p>
      <RouterLink class="tap quiet" :to="{ name: 'garage' }">{{ texts.garage }}</RouterLink>
    </header>
    <main class="main">
      <section class="levels">
        <h1>{{ texts.practise }}</h1>
        <ul class="rows">
          <li v-for="level in LEVELS" :key="level.id" class="level">
            <div>
              <b>{{ level.name }}</b>
              <p class="muted">{{ level.words }}</p>
            </div>
            <button class="tap" type="button" :data-level="level.id" @click="start(level.id)">
              {{ texts.giveMeACar }}
            </button>
          </li>
        </ul>
      </section>
      <section v-if="running.length > 0">
        <h2>{{ texts.onTheBench }}</h2>
        <ul class="rows">
          <li v-for="entry in running" :key="entry.id" class="level">
            <RouterLink :to="{ name: 'bench', params: { job: entry.id } }"
              ><b>{{ entry.level }}</b></RouterLink
            >
            <span class="muted">{{ texts.movesSoFar(entry.moves) }}</span>
          </li>
        </ul>
      </section>
      <section v-if="finished.length > 0" data-test="progress">
        <h2>{{ texts.done(tally) }}</h2>
        <ul class="rows">
          <li v-for="entry in finished" :key="entry.id" class="level">
            <RouterLink :to="{ name: 'bench', params: { job: entry.id } }"
              ><b>{{ entry.level }}</b></RouterLink
            >
            <span class="muted"
              >{{ texts.outcomeAndMoves(entry.isRight ? texts.repairedRightly : texts.notRepaired, entry.moves) }}
              <span class="figure">{{ sayMoney(Math.round(entry.cost)) }}</span></span
            >
          </li>
        </ul>
      </section>
      <TrialPanel />
    </main>
  </div>
</template>

<style scoped>
.mark {
  color: var(--ink);
  text-decoration: none;
}

.main {
  max-width: 1080px;
  margin: 0 auto;
  padding: 22px 26px 60px;
  display: grid;
  gap: 26px;
}

.level {
  display: flex;
  flex-wrap: wrap;
  justify-content: space-between;
  align-items: center;
  gap: 6px 24px;
}

@media (max-width: 700px) {
  .main {
    padding-left: 16px;
    padding-right: 16px;
  }
}
</style>
