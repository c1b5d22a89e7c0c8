<script setup lang="ts">
import { computed } from 'vue';
import { RouterLink, useRouter } from 'vue-router';
import StateMark from '../../shared/marks/StateMark.vue';
import { percent } from '../../shared/path/pathView';
import { useProve } from './useProve';

const prove = useProve();
const router = useRouter();
const ending = computed(() => prove.job.file?.ending ?? null);
const ENDINGS = {
  solved: 'Solved: the lamps stay out.',
  unverified: 'Ended without proof.',
  unsolved: 'Ended unsolved.',
  'handed-over': 'Handed over to a workshop.',
} as const;
const OTHER_ENDINGS = [
  ['unverified', 'No time to prove it'],
  ['unsolved', 'I give up for now'],
  ['handed-over', 'A workshop has it'],
] as const;

async function backToFind(): Promise<void> {
  await prove.notCured();
  await router.push({ name: 'find' });
}
</script>

<template>
  <div class="prove">
    <header>
      <h1>Prove that it stays off</h1>
      <p v-if="prove.repairWords.value" class="muted">After: {{ prove.repairWords.value }}.</p>
      <p v-else class="told">No repair is recorded yet. What you note here counts as an observation all the same.</p>
    </header>
    <section v-if="ending" class="ending" data-test="ending">
      <h2>{{ ENDINGS[ending] }}</h2>
      <p>Check the wheel nuts again after 50 to 100 km.</p>
      <div class="chips">
        <RouterLink class="tap strong" :to="{ name: 'notebook' }">See the record</RouterLink
        ><button class="tap" type="button" @click="prove.job.alter((file) => ({ ...file, ending: null }))">
          Open the job again
        </button>
      </div>
    </section>
    <section v-else-if="prove.verdict.value === 'proved'" class="ending">
      <h2>Proved: erased, driven, read again, nothing came back</h2>
      <p>
        Doubt that is left: <b class="figure">{{ percent(prove.doubt.value) }}</b><template
          v-if="prove.comesAndGoes.value"
          >. It used to come and go: {{ prove.watch.value.needed }} more clean trips until the doubt is below 5
          %.</template
        >
      </p>
      <button class="tap strong" type="button" data-test="end-solved" @click="prove.end('solved')">
        End the job: solved
      </button>
    </section>
    <section v-else-if="prove.verdict.value === 'not-cured'" class="ending bad">
      <h2>Not cured</h2>
      <p>What came back says so. The repair counts as evidence: "this changed nothing" points past it.</p>
      <button class="tap strong" type="button" data-test="not-cured" @click="backToFind">Back to Find with that</button>
    </section>
    <ol class="steps">
      <li v-for="one in prove.shown.value" :key="one.id" :class="one.state">
        <div class="words">
          <h2>
            <StateMark v-if="one.state !== 'open'" :state="one.state === 'good' ? 'proved-good' : 'at-fault'" />
            {{ one.title }}
          </h2>
          <p class="muted">{{ one.text }}</p>
        </div>
        <div class="chips">
          <button
            v-for="choice in one.choices"
            :key="choice.words"
            type="button"
            class="tap"
            :data-test="choice.test"
            @click="prove.job.observe(...choice.makes)"
          >
            {{ choice.words }}
          </button>
          <button v-if="one.by" type="button" class="tap quiet" @click="prove.job.withdraw(one.by, true)">
            Take back
          </button>
        </div>
      </li>
    </ol>
    <section v-if="prove.comesAndGoes.value && !ending" class="watch">
      <h2>The watch</h2>
      <p>
        A fault that comes and goes is proved by trips. Clean so far:
        <b class="figure">{{ prove.drives.value }}</b> (<span class="figure">{{ prove.kilometres.value }} km</span>).
        Doubt left: <b class="figure">{{ percent(prove.watch.value.left) }}</b>. Still needed for 95 %:
        <b class="figure">{{ prove.watch.value.needed }}</b>.
      </p>
    </section>
    <details v-if="!ending">
      <summary>End the job another way</summary>
      <div class="chips">
        <button v-for="[id, words] in OTHER_ENDINGS" :key="id" class="tap" type="button" @click="prove.end(id)">
          {{ words }}
        </button>
      </div>
    </details>
  </div>
</template>

<style scoped>
.prove {
  padding: 20px 26px 30px;
  display: grid;
  gap: 22px;
  max-width: 920px;
}

.steps {
  list-style: none;
  margin: 0;
  padding: 0;
  border-top: 1px solid var(--line);
}

.steps li {
  display: flex;
  flex-wrap: wrap;
  gap: 10px 20px;
  align-items: center;
  justify-content: space-between;
  padding: 12px 0 12px 16px;
  border-bottom: 1px solid var(--line);
  border-left: 6px dotted var(--question);
}

.steps li.good {
  border-left: 6px solid var(--proved);
}

.steps li.bad {
  border-left: 6px solid var(--fault);
}

.words {
  flex: 1 1 320px;
}

.ending {
  border: 2px solid var(--proved);
  border-left-width: 12px;
  padding: 14px 18px;
  background: var(--raised);
  display: grid;
  gap: 10px;
  justify-items: start;
}

.ending.bad {
  border-color: var(--fault);
}

.good .mark {
  color: var(--proved);
}

.bad .mark {
  color: var(--fault);
}

summary {
  min-height: var(--target);
  display: flex;
  align-items: center;
  color: var(--action);
  font-weight: 600;
  cursor: pointer;
}

@media (max-width: 700px) {
  .prove {
    padding: 14px 16px 24px;
  }
}
</style>
