<script setup lang="ts">
import { fixed } from '../../../core/words/figures';
import { computed, reactive } from 'vue';
import { useRouter } from 'vue-router';
import { copperAt } from '../../../core/quantities/copper';
import { fromOwn, OWN_UNITS, showOwn } from '../../../core/quantities/ownUnits';
import { showReading } from '../../../core/quantities/show';
import { handSpin, widened } from '../../../core/vehicle/spinFigures';
import { tyreCircumferenceM } from '../../../core/vehicle/tyre';
import { numberIn } from '../../shared/numberIn';
import { usePreferences } from '../../stores/preferences';
import { texts } from '#words/screens/arithmetic';

/** The sums behind the measuring, for any numbers; nothing of it is kept. */
const router = useRouter();
const { values } = usePreferences();
const typed = reactive({
  tyre: '195/65R15',
  turns: '10',
  teeth: '48',
  extra: '0.5',
  diameter: '90',
  ohms: '1200',
  measuredAt: '5',
  wantedAt: '20',
  torque: '10',
});
const known = (text: string): number => numberIn(text) ?? Number.NaN;

const circumference = computed(() => tyreCircumferenceM(typed.tyre.trim()));
const TEN_SECONDS = 10;
const spin = computed(() => {
  if (!circumference.value.ok) return null;
  const spun = handSpin(circumference.value.value, known(typed.turns) / TEN_SECONDS, known(typed.teeth));
  return Number.isNaN(spun.kmh + spun.hertz) ? null : spun;
});
/** Slower than this many modules say nothing, km/h. */
const TOO_SLOW = 5;

const gap = computed(() => {
  const found = widened(known(typed.extra) / 1000, known(typed.diameter) / 1000, known(typed.teeth));
  return Number.isFinite(found.lowestKmh) && known(typed.diameter) > 0 && known(typed.teeth) > 0 ? found : null;
});
/** A corner that answers only from here on is deaf where ABS is wanted, km/h. */
const TOO_LATE = 8;

const coil = computed(() => {
  const [measured, wanted] = [known(typed.measuredAt), known(typed.wantedAt)].map((value) =>
    fromOwn(value, values.temperature),
  );
  const ohm = copperAt(known(typed.ohms), measured ?? Number.NaN, wanted);
  return Number.isFinite(ohm)
    ? { ...showReading(ohm, 'resistance'), at: showOwn(wanted ?? 20, values.temperature) }
    : null;
});

const torques = computed(() => {
  const newtonMetre = fromOwn(known(typed.torque), values.torque);
  return Number.isFinite(newtonMetre) ? OWN_UNITS.torque.map((unit) => showOwn(newtonMetre, unit)) : [];
});
</script>

<template>
  <main class="arithmetic">
    <button type="button" class="tap quiet" @click="router.back()">{{ texts.back }}</button>
    <h1>{{ texts.title }}</h1>
    <p class="muted">{{ texts.intro }}</p>
    <div class="sums">
      <section>
        <h2>{{ texts.spin }}</h2>
        <label>{{ texts.tyre }}<input v-model="typed.tyre" data-test="sum-tyre" /></label>
        <label>{{ texts.turns }}<input v-model="typed.turns" inputmode="decimal" data-test="sum-turns" /></label>
        <label>{{ texts.teeth }}<input v-model="typed.teeth" inputmode="numeric" data-test="sum-teeth" /></label>
        <p v-if="!circumference.ok" class="told" role="alert">{{ texts.tyre }} {{ texts.tyreWrong }}.</p>
        <output v-else-if="spin" data-test="sum-spin"
          >{{ texts.circumference(fixed(circumference.value, 2)) }}
          <b>{{ texts.spun(fixed(spin.kmh, 1), fixed(spin.hertz, 0)) }}</b></output
        >
        <p v-else class="muted">{{ texts.fill }}</p>
        <p v-if="spin && spin.kmh < TOO_SLOW" class="told">{{ texts.tooSlow }}</p>
      </section>
      <section>
        <h2>{{ texts.gap }}</h2>
        <label>{{ texts.extra }}<input v-model="typed.extra" inputmode="decimal" data-test="sum-extra" /></label>
        <label
          >{{ texts.diameter }}<input v-model="typed.diameter" inputmode="decimal" data-test="sum-diameter"
        /></label>
        <label>{{ texts.teeth }}<input v-model="typed.teeth" inputmode="numeric" /></label>
        <output v-if="gap" data-test="sum-gap"
          ><b>{{ texts.left((100 * gap.left).toFixed(0)) }}</b> {{ texts.passive(fixed(gap.lowestKmh, 1)) }}
          {{ gap.activeAnswers ? texts.active : texts.activeNot }}</output
        >
        <p v-else class="muted">{{ texts.fill }}</p>
        <p v-if="gap && gap.lowestKmh > TOO_LATE" class="told">{{ texts.tooWide }}</p>
      </section>
      <section>
        <h2>{{ texts.coil }}</h2>
        <label>{{ texts.ohms }}<input v-model="typed.ohms" inputmode="decimal" data-test="sum-ohms" /></label>
        <label
          >{{ texts.measuredAt(values.temperature)
          }}<input v-model="typed.measuredAt" inputmode="decimal" data-test="sum-measured"
        /></label>
        <label
          >{{ texts.wantedAt(values.temperature)
          }}<input v-model="typed.wantedAt" inputmode="decimal" data-test="sum-wanted"
        /></label>
        <output v-if="coil" data-test="sum-coil"
          ><b>{{ texts.coilIs(coil.number, coil.unit, coil.at) }}</b></output
        >
        <p v-else class="muted">{{ texts.fill }}</p>
      </section>
      <section>
        <h2>{{ texts.torque }}</h2>
        <label>{{ values.torque }}<input v-model="typed.torque" inputmode="decimal" data-test="sum-torque" /></label>
        <output v-if="torques.length > 0" class="torques" data-test="sum-torques"
          ><b v-for="torque in torques" :key="torque">{{ torque }}</b></output
        >
        <p v-else class="muted">{{ texts.fill }}</p>
      </section>
    </div>
  </main>
</template>

<style scoped>
.arithmetic {
  max-width: 1100px;
  margin: 0 auto;
  padding: 16px 20px 40px;
  display: grid;
  gap: 12px;
  justify-items: start;
}

h1,
h2,
p {
  margin: 0;
}

.sums {
  width: 100%;
  display: grid;
  grid-template-columns: repeat(auto-fit, minmax(280px, 1fr));
  gap: 18px;
}

section {
  border: 1.4px solid var(--line);
  border-radius: 10px;
  background: var(--raised);
  padding: 16px 18px;
  display: grid;
  gap: 10px;
  align-content: start;
}

h2 {
  font-size: 1.15rem;
}

label {
  display: grid;
  gap: 4px;
}

input {
  min-height: var(--target);
  border: 1.4px solid var(--ink);
  border-radius: var(--radius);
  padding: 0 12px;
  background: var(--ground);
  color: var(--ink);
  font: inherit;
  min-width: 0;
}

output {
  font-size: 1.1rem;
}

.torques {
  display: grid;
}
</style>
