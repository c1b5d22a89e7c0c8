<script setup lang="ts">
import { OWN_UNITS } from '../../../core/quantities/ownUnits';
import LanguageChoice from '../language/LanguageChoice.vue';
import { usePreferences } from '../../stores/preferences';
import { texts } from '#words/shared/shell';

/** The keys, and how the sheet looks and speaks. */
const isOpen = defineModel<boolean>({ required: true });
const { values } = usePreferences();
const SHEETS = [
  [null, texts.coloursAsOnYour],
  [false, texts.lightColours],
  [true, texts.darkColours],
] as const;
const KEYS = [
  ['1 – 5', texts.theFiveStages],
  ['N', texts.doTheNextMove],
  ['C', texts.enterCodes],
  ['M', texts.enterAMeterReading],
  [texts.ctrlZ, texts.undoTheLastStep],
  [texts.ctrlShiftZ, texts.redoIt],
  ['L', texts.aQuickNote],
  ['G', texts.gloveMode],
  ['/', texts.theHandbook],
  ['?', texts.theseSettings],
] as const;
const SPEECH = [
  ['left-right', texts.leftAndRight],
  ['driver-passenger', texts.driversAndPassengersSide],
  ['nearside-offside', texts.nearsideAndOffside],
] as const;
const UNITS = [
  ['distance', texts.distance],
  ['torque', texts.torque],
  ['temperature', texts.temperature],
] as const;
</script>

<template>
  <el-dialog v-model="isOpen" :title="texts.settings" width="min(560px, 94vw)" :append-to-body="true">
    <dl class="keys">
      <template v-for="[key, what] in KEYS" :key="key">
        <dt>
          <kbd>{{ key }}</kbd>
        </dt>
        <dd>{{ what }}</dd>
      </template>
    </dl>
    <p class="muted">{{ texts.theseKeysDoNothing }}</p>
    <div class="look">
      <button class="tap" type="button" :aria-pressed="values.gloves" @click="values.gloves = !values.gloves">
        {{ texts.gloveModeEverythingIs }}
      </button>
      <button
        v-for="[night, words] in SHEETS"
        :key="words"
        class="tap"
        type="button"
        :aria-pressed="values.night === night"
        @click="values.night = night"
      >
        {{ words }}
      </button>
    </div>
    <h3>{{ texts.language }}</h3>
    <LanguageChoice />
    <h3>{{ texts.howZelfNamesThe }}</h3>
    <div class="look" role="radiogroup" :aria-label="texts.howSidesAreSpoken">
      <button
        v-for="[id, words] in SPEECH"
        :key="id"
        class="tap"
        type="button"
        role="radio"
        :aria-checked="values.sides === id"
        @click="values.sides = id"
      >
        {{ words }}
      </button>
    </div>
    <h3>{{ texts.unitsTitle }}</h3>
    <div v-for="[quantity, words] in UNITS" :key="quantity" class="look unit" role="radiogroup" :aria-label="words">
      <span>{{ words }}</span>
      <button
        v-for="unit in OWN_UNITS[quantity]"
        :key="unit"
        class="tap"
        type="button"
        role="radio"
        :aria-checked="values[quantity] === unit"
        :data-test="`unit-${unit}`"
        @click="Object.assign(values, { [quantity]: unit })"
      >
        {{ unit }}
      </button>
    </div>
  </el-dialog>
</template>

<style scoped>
.unit {
  align-items: center;
}

.unit > span {
  min-width: 7rem;
}

.keys {
  display: grid;
  grid-template-columns: auto 1fr;
  gap: 8px 18px;
  margin: 0 0 12px;
}

dd {
  margin: 0;
}

kbd {
  font: 600 0.9rem var(--mono);
  border: 1.5px solid var(--ink);
  border-radius: 4px;
  padding: 1px 8px;
}

.look {
  display: flex;
  flex-wrap: wrap;
  gap: 10px;
  margin: 14px 0;
}
</style>
