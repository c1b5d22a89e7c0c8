<script setup lang="ts">
import { useMediaQuery } from '@vueuse/core';
import { computed, ref, watch } from 'vue';
import { QUANTITY_OF } from '../../../bench/practice/freeProbe';
import { DIAL, settingOf, type Dial, type Plugs, type Point } from '../../../bench/practice/probes';
import { kindIn } from '../../../core/evidence/sensorKind';
import { CHECKS } from '../../../core/knowledge/checks/all';
import { BEEPS_UNDER_OHM } from '../../../core/knowledge/limits';
import { showReading } from '../../../core/quantities/show';
import { describeObservation } from '../../../core/report/describe';
import { sayChannel } from '../../../core/vehicle/sides';
import { usePreferences } from '../../stores/preferences';
import CircuitBoard from './CircuitBoard.vue';
import { usePractice } from '../../shared/practice/usePractice';
import { heard } from '../../shared/words/heard';
import { texts } from '#words/screens/bench';

/** The stand-in multimeter: a dial, two probes, and the circuit that they reach. */
const { job, practice, meter, act } = usePractice();
const { values } = usePreferences();
const dial = ref<Dial>('ohm');
const red = ref<Point | null>(null);
const black = ref<Point | null>(null);
const inHand = ref<'red' | 'black'>('red');
const plugs = ref<Plugs>({ sensor: false, module: false });
const isWiggling = ref(false);
/** Full scale that a plain meter is set to, by quantity; none: its owner turns down until the next range would overload. */
const range = ref<number | null>(null);
const display = ref('');
const said = ref('');

const SIGNS: Readonly<Record<Dial, string>> = { ohm: 'Ω', beep: '•))', dc: 'V', mv: 'mV', ac: 'V~', ma: 'mA' };
const WORDS: Readonly<Record<Dial, string>> = {
  ohm: texts.resistance,
  beep: texts.continuity,
  dc: texts.directVoltage,
  mv: texts.millivolts,
  ac: texts.alternatingVoltage,
  ma: texts.current,
};
const setting = computed(() => settingOf(dial.value, red.value, black.value, plugs.value));
const canWiggle = computed(() => {
  const { value } = setting;
  return value.is === 'check' && CHECKS.some((check) => check.check === value.check && check.manner === 'wiggle');
});
const ranges = computed(() =>
  meter.value.id === 'by-hand' && dial.value !== 'mv' ? meter.value.ranges[QUANTITY_OF[dial.value]] : [],
);
function rangeName(value: number): string {
  const { number, unit } = showReading(value, QUANTITY_OF[dial.value]);
  return `${Number(number)} ${unit}`;
}
/** Turns the range knob one on: the best range, then each by hand. */
function turn(by: 1 | -1): void {
  const steps = [null, ...ranges.value];
  const at = steps.indexOf(range.value);
  range.value = steps[(at + by + steps.length) % steps.length] ?? null;
}
const isSmall = useMediaQuery('(max-width: 700px)');
const parts = computed(() => (isSmall.value ? (['sensor-side', 'module-side'] as const) : (['whole'] as const)));
const spoken = computed(() => sayChannel(job.subject, values.sides, job.file?.vehicle.steeringSide));
const type = computed(() => (job.file ? kindIn(job.file, job.subject) : null));
watch(dial, () => (range.value = null));
watch([dial, red, black, plugs, range], () => {
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

const isKept = computed(() => setting.value.is === 'check');
const hint = computed(() => {
  const { value } = setting;
  if (said.value) return said.value;
  return value.is === 'check' ? texts.readyBothProbesHave : value.words;
});

async function measure(): Promise<void> {
  if (setting.value.is === 'check') await check(setting.value.check, setting.value.ofCar);
  else if (setting.value.is === 'free') await probe();
}

/** A check of the contract: what it shows is kept. */
async function check(name: string, isOfCar: boolean): Promise<void> {
  const shown = await act({
    do: 'check',
    check: name,
    channel: isOfCar ? null : job.subject,
    ...(canWiggle.value && isWiggling.value ? ({ manner: 'wiggle' } as const) : {}),
    ...(range.value === null ? {} : { range: range.value }),
  });
  const reading = shown?.seen.at(0);
  if (!reading || !job.file) return;
  const { title, figure, detail } = describeObservation({ ...reading, id: '' }, job.file, values);
  const beeps = reading.kind === 'meter' && typeof reading.value === 'number' && reading.value < BEEPS_UNDER_OHM;
  display.value = dial.value === 'beep' ? (beeps ? 'beeps' : 'silent') : figure;
  said.value = [title, dial.value === 'beep' ? figure : '', detail].filter(Boolean).join(', ');
}

/** Any other two points: the meter shows what the circuit gives there, and nothing is kept. */
async function probe(): Promise<void> {
  if (!red.value || !black.value) return;
  const { words } = setting.value as { readonly words: string };
  const shown = await act({
    do: 'probe',
    dial: dial.value,
    red: red.value,
    black: black.value,
    plugs: { ...plugs.value },
    channel: job.subject,
    ...(range.value === null ? {} : { range: range.value }),
  });
  const reading = shown?.display;
  if (!reading) return;
  const { number, unit } = showReading(reading.value, reading.quantity, reading.resolution ?? null);
  const beeps = typeof reading.value === 'number' && reading.value < BEEPS_UNDER_OHM;
  display.value = dial.value === 'beep' ? (beeps ? 'beeps' : 'silent') : `${number} ${unit}`.trim();
  said.value = texts.shownNotKept(words);
}
</script>

<template>
  <section v-if="practice" class="meter">
    <h2 data-test="probed">{{ texts.theCircuit(spoken) }}</h2>
    <CircuitBoard
      v-for="part in parts"
      :key="part"
      :part="part"
      :red="red"
      :black="black"
      :plugs="plugs"
      :is-active="type === 'active'"
      @put="put"
      @plug="plug"
    />
    <div class="tools">
      <div class="face">
        <output class="display figure" aria-live="polite" data-test="meter-display">{{ display || '– – –' }}</output>
        <div class="dial" role="radiogroup" :aria-label="texts.dialOfTheMeter">
          <button
            v-for="entry in DIAL"
            :key="entry"
            type="button"
            class="tap"
            role="radio"
            :aria-checked="dial === entry"
            :aria-label="heard(SIGNS[entry], WORDS[entry])"
            :data-dial="entry"
            @click="dial = entry"
          >
            {{ SIGNS[entry]
            }}<svg v-if="entry === 'dc'" class="direct" viewBox="0 0 20 12" aria-hidden="true">
              <path d="M1 3h18M1 9h4M8 9h4M15 9h4" />
            </svg>
          </button>
        </div>
        <div v-if="ranges.length > 0" class="range" role="group" :aria-label="texts.rangeOfTheMeter" data-test="ranges">
          <button class="tap" type="button" :aria-label="texts.nextSmallerRange" @click="turn(-1)">−</button>
          <output class="figure">{{ range === null ? texts.bestRange : rangeName(range) }}</output>
          <button class="tap" type="button" :aria-label="texts.nextLargerRange" data-test="range-up" @click="turn(1)">
            +
          </button>
        </div>
      </div>
      <div class="ask">
        <div class="chips" role="radiogroup" :aria-label="texts.probeInHand">
          <button
            v-for="entry in ['red', 'black'] as const"
            :key="entry"
            type="button"
            class="tap small"
            role="radio"
            :aria-checked="inHand === entry"
            @click="inHand = entry"
          >
            {{ entry === 'red' ? texts.redProbe : texts.blackProbe }}
          </button>
          <button
            v-if="canWiggle"
            type="button"
            class="tap small"
            :aria-pressed="isWiggling"
            @click="isWiggling = !isWiggling"
          >
            {{ texts.wiggleTheWiringWhile }}
          </button>
        </div>
        <p class="muted say" role="status" data-test="meter-hint">{{ hint }}</p>
        <button
          class="tap"
          :class="{ strong: isKept }"
          type="button"
          :disabled="setting.is === 'hint'"
          data-test="measure"
          @click="measure"
        >
          {{ isKept || setting.is === 'hint' ? texts.measureAndKeep : texts.measureAnyway }}
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

.range {
  display: grid;
  grid-template-columns: var(--target) 1fr var(--target);
  gap: 6px;
  align-items: center;
  color: var(--bar-text);
  text-align: center;
}

.range .tap {
  padding: 0;
  font-family: var(--mono);
  font-size: 1.3rem;
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
