<script setup lang="ts">
import { computed } from 'vue';
import { levelOf } from '../../../bench/practice/levels';
import type { FaultId } from '../../../core/knowledge/faults';
import type { Channel } from '../../../core/casefile/words';
import { faultName } from '../../../core/knowledge/faults';
import { sayChannel } from '../../../core/vehicle/sides';
import { sayMoney } from '../../../core/words/money';
import { percent } from '../../../core/words/percent';
import DebriefPanel from './DebriefPanel.vue';
import DoPanel from './DoPanel.vue';
import MeterPanel from './MeterPanel.vue';
import ReaderPanel from './ReaderPanel.vue';
import { usePreferences } from '../../stores/preferences';
import { usePractice } from '../../shared/practice/usePractice';
import { texts } from '#words/screens/bench';

/** The practice car of a job: meter, reader, hands; clock and bill; the adviser beside it unless it is to be silent. */
const { job, practice, minutes, cost, set } = usePractice();
const { values } = usePreferences();
const level = computed(() => (practice.value ? levelOf(practice.value.level) : null));
const currency = computed(() => job.file?.owner?.currency ?? 'EUR');
function nameOf(fault: FaultId | 'none', channel: Channel | null): string {
  const name = fault === 'none' ? texts.nothingWrong : faultName(fault);
  return channel ? `${name}, ${sayChannel(channel, values.sides, job.file?.vehicle.steeringSide)}` : name;
}
const suspects = computed(() => job.assessment?.ranking.slice(0, 3) ?? []);
</script>

<template>
  <div v-if="practice && level" class="bench">
    <header class="bill">
      <h1>{{ level.name }}</h1>
      <p class="figure" data-test="clock">{{ minutes.toFixed(0) }} min</p>
      <p class="figure" data-test="bill">{{ sayMoney(Math.round(cost), currency) }}</p>
      <button
        v-if="!practice.finished"
        class="tap small"
        type="button"
        :aria-pressed="practice.alone === true"
        @click="set({ alone: practice.alone !== true })"
      >
        {{ texts.adviserSilent }}
      </button>
      <button v-if="!practice.finished" class="tap" type="button" data-test="finish" @click="set({ finished: true })">
        {{ texts.iAmDoneShow }}
      </button>
    </header>
    <DebriefPanel v-if="practice.finished" />
    <div v-else class="place">
      <MeterPanel />
      <div class="aside">
        <ReaderPanel />
        <section v-if="!practice.alone && suspects.length > 0" class="advice" data-test="bench-advice">
          <h2>{{ texts.whatTheAdviserSuspects }}</h2>
          <ul class="rows">
            <li v-for="suspect in suspects" :key="`${suspect.channel}${suspect.fault}`" class="suspect">
              <span>{{ nameOf(suspect.fault, suspect.channel) }}</span><span class="figure">{{
                percent(suspect.probability)
              }}</span>
            </li>
          </ul>
        </section>
        <DoPanel />
      </div>
    </div>
  </div>
  <div v-else class="bench">
    <h1>{{ texts.noPracticeCarHere }}</h1>
    <p>{{ texts.thisJobIsAbout }}</p>
  </div>
</template>

<style scoped>
.bench {
  padding: 16px 26px 40px;
  display: grid;
  gap: 16px;
}

.bill {
  display: flex;
  flex-wrap: wrap;
  align-items: center;
  gap: 8px 22px;
}

.bill h1 {
  flex: 1 1 220px;
}

.bill .figure {
  font-size: 1.4rem;
  font-weight: 680;
}

.place {
  display: grid;
  grid-template-columns: minmax(0, 1.25fr) minmax(280px, 1fr);
  gap: 20px 34px;
  align-items: start;
}

.aside {
  display: grid;
  gap: 20px;
}

.advice {
  display: grid;
  gap: 6px;
  padding-left: 14px;
  border-left: 5px solid var(--action);
}

.suspect {
  display: flex;
  justify-content: space-between;
  gap: 14px;
}

@media (max-width: 1000px) {
  .bench {
    padding: 14px 16px 40px;
  }

  .place {
    grid-template-columns: minmax(0, 1fr);
  }
}
</style>
