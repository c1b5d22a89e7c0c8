<script setup lang="ts">
import { inFigures } from '../../../core/words/figures';
import { computed } from 'vue';
import { JUMPS_AT } from '../../../core/casefile/words';
import { PARTS } from '../../../core/knowledge/parts';
import { showReading } from '../../../core/quantities/show';
import Keypad from '../../shared/keypad/Keypad.vue';
import { usePreferences } from '../../stores/preferences';
import type { NewObservation } from '../../stores/job';
import BandScale from './BandScale.vue';
import KeepBar from './KeepBar.vue';
import type { useCheck } from './useCheck';
import { texts } from '#words/screens/find';
import { inSentence } from '#words/language';

/** A meter reading: keypad, what stands around it, and its verdict at once. */
const props = defineProps<{ check: ReturnType<typeof useCheck> }>();
const emit = defineEmits<{ keep: [found: NewObservation] }>();

const { values } = usePreferences();
const c = props.check;
const {
  text,
  unit,
  units,
  temperature,
  leads,
  range,
  isUnsteady,
  isWiggling,
  jumpsAt,
  problem,
  asksUnit,
  meter,
  verdict,
  answer,
} = c;
/** Readings across something that can be flexed meanwhile. */
const CAN_BE_FLEXED: readonly string[] = ['sensor', 'wire-1', 'wire-2'];
const isCoil = computed(
  () =>
    answer.value?.is === 'meter' &&
    answer.value.quantity === 'resistance' &&
    (answer.value.point === 'sensor' || answer.value.point === 'module-end'),
);
const isOhms = computed(() => answer.value?.is === 'meter' && answer.value.quantity === 'resistance');
const canWiggle = computed(
  () => answer.value?.is === 'meter' && CAN_BE_FLEXED.includes(answer.value.point) && isOhms.value,
);
const shown = computed(() => (text.value === '' ? '–' : text.value));
const zeroed = computed(() =>
  meter.value && leads.value !== '' && typeof meter.value.value === 'number'
    ? showReading(meter.value.value, meter.value.quantity)
    : null,
);
const RANGES = [
  ['200 Ω', '200'],
  ['2 kΩ', '2000'],
  ['20 kΩ', '20000'],
  ['200 kΩ', '200000'],
  ['2 MΩ', '2000000'],
] as const;
</script>

<template>
  <section class="entry">
    <div class="display">
      <p class="reading">
        <span class="figure" data-test="reading">{{ shown }}</span><span class="unit">{{
          text === 'OL' ? '' : unit
        }}</span>
      </p>
      <BandScale
        v-if="verdict?.figure && (verdict.figure.min ?? verdict.figure.max)"
        :figure="verdict.figure"
        :tone="verdict.tone"
      />
      <p class="muted small">
        <template v-if="zeroed">{{ texts.leadsTakenOff(zeroed.number, zeroed.unit) }}<br /></template
        >{{ texts.meterCounts(c.job.file?.owner?.meter?.percent ?? 1, c.job.file?.owner?.meter?.counts ?? 3) }}
      </p>
    </div>
    <div aria-live="polite">
      <p v-if="problem" class="told" role="alert">{{ problem }}</p>
      <p v-else-if="verdict" class="told verdict" :class="verdict.tone" data-test="verdict">
        <b>{{ verdict.heading }}</b> {{ verdict.detail }}
      </p>
    </div>
    <div class="around">
      <Keypad
        v-model:text="text"
        v-model:unit="unit"
        :units="units"
        :has-overload="true"
        @enter="meter && emit('keep', meter)"
      />
      <div class="extras">
        <label v-if="isCoil"
          >{{ texts.temperatureOfThePart(values.temperature)
          }}<el-input v-model="temperature" inputmode="decimal" :placeholder="texts.notKnown"
        /></label>
        <label v-if="isOhms"
          >{{ texts.readingWithTheProbes
          }}<el-input v-model="leads" inputmode="decimal" :placeholder="inFigures('0.3')"
        /></label>
        <div v-if="isOhms && text === 'OL'" class="ranges">
          <span>{{ texts.rangeSetByHand }}</span><button
            v-for="[words, ohm] in RANGES"
            :key="ohm"
            class="tap small"
            type="button"
            :aria-pressed="range === ohm"
            @click="range = range === ohm ? '' : ohm"
          >
            {{ words }}
          </button>
        </div>
        <button class="tap" type="button" :aria-pressed="isUnsteady" @click="isUnsteady = !isUnsteady">
          {{ texts.itJumpsAbout }}
        </button>
        <button v-if="canWiggle" class="tap" type="button" :aria-pressed="isWiggling" @click="isWiggling = !isWiggling">
          {{ texts.readWhileWiggling }}
        </button>
        <div v-if="canWiggle && isWiggling && isUnsteady" class="ranges" data-test="jumps-at">
          <span>{{ texts.whichPartDidYou }}</span><button
            v-for="entry in JUMPS_AT"
            :key="entry"
            class="tap small"
            type="button"
            :aria-pressed="jumpsAt === entry"
            @click="jumpsAt = jumpsAt === entry ? '' : entry"
          >
            {{ inSentence(PARTS[entry].name) }}
          </button>
        </div>
      </div>
    </div>
    <KeepBar
      :is-ready="meter !== null"
      :words="verdict?.heading ?? ''"
      :asks="asksUnit ? texts.chooseTheUnit : ''"
      @keep="meter && emit('keep', meter)"
    />
  </section>
</template>

<style scoped>
.entry,
.extras {
  display: grid;
  gap: 12px;
  align-content: start;
}

/* What is typed stays in sight, whatever is scrolled for. */
.display {
  display: flex;
  flex-wrap: wrap;
  justify-content: space-between;
  align-items: center;
  gap: 4px 18px;
  position: sticky;
  top: 0;
  z-index: 2;
  background: var(--ground);
  padding: 4px 0;
}

.display .scale {
  flex: 1 1 300px;
  max-width: 400px;
}

.reading .figure {
  font-size: 2.7rem;
  line-height: 1;
}

.unit {
  font-size: 1.5rem;
  font-weight: 650;
  margin-left: 14px;
}

.verdict.good {
  border-color: var(--proved);
}

.verdict.bad {
  border-color: var(--fault);
}

.small {
  font-size: 0.88rem;
  text-align: right;
}

.around {
  display: grid;
  grid-template-columns: minmax(0, 1.3fr) minmax(0, 1fr);
  align-items: start;
  gap: 16px;
}

label {
  display: grid;
  gap: 4px;
  font-size: 0.92rem;
  font-weight: 600;
}

.ranges {
  display: flex;
  flex-wrap: wrap;
  gap: 6px;
  font-size: 0.92rem;
}

.ranges span {
  width: 100%;
}

.tap.small {
  padding: 2px 10px;
  text-align: center;
}

.verdict.good {
  border-color: var(--proved);
}

.verdict.void,
.verdict.plain {
  border-color: var(--question);
}

@media (max-width: 700px) {
  .around {
    grid-template-columns: minmax(0, 1fr);
  }

  .extras {
    grid-template-columns: repeat(2, minmax(0, 1fr));
    align-items: end;
  }

  .ranges {
    grid-column: 1 / -1;
  }
}
</style>
