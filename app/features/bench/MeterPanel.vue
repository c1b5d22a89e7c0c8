<script setup lang="ts">
import { computed, ref, watch } from 'vue';
import { DIAL, settingOf, type Dial, type Plugs, type Point } from '../../../bench/practice/probes';
import { CHECKS } from '../../../core/adviser/moves/checks';
import { describeObservation } from '../../../core/report/describe';
import { usePreferences } from '../../stores/preferences';
import CircuitBoard from './CircuitBoard.vue';
import { usePractice } from './usePractice';

/** The stand-in multimeter: a dial, two probes, and the circuit that they reach. */
const { job, practice, act } = usePractice();
const { values } = usePreferences();
const dial = ref<Dial>('ohm');
const red = ref<Point | null>(null);
const black = ref<Point | null>(null);
const inHand = ref<'red' | 'black'>('red');
const plugs = ref<Plugs>({ sensor: false, module: false });
const isWiggling = ref(false);
const display = ref('');
const said = ref('');

const SIGNS: Readonly<Record<Dial, string>> = { ohm: 'Ω', beep: '•))', dc: 'V', mv: 'mV', ac: 'V~', ma: 'mA' };
const WORDS: Readonly<Record<Dial, string>> = {
  ohm: 'resistance',
  beep: 'continuity',
  dc: 'direct voltage',
  mv: 'millivolts',
  ac: 'alternating voltage',
  ma: 'current',
};
const setting = computed(() => settingOf(dial.value, red.value, black.value, plugs.value));
const canWiggle = computed(() => {
  const { value } = setting;
  return value.is === 'check' && CHECKS.some((one) => one.check === value.check && one.manner === 'wiggle');
});
const type = computed(() => job.file?.vehicle.sensorTypes?.[job.subject]);
watch([dial, red, black, plugs], () => {
  display.value = '';
  said.value = '';
});

function put(point: Point): void {
  if (inHand.value === 'red') red.value = point;
  else black.value = point;
  inHand.value = inHand.value === 'red' ? 'black' : 'red';
}

function plug(which: keyof Plugs): void {
  plugs.value = { ...plugs.value, [which]: !plugs.value[which] };
}

async function measure(): Promise<void> {
  const now = setting.value;
  if (now.is !== 'check') return;
  const manner = canWiggle.value && isWiggling.value ? ({ manner: 'wiggle' } as const) : {};
  const shown = await act({
    do: 'check',
    check: now.check,
    channel: now.ofCar ? null : job.subject,
    ...manner,
  });
  const reading = shown?.seen.at(0);
  if (!reading || !job.file) return;
  const { title, figure, detail } = describeObservation({ ...reading, id: '' }, job.file, values);
  const beeps = reading.kind === 'meter' && typeof reading.value === 'number' && reading.value < 40;
  display.value = dial.value === 'beep' ? (beeps ? 'beeps' : 'silent') : figure;
  said.value = [title, dial.value === 'beep' ? figure : '', detail].filter(Boolean).join(', ');
}
</script>

<template>
  <section v-if="practice" class="meter">
    <CircuitBoard :red="red" :black="black" :plugs="plugs" :is-active="type === 'active'" @put="put" @plug="plug" />
    <div class="tools">
      <div class="face">
        <output class="display figure" aria-live="polite" data-test="meter-display">{{ display || '– – –' }}</output>
        <div class="dial" role="radiogroup" aria-label="Dial of the meter">
          <button
            v-for="one in DIAL"
            :key="one"
            type="button"
            class="tap"
            role="radio"
            :aria-checked="dial === one"
            :aria-label="WORDS[one]"
            :data-dial="one"
            @click="dial = one"
          >
            {{ SIGNS[one]
            }}<svg v-if="one === 'dc'" class="direct" viewBox="0 0 20 12" aria-hidden="true">
              <path d="M1 3h18M1 9h4M8 9h4M15 9h4" />
            </svg>
          </button>
        </div>
      </div>
      <div class="ask">
        <div class="chips" role="radiogroup" aria-label="Probe in hand">
          <button
            v-for="one in ['red', 'black'] as const"
            :key="one"
            type="button"
            class="tap small"
            role="radio"
            :aria-checked="inHand === one"
            @click="inHand = one"
          >
            {{ one === 'red' ? '+ probe' : '− probe' }}
          </button>
          <button
            v-if="canWiggle"
            type="button"
            class="tap small"
            :aria-pressed="isWiggling"
            @click="isWiggling = !isWiggling"
          >
            wiggle meanwhile
          </button>
        </div>
        <p class="muted say" role="status" data-test="meter-hint">
          {{ setting.is === 'hint' ? setting.words : said || 'Ready: both probes sit well.' }}
        </p>
        <button class="tap strong" type="button" :disabled="setting.is === 'hint'" data-test="measure" @click="measure">
          Measure and keep
        </button>
      </div>
    </div>
  </section>
</template>

<style scoped>
.meter {
  display: grid;
  gap: 12px;
}

.tools {
  display: grid;
  grid-template-columns: minmax(240px, 1fr) minmax(0, 1.2fr);
  gap: 14px 22px;
  align-items: start;
}

.face {
  padding: 12px;
  display: grid;
  gap: 10px;
  background: var(--bar);
  border-radius: var(--radius);
}

.display {
  display: block;
  padding: 6px 12px;
  text-align: right;
  font-size: 1.9rem;
  font-weight: 650;
  color: #14201f;
  background: #c4d1b8;
  border-radius: 4px;
}

.dial {
  display: grid;
  grid-template-columns: repeat(3, 1fr);
  gap: 6px;
}

.dial .tap {
  font-family: var(--mono);
  justify-content: center;
  padding: 0 4px;
}

.dial [aria-checked='true'] {
  background: var(--bar-action);
  border-color: var(--bar-action);
  color: var(--bar-action-text);
}

.direct {
  width: 20px;
  height: 12px;
  margin-left: 4px;
  stroke: currentcolor;
  stroke-width: 2;
  fill: none;
}

.ask {
  display: grid;
  gap: 10px;
}

.say {
  min-height: 2.8em;
}

@media (max-width: 700px) {
  .tools {
    grid-template-columns: minmax(0, 1fr);
  }
}
</style>
