<script setup lang="ts">
import { RouterLink } from 'vue-router';
import { sayMoney } from '../../../core/words/money';
import StateMark from '../../shared/marks/StateMark.vue';
import type { JobRecord } from '../../storage/garageStorage';
import type { Glance } from './blankGlance';
import { texts } from '#words/screens/garage';

/** The job in hand: what it is about, where the fault is believed to be, and the next move with its button. */
defineProps<{ job: JobRecord; glance: Glance }>();
</script>

<template>
  <div class="glance">
    <p class="about">
      <RouterLink class="job" :to="{ name: job.stage, params: { job: job.id } }">{{ job.title }}</RouterLink><template
        v-if="glance.where"
        >{{ texts.colon }} <b>{{ glance.where }}</b></template
      ><span v-if="glance.word" class="state" :class="glance.state"
        >{{ glance.where ? ',' : texts.colon }} <StateMark :state="glance.state" /> {{ glance.word }}</span
      >
    </p>
    <div class="move">
      <div class="words">
        <p class="sentence" data-test="glance-move">{{ glance.move?.sentence ?? texts.thinking }}</p>
        <p class="facts">
          <template v-if="glance.move">
            <b v-if="glance.move.minutes !== null">{{
              texts.facts(
                glance.move.minutes,
                glance.move.cost ? sayMoney(glance.move.cost, job.file.owner?.currency) : '',
              )
            }}</b>
            {{ glance.move.why }}
          </template>
        </p>
      </div>
      <RouterLink
        v-if="glance.move"
        class="tap do"
        :class="{ strong: glance.state === 'at-fault' }"
        :to="{ ...(glance.move.to as object), params: { job: job.id } }"
        data-test="glance-do"
        >{{ glance.move.button }}</RouterLink
      >
      <span v-else class="tap do blank" aria-hidden="true" />
    </div>
  </div>
</template>

<style scoped>
.glance {
  display: grid;
  gap: 12px;
}

.job {
  display: inline-block;
  padding: 4px 0;
  color: var(--ink);
  text-decoration: none;
}

.job::first-letter {
  text-transform: uppercase;
}

.job:hover {
  color: var(--action);
  text-decoration: underline;
}

.state {
  font-weight: 700;
}

.checked-good {
  color: var(--proved);
}

.suspect {
  color: var(--suspect);
}

.at-fault {
  color: var(--fault);
}

.move {
  display: grid;
  grid-template-columns: minmax(0, 1fr) 176px;
  gap: 8px 24px;
  align-items: center;
  min-height: 78px;
}

.sentence {
  font-size: 1.24rem;
  font-weight: 650;
  line-height: 1.25;
}

.facts {
  font-size: 0.94rem;
  color: var(--muted);
  display: -webkit-box;
  -webkit-box-orient: vertical;
  -webkit-line-clamp: 2;
  min-height: 2.8em;
  overflow: hidden;
}

.facts b {
  color: var(--ink);
}

.do {
  min-height: 56px;
}

.blank {
  border-color: transparent;
  background: none;
}

@media (max-width: 700px) {
  .move {
    grid-template-columns: minmax(0, 1fr);
  }
}
</style>
