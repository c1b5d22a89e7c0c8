<script setup lang="ts">
import WhenOpened from '../../shared/WhenOpened.vue';
import { computed } from 'vue';
import { LAMP_PATTERNS, SYMPTOMS } from '../../../core/casefile/words';
import { LAMP_NAMES, PATTERN_NAMES, SYMPTOM_NAMES } from '../../../core/knowledge/names';
import DrivePlan from '../../shared/drive/DrivePlan.vue';
import BulbCheck from './BulbCheck.vue';
import ExclusionsPanel from './ExclusionsPanel.vue';
import HistoryPanel from './HistoryPanel.vue';
import LampSymbol from './LampSymbol.vue';
import ManyLamps from './ManyLamps.vue';
import ParkedLamps from './ParkedLamps.vue';
import { FAMILY, OTHERS, useDash } from './useDash';
import { texts } from '#words/screens/dash';

/** Cautions that the lamps themselves ask for. */
const OF_THE_DASH: readonly string[] = [
  'do-not-drive-hydraulic',
  'do-not-drive-red',
  'red-brake-lamp',
  'airbag-lamp',
  'high-voltage',
  'without-abs',
];
const BENDABLE: readonly string[] = [
  'stability-cuts-in',
  'noise-from-wheel',
  'abs-pulses-at-low-speed',
  'speedometer-wrong',
];
const dash = useDash();
const cautions = computed(() => dash.job.assessment?.cautions.filter(({ id }) => OF_THE_DASH.includes(id)) ?? []);
const BENDS = ['left', 'right'] as const;
/** Symptoms that a bend can bring on. */
const bendable = computed(() => dash.symptoms.value.filter(({ symptom }) => BENDABLE.includes(symptom)));
const hasSymptom = (word: string): boolean => dash.symptoms.value.some((symptom) => symptom.symptom === word);
</script>

<template>
  <div class="dash">
    <section v-for="caution in cautions" :key="caution.id" class="warning" role="alert">{{ caution.text }}</section>
    <section>
      <h1>{{ texts.whatIsLit }}</h1>
      <BulbCheck />
      <div class="lamps">
        <button
          v-for="lamp in FAMILY"
          :key="lamp"
          type="button"
          class="tap lamp"
          :aria-pressed="dash.lit.value.includes(lamp)"
          @click="dash.toggleLamp(lamp)"
        >
          <LampSymbol :lamp="lamp" />{{ LAMP_NAMES[lamp] }}
        </button>
      </div>
      <details :open="OTHERS.some((one) => dash.lit.value.includes(one))">
        <summary>{{ texts.lampsOfOtherSystems }}</summary>
        <p class="muted">{{ texts.notedForLaterThese }}</p>
        <div class="lamps">
          <button
            v-for="lamp in OTHERS"
            :key="lamp"
            type="button"
            class="tap lamp"
            :aria-pressed="dash.lit.value.includes(lamp)"
            @click="dash.toggleLamp(lamp)"
          >
            <LampSymbol :lamp="lamp" />{{ LAMP_NAMES[lamp] }}
          </button>
        </div>
      </details>
      <ParkedLamps v-if="dash.lit.value.length > 0" :lit="dash.lit.value" />
      <details v-if="dash.lit.value.length > 1">
        <summary>{{ texts.whySoManyLamps }}</summary>
        <WhenOpened><ManyLamps :lit="dash.lit.value" /></WhenOpened>
      </details>
    </section>
    <section>
      <h2>{{ texts.howDoesItBehave }}</h2>
      <div class="chips">
        <button
          v-for="word in LAMP_PATTERNS"
          :key="word"
          type="button"
          class="tap"
          :aria-pressed="dash.pattern.value.includes(word)"
          @click="dash.togglePattern(word)"
        >
          {{ PATTERN_NAMES[word] }}
        </button>
        <button type="button" class="tap quiet" @click="dash.allOut()">{{ texts.allLampsAreOut }}</button>
      </div>
      <details v-if="dash.lit.value.length > 0" :open="dash.earlier.value.length > 0">
        <summary>{{ texts.itWasDifferentAt }}</summary>
        <p class="muted">
          {{ texts.aFaultThatFirst }}
        </p>
        <div class="chips" data-test="earlier-pattern">
          <button
            v-for="word in LAMP_PATTERNS"
            :key="word"
            type="button"
            class="tap"
            :aria-pressed="dash.earlier.value.includes(word)"
            @click="dash.toggleEarlier(word)"
          >
            {{ PATTERN_NAMES[word] }}
          </button>
        </div>
      </details>
    </section>
    <HistoryPanel
      :history="dash.history.value"
      :channels="dash.job.file?.vehicle.channels ?? []"
      :file="dash.job.file"
      @add="dash.addHistory"
      @remove="(id) => dash.job.withdraw(id, true)"
    />
    <section>
      <h2>{{ texts.anythingElseNoticed }}</h2>
      <div class="chips">
        <button
          v-for="word in SYMPTOMS.filter((one) => one !== 'none')"
          :key="word"
          type="button"
          class="tap"
          :aria-pressed="hasSymptom(word)"
          @click="dash.toggleSymptom(word)"
        >
          {{ SYMPTOM_NAMES[word] }}
        </button>
      </div>
      <div v-for="entry in bendable" :key="entry.id" class="bend">
        <span>{{ texts.onlyInOneBend(SYMPTOM_NAMES[entry.symptom] ?? entry.symptom) }}</span>
        <span class="chips">
          <button
            v-for="side in BENDS"
            :key="side"
            type="button"
            class="tap"
            :aria-pressed="entry.bend === side"
            :data-test="`bend-${side}`"
            @click="dash.setBend(entry.id, side)"
          >
            {{ texts.bends(side) }}
          </button>
        </span>
        <span class="muted">{{ texts.thisIsOnlyA }}</span>
      </div>
    </section>
    <ExclusionsPanel />
    <details v-if="dash.lit.value.length > 0 || dash.symptoms.value.length > 0" data-test="make-it-show">
      <summary>{{ texts.makeItShow }}</summary>
      <WhenOpened><DrivePlan /></WhenOpened>
    </details>
  </div>
</template>

<style scoped>
.dash {
  padding: 20px 26px 30px;
  display: grid;
  gap: 26px;
  max-width: 980px;
}

section {
  display: grid;
  gap: 12px;
}

.lamps {
  display: grid;
  grid-template-columns: repeat(auto-fill, minmax(132px, 1fr));
  gap: 10px;
}

.lamp {
  flex-direction: column;
  gap: 4px;
  padding: 10px 6px;
}

summary {
  min-height: var(--target);
  display: flex;
  align-items: center;
  cursor: pointer;
  color: var(--action);
  font-weight: 600;
}

details {
  display: grid;
  gap: 10px;
}

.bend {
  display: flex;
  flex-wrap: wrap;
  align-items: center;
  gap: 8px 16px;
}

@media (max-width: 700px) {
  .dash {
    padding: 14px 16px 24px;
  }

  .lamps {
    grid-template-columns: repeat(3, minmax(0, 1fr));
  }
}
</style>
