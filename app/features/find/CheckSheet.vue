<script setup lang="ts">
import { computed, ref } from 'vue';
import { RouterLink, useRouter } from 'vue-router';
import type { Observation } from '../../../core/casefile/contract';
import { answered, canBeMade } from '../../../core/commands/answered';
import { answersOf } from '../../../core/knowledge/checks/sheets';
import { meaningsOf } from '../../../core/judgement/meanings';
import { describeObservation } from '../../../core/report/describe';
import { answerText } from '../../../core/knowledge/outcomes/words';
import { axleOf, CORNER_OF } from '../../../core/vehicle/channels';
import { sayChannel } from '../../../core/vehicle/sides';
import PlateImage from '../../shared/drawings/PlateImage.vue';
import { checkPlate } from '../../shared/drawings/plates/checks';
import RouteFigure from '../../shared/drawings/RouteFigure.vue';
import type { NewObservation } from '../../stores/job';
import { tellWithUndo } from '../../shared/tell';
import { usePreferences } from '../../stores/preferences';
import { SENSOR_TYPES, type Channel, type SensorType } from '../../../core/casefile/words';
import { TYPE_NAMES } from '../../../core/knowledge/names';
import DistanceEntry from './DistanceEntry.vue';
import MeaningRow from './MeaningRow.vue';
import WithTerms from '../../shared/terms/WithTerms.vue';
import LookEntry from './LookEntry.vue';
import MeterEntry from './MeterEntry.vue';
import SpecsEntry from './SpecsEntry.vue';
import { useCheck } from './useCheck';
import { texts } from '#words/screens/find';
import { texts as looks } from '#words/shared/looks';
import { texts as sums } from '#words/screens/arithmetic';
import { texts as liveTexts } from '#words/screens/log';

/** One check: what to do, what is still to set up, the answer, and what it means for the path. */
const check = useCheck();
const router = useRouter();
const { values } = usePreferences();
const say = (channel: Channel): string => sayChannel(channel, values.sides, check.job.file?.vehicle.steeringSide);
const where = computed(() => (check.channel.value ? say(check.channel.value) : ''));
const choices = computed(() => (check.answer.value ? answersOf(check.answer.value) : []));

/** Where the sensor and its plug sit, as far as the spec sheet says. */
const placesOf = (channel: Channel | null) => (channel && check.job.file?.vehicle.places?.[channel]) ?? {};
const isReckoned = computed(
  () => ['meter', 'distance'].includes(check.answer.value?.is ?? '') || check.name.value === 'live:hand-spin',
);
const hasRoute = computed(
  () => check.answer.value?.is === 'look' && ['lead', 'loom'].includes(check.answer.value.part),
);

/** How the check is made; the meter's display shows what is being typed. */
const plate = computed(() => {
  const drawn =
    check.sheet.value && checkPlate(check.sheet.value.check, check.channel.value, placesOf(check.channel.value));
  if (!drawn || drawn.scene !== 'probing' || check.text.value === '') return drawn;
  const unit = check.text.value === 'OL' ? '' : check.unit.value;
  return { ...drawn, figures: { 'display-value': check.text.value, 'display-unit': unit } };
});
const meanings = computed(() =>
  check.sheet.value && check.job.file
    ? meaningsOf({ is: 'check', check: check.sheet.value.check, channel: check.channel.value }, check.job.file)
    : [],
);

function said(observation: Observation): string {
  if (!check.job.file) return '';
  const { title, figure, detail } = describeObservation(observation, check.job.file, values);
  return [title, figure, detail].filter(Boolean).join(', ');
}

const wordsFor = (word: string): string => (check.answer.value ? answerText(check.answer.value, word) : word);

/** What was kept can be taken back at once. */
function tell(ids: readonly string[]): void {
  void tellWithUndo(
    texts.kept,
    texts.takeItBack,
    () => void check.job.dispatch({ do: 'withdraw', ids, withdrawn: true }),
  );
}

async function keep(...found: NewObservation[]): Promise<void> {
  const isCorrection = check.corrects.value !== null;
  const ids = await check.keep(...found);
  if (!isCorrection) tell(ids);
  await router.push({ name: 'find' });
}

const channels = computed(() => check.job.file?.vehicle.channels ?? []);
const isPossible = computed(
  () => check.answer.value !== null && canBeMade(check.answer.value, check.channel.value, channels.value),
);

function choose(words: readonly string[], isUnsure = false): void {
  const asked = check.answer.value;
  if (!asked) return;
  if (asked.is === 'sensor-type') void setType(words[0] as 'passive' | 'active');
  else if (asked.is === 'look' || asked.is === 'live' || asked.is === 'choice')
    void keep(...answered(asked, words, check.channel.value, channels.value, isUnsure));
}

/** Front and rear may carry different kinds. */
const isAxleOnly = ref(false);

/** Says the kind beside the reading that hangs on it. */
const sayKind = (type: SensorType): Promise<unknown> =>
  check.job.dispatch({
    do: 'sensor-type',
    type,
    channels: axleOf(check.channel.value ?? 'front-left', channels.value),
  });

async function setType(type: 'passive' | 'active'): Promise<void> {
  const file = check.job.file;
  const wheels = file?.vehicle.channels ?? [];
  const meant = isAxleOnly.value && check.channel.value ? axleOf(check.channel.value, wheels) : wheels;
  const open = meant.filter((entry) => !file?.vehicle.sensorTypes?.[entry]);
  await check.job.dispatch({ do: 'sensor-type', type, channels: open });
  await router.push({ name: 'find' });
}
</script>

<template>
  <div class="check" :class="{ wide: check.answer.value?.is === 'look', metered: check.answer.value?.is === 'meter' }">
    <div class="top">
      <RouterLink class="tap quiet back" :to="{ name: 'find' }" :aria-label="texts.backToFind"
        ><svg viewBox="0 0 20 20" aria-hidden="true"><path d="M13 3 5 10l8 7" /></svg
      ></RouterLink>
      <p v-if="!check.canMove.value" class="overline">{{ where || texts.theWholeCar }}</p>
      <div v-else class="wheels" role="group" :aria-label="texts.whichWheel">
        <button
          v-for="channel in channels"
          :key="channel"
          type="button"
          class="tap wheel"
          :aria-pressed="check.channel.value === channel"
          :data-test="`at-${channel}`"
          @click="check.moveTo(channel)"
        >
          {{ say(channel) }}</button><button
          v-if="check.answer.value?.is === 'look'"
          type="button"
          class="tap wheel"
          :aria-pressed="check.channel.value === null"
          data-test="at-unknown"
          @click="check.moveTo('unknown')"
        >
          {{ texts.wheelNotKnown }}
        </button>
      </div>
    </div>
    <template v-if="check.sheet.value">
      <h1 data-test="check-title">{{ check.sheet.value.title }}</h1>
      <div class="how">
        <PlateImage v-if="plate" class="picture" :plate="plate" />
        <section>
          <p v-if="check.answer.value?.is === 'look'" class="look-how">
            <WithTerms :text="looks.how[check.answer.value.part]" />
          </p>
          <template v-if="check.setup.value.length > 0">
            <h2 class="overline">{{ texts.setUp }}</h2>
            <ul class="setup">
              <li v-for="line in check.setup.value" :key="line">{{ line }}</li>
            </ul>
          </template>
        </section>
      </div>
      <RouteFigure
        v-if="hasRoute && check.channel.value"
        :channel="check.channel.value"
        :plug="placesOf(check.channel.value).plug"
      />
      <p v-if="check.sheet.value.caution" class="warning">{{ check.sheet.value.caution }}</p>
      <p v-if="check.corrects.value && check.job.file" class="told" data-test="corrects">
        {{ texts.youCorrectWhatYou(said(check.corrects.value)) }}
      </p>
      <p v-else-if="check.earlier.value.length > 0" class="told">
        {{ texts.youHaveDoneThis(check.earlier.value.length) }}
      </p>
      <section v-if="check.asksKind.value" class="kind" data-test="asks-kind">
        <p>{{ texts.whichKindFirst }}</p>
        <button
          v-for="kind in SENSOR_TYPES"
          :key="kind"
          type="button"
          class="tap"
          :data-kind="kind"
          @click="sayKind(kind)"
        >
          {{ TYPE_NAMES[kind] }}
        </button>
      </section>
      <MeaningRow v-if="meanings.length > 0" :meanings="meanings" :shown="check.verdict.value?.outcome ?? null" />
      <MeterEntry v-if="check.answer.value?.is === 'meter'" class="entry" :check="check" @keep="keep" />
      <DistanceEntry
        v-else-if="check.answer.value?.is === 'distance'"
        :point="check.answer.value.point"
        :channel="check.channel.value"
        @keep="keep"
      />
      <SpecsEntry v-else-if="check.answer.value?.is === 'specs'" @kept="router.push({ name: 'find' })" />
      <p v-else-if="!isPossible" class="told">
        {{ texts.thisIsNotPossible }}
      </p>
      <LookEntry
        v-else-if="check.answer.value?.is === 'look'"
        :part="check.answer.value.part"
        :findings="choices"
        :words-for="wordsFor"
        @keep="choose"
      />
      <section v-else>
        <h2 class="overline">{{ texts.whatDoYouFind }}</h2>
        <div class="answers">
          <button
            v-for="choice in choices"
            :key="choice"
            type="button"
            class="tap"
            :data-answer="choice"
            @click="choose([choice])"
          >
            {{ wordsFor(choice) }}
          </button>
        </div>
        <label v-if="check.answer.value?.is === 'sensor-type'" class="switch">
          <el-switch v-model="isAxleOnly" />
          {{
            check.channel.value && CORNER_OF[check.channel.value].end === 'rear'
              ? texts.onlyTheRearAxle
              : texts.onlyTheFrontAxle
          }}
        </label>
        <p v-if="check.answer.value?.is === 'sensor-type'" class="told">
          {{ texts.passiveACoilToothed }}
        </p>
        <p v-if="check.name.value === 'live:drive'" class="live">
          {{ liveTexts.openLive }}
          <RouterLink class="tap" :to="{ name: 'live' }" data-test="open-live">{{
            liveTexts.openLiveButton
          }}</RouterLink>
        </p>
      </section>
      <RouterLink v-if="isReckoned" class="tap quiet sums" :to="{ name: 'arithmetic' }">{{ sums.link }}</RouterLink>
    </template>
    <template v-else>
      <h1>{{ texts.thereIsNoSuch }}</h1>
      <RouterLink class="tap strong" :to="{ name: 'find' }">{{ texts.backToFind }}</RouterLink>
    </template>
  </div>
</template>

<style scoped>
.check {
  padding: 8px 26px 20px;
  display: grid;
  gap: 10px;
  max-width: 900px;
  justify-items: stretch;
}

.top {
  display: flex;
  align-items: center;
  gap: 6px;
}

.sums {
  justify-self: start;
}

.back svg {
  width: 20px;
  fill: none;
  stroke: currentcolor;
  stroke-width: 2.6;
  stroke-linecap: round;
  stroke-linejoin: round;
}

.wheels {
  display: flex;
  flex-wrap: wrap;
  gap: 6px;
}

.wheel {
  min-height: 44px;
  padding: 4px 12px;
  font-size: 0.94rem;
}

.kind {
  display: flex;
  flex-wrap: wrap;
  align-items: center;
  gap: 8px 12px;
}

.kind p {
  flex: 1 1 260px;
}

.setup {
  margin: 6px 0 0;
  padding: 0;
  list-style: none;
  columns: 2 200px;
}

.setup li {
  padding: 5px 0 5px 26px;
  position: relative;
  break-inside: avoid;
}

.setup li::before {
  content: '';
  position: absolute;
  left: 0;
  top: 10px;
  width: 13px;
  height: 13px;
  border: 2px solid var(--ink);
  border-radius: 3px;
}

.check.wide {
  max-width: 1280px;
}

.how {
  display: grid;
  grid-template-columns: minmax(0, 5fr) minmax(0, 4fr);
  gap: 4px 24px;
  align-items: start;
}

.wide .how {
  grid-template-columns: minmax(0, 280px) minmax(0, 1fr);
}

.look-how {
  margin: 0 0 8px;
  font-size: 1.1rem;
  max-width: 34em;
}

@media (min-width: 1100px) {
  .check.metered {
    max-width: 1280px;
    grid-template-columns: minmax(0, 1fr) minmax(0, 1fr);
    column-gap: 28px;
  }

  .metered > * {
    grid-column: 1 / -1;
  }

  .metered > .how {
    grid-row: 3;
    grid-column: 1;
    grid-template-columns: minmax(0, 1fr);
    align-content: start;
  }

  .metered > .entry {
    grid-row: 3;
    grid-column: 2;
  }
}

.picture {
  border: 1.4px solid var(--line);
  border-radius: 10px;
}

.switch {
  display: flex;
  gap: 12px;
  align-items: center;
  min-height: var(--target);
}

.answers {
  display: grid;
  grid-template-columns: repeat(auto-fill, minmax(160px, 1fr));
  gap: 10px;
  margin: 8px 0;
}

.answers .tap {
  min-height: max(56px, var(--target));
}

@media (max-width: 700px) {
  .how,
  .wide .how {
    grid-template-columns: minmax(0, 1fr);
  }

  .check {
    padding: 4px 16px 20px;
  }
}
</style>
