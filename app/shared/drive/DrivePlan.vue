<script setup lang="ts">
import { computed } from 'vue';
import { RouterLink } from 'vue-router';
import type { DriveLeg } from '../../../core/knowledge/driveLegs';
import { drivePlan, legKey } from '../../../core/proof/drivePlan';
import { answerFacts } from '../../../core/proof/proofView';
import { showOwn } from '../../../core/quantities/ownUnits';
import { useJob } from '../../stores/job';
import { usePreferences } from '../../stores/preferences';
import { texts } from '#words/shared/drive';

/** The test drive: leg by leg, ticked when parked again; a lamp that comes on says where. */
const job = useJob();
const { values } = usePreferences();
const plan = computed(() =>
  job.file
    ? drivePlan(job.file, { ranking: job.assessment?.ranking ?? [], cautions: job.assessment?.cautions ?? [] })
    : null,
);
const isThrough = computed(() => plan.value?.legs.every(({ isDriven }) => isDriven) ?? false);

const tick = (leg: DriveLeg & { isDriven: boolean }): Promise<unknown> =>
  job.dispatch({ do: 'work', step: legKey(leg.id), state: leg.isDriven ? 'open' : 'done' });

/** Where it came on is evidence of its own. */
async function cameOn({ words, pattern }: DriveLeg): Promise<void> {
  const lit = job.file ? answerFacts(job.file).lit : [];
  await job.dispatch({
    do: 'observe',
    said: [
      { kind: 'drive', result: 'lamps-came-back', note: words },
      { kind: 'lamps', lit: lit.length > 0 ? lit : ['abs'], ...(pattern ? { pattern: [pattern] } : {}) },
    ],
  });
}

async function allClean(): Promise<void> {
  const { km = 0 } = plan.value ?? {};
  await job.dispatch({ do: 'observe', said: [{ kind: 'drive', result: 'lamps-stayed-out', distance: km }] });
}
</script>

<template>
  <section v-if="plan" class="drive" data-test="drive-plan">
    <p v-if="plan.refused" class="warning" role="alert" data-test="no-drive">{{ plan.refused }}</p>
    <template v-else>
      <p>
        <b>{{ texts.takes(plan.minutes, showOwn(plan.km, values.distance)) }}</b> {{ texts.before }}
      </p>
      <p class="warning">{{ texts.nobodyTouches }}</p>
      <ol class="rows">
        <li v-for="leg in plan.legs" :key="leg.id" :class="{ driven: leg.isDriven }">
          <button
            type="button"
            class="tap tick"
            :aria-pressed="leg.isDriven"
            :aria-label="texts.driven(leg.words)"
            :data-test="`leg-${leg.id}`"
            @click="tick(leg)"
          >
            {{ leg.isDriven ? '✓' : '' }}
          </button>
          <span class="words"
            ><b>{{ leg.words }}</b
            ><span class="muted">{{ leg.why }}</span></span
          >
          <button type="button" class="tap quiet" :data-test="`leg-lamp-${leg.id}`" @click="cameOn(leg)">
            {{ texts.cameOn }}
          </button>
        </li>
      </ol>
      <div class="chips">
        <button v-if="isThrough" type="button" class="tap strong" data-test="drive-clean" @click="allClean">
          {{ texts.allClean }}
        </button>
        <RouterLink class="tap" :to="{ name: 'live', params: { job: job.record?.id } }">{{ texts.record }}</RouterLink>
      </div>
      <p class="muted">{{ texts.after }}</p>
    </template>
  </section>
</template>

<style scoped>
.drive {
  display: grid;
  gap: 10px;
}

li {
  display: grid;
  grid-template-columns: auto minmax(0, 1fr) auto;
  gap: 4px 14px;
  align-items: center;
}

.tick {
  width: var(--target);
  padding: 0;
  color: var(--proved);
  font-weight: 800;
}

.tick[aria-pressed='true'] {
  background: var(--raised);
  color: var(--proved);
  border-color: var(--proved);
}

.words {
  display: grid;
}

@media (max-width: 700px) {
  li {
    grid-template-columns: auto minmax(0, 1fr);
  }

  li .quiet {
    grid-column: 2;
    justify-self: start;
    padding-inline: 0;
  }
}
</style>
