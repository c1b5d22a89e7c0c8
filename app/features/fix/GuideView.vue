<script setup lang="ts">
import { useMediaQuery } from '@vueuse/core';
import { computed, nextTick, ref, useTemplateRef, watch } from 'vue';
import { RouterLink } from 'vue-router';
import { PROOF_ANSWERS } from '../../../core/proof/answers';
import { showOwn } from '../../../core/quantities/ownUnits';
import { STEP_CAUTIONS } from '../../../core/knowledge/guide/stepCautions';
import { toolNames } from '../../../core/knowledge/guide/tools';
import { STUCK_LADDER } from '../../../core/knowledge/guide/stuckLadder';
import PlateImage from '../../shared/drawings/PlateImage.vue';
import { RUNG_PLATES, stepPlate } from '../../shared/drawings/plates/steps';
import WithTerms from '../../shared/terms/WithTerms.vue';
import { useShortcuts } from '../../shared/shortcuts/useShortcuts';
import { usePreferences } from '../../stores/preferences';
import { useDraft } from '../../stores/useDraft';
import CostPanel from './CostPanel.vue';
import LadderBar from './LadderBar.vue';
import StepList from './StepList.vue';
import ToolTiles from './ToolTiles.vue';
import { PHASE_NAMES, type useFix } from './useFix';
import { useHandsFree } from './useHandsFree';
import { useSoak } from './useSoak';
import { texts } from '#words/screens/fix';

/** One step at a time, in large type, with its drawing, its why, and its caution where it belongs. */
const props = defineProps<{ fix: ReturnType<typeof useFix> }>();
const { values } = usePreferences();
const { job, guide, steps, current, index, title } = props.fix;
const isWide = useMediaQuery('(min-width: 1000px)');
const isListOpen = ref(false);
const isFinished = computed(() => guide.value !== null && current.value === null);

const rungText = useDraft(() => `${job.record?.id}.ladder`);
const rungIndex = computed(() =>
  rungText.value === '' ? -1 : Math.min(STUCK_LADDER.length - 1, Number(rungText.value) || 0),
);
const rung = computed(() =>
  current.value?.ladder && rungIndex.value >= 0 ? (STUCK_LADDER[rungIndex.value] ?? null) : null,
);
const soak = useSoak(() => `${job.record?.id}.soak`);
const cautions = computed(() =>
  rung.value
    ? rung.value.cautions.map((id) => ({ id, text: STEP_CAUTIONS.get(id) ?? id }))
    : (current.value?.cautions ?? []),
);
const tools = computed(() => rung.value?.tools ?? current.value?.tools ?? []);
const torque = computed(() => current.value?.torque);

function openStep(id: string): void {
  props.fix.choose(id);
  isListOpen.value = false;
}

async function done(): Promise<void> {
  if (!current.value) return;
  if (current.value.ladder) rungText.value = '';
  await props.fix.markDone(current.value);
}

function nextRung(): void {
  rungText.value = String(Math.min(STUCK_LADDER.length - 1, rungIndex.value + 1));
  const minutes = STUCK_LADDER[rungIndex.value]?.soakMinutes;
  if (minutes) soak.start();
}

/** Space only moves on a plain step; it never records that something stuck has moved. */
useShortcuts({
  ' ': () => current.value && !current.value.ladder && void done(),
  backspace: () => void props.fix.stepBack(),
});
/** Why, and on the ladder how. */
const explained = computed(() =>
  rung.value ? `${rung.value.text.split('.').slice(1).join('.').trim()} ${rung.value.why}` : (current.value?.why ?? ''),
);

/** What is read aloud: the step, its cautions first. */
const aloud = computed(() =>
  [
    ...cautions.value.map(({ text }) => text),
    rung.value ? (rung.value.text.split('.')[0] ?? '') : (current.value?.text ?? ''),
    explained.value,
  ].join('. '),
);
const handsFree = useHandsFree(aloud);
watch(
  () => current.value?.id,
  () => handsFree.canSpeak.value && handsFree.stopSpeaking(),
);

/** The next step begins at its top, whatever was read last. */
const top = useTemplateRef<HTMLElement>('top');
watch(
  () => `${current.value?.id}${rungIndex.value}`,
  () => void nextTick(() => top.value?.scrollIntoView({ block: 'start' })),
);

/** The drawing of what is to be done now. */
const plate = computed(() => {
  if (rung.value) return RUNG_PLATES[rung.value.id];
  const step = current.value;
  const channel = guide.value?.channel;
  const place = channel ? job.file?.vehicle.places?.[channel]?.sensor : undefined;
  return step ? stepPlate(step.step, step.undoes !== undefined, place) : null;
});
</script>

<template>
  <div ref="top" class="guide">
    <StepList v-if="isWide || isListOpen" class="list" :guide="guide" :current="current?.id ?? null" @open="openStep" />
    <section v-if="!guide" class="step">
      <h1>{{ title }}</h1>
      <p class="told">
        {{ texts.zelfHasNoGuide }}
      </p>
      <button class="tap strong" type="button" @click="fix.record()">{{ texts.itHasBeenDone }}</button>
    </section>
    <section v-else-if="isFinished" class="step">
      <p class="overline">{{ title }}</p>
      <h1>{{ texts.allStepsAreDone }}</h1>
      <p class="large">
        {{ texts.aLampMayStill }}
      </p>
      <CostPanel />
    </section>
    <section v-else-if="current" class="step" aria-live="polite">
      <p class="overline">
        {{ texts.stepOf(title, PHASE_NAMES[current.phase], index + 1, steps.length) }}
        <template v-if="rung">{{ texts.stuckSensorRungOf(rungIndex + 1, STUCK_LADDER.length) }}</template>
      </p>
      <h1 class="big" data-test="step-title">{{ rung ? rung.text.split('.')[0] : current.text }}</h1>
      <ol v-if="rung" class="rungs">
        <li
          v-for="(entry, at) in STUCK_LADDER"
          :key="entry.id"
          :class="{ past: at < rungIndex, here: at === rungIndex }"
        >
          {{ entry.name }}
        </li>
      </ol>
      <PlateImage v-if="plate" class="picture" :plate="plate" />
      <p class="large"><WithTerms :text="explained" /></p>
      <p v-if="torque" class="torque">
        <span class="figure">{{
          torque.newtonMetre === null ? texts.figureOfYourManual : showOwn(torque.newtonMetre, values.torque)
        }}</span><span v-if="torque.newtonMetre === null" class="muted">{{
          torque.point === 'sensor-bolt' ? texts.smallSensorBoltsTake : texts.theManualDecides
        }}</span>
      </p>
      <p v-for="caution in cautions" :key="caution.id" class="warning">{{ caution.text }}</p>
      <section v-if="fix.spin.isDue.value" class="spin" data-test="spin-now">
        <h2>{{ texts.beforeTheWheelGoes }}</h2>
        <p class="muted">
          {{ texts.readerConnectedIgnitionOn }}
        </p>
        <div class="chips">
          <button
            v-for="answer in PROOF_ANSWERS.spin"
            :key="answer.id"
            type="button"
            class="tap"
            :aria-pressed="fix.spin.said.value?.id === answer.id"
            @click="fix.spin.spun(answer)"
          >
            {{ answer.words }}
          </button>
        </div>
        <p v-if="fix.spin.said.value" class="told">{{ fix.spin.said.value.meaning }}</p>
      </section>
      <ToolTiles v-if="!isWide" :tools="tools" />
      <div class="chips">
        <button v-if="!current.undoes && !current.ladder" class="tap quiet" type="button" @click="fix.skip(current)">
          {{ texts.notNeededHere }}
        </button>
        <button class="tap quiet" type="button" data-test="phase-done" @click="fix.markPhase()">
          {{ texts.allOfIsDone(PHASE_NAMES[current.phase]) }}
        </button>
        <button
          v-if="handsFree.canSpeak.value"
          class="tap quiet"
          type="button"
          data-test="aloud"
          :aria-pressed="handsFree.isSpeaking.value"
          @click="handsFree.toggleAloud()"
        >
          {{ handsFree.isSpeaking.value ? texts.stopReading : texts.readAloud }}
        </button>
        <button v-if="!isWide" class="tap quiet" type="button" @click="isListOpen = !isListOpen">
          {{ isListOpen ? texts.hideTheList : texts.allSteps }}
        </button>
      </div>
    </section>
    <aside v-if="isWide && guide" class="aside">
      <h2 class="overline">{{ texts.inHandForThis }}</h2>
      <ToolTiles :tools="tools" />
      <p v-if="tools.length === 0" class="muted">{{ texts.bareHands }}</p>
      <h2 class="overline">{{ texts.neededInAll }}</h2>
      <p class="muted">{{ [...guide.needs.parts, ...toolNames(guide.needs.tools)].join(', ') }}</p>
      <CostPanel />
    </aside>
  </div>
  <Teleport defer to="#own-bar">
    <LadderBar
      :can-back="steps.some((one) => one.done || one.skipped)"
      :soak="current?.ladder ? soak.shown.value : ''"
      :is-ladder="current?.ladder !== undefined"
      :on-ladder="rungIndex >= 0"
      :is-last-rung="rungIndex >= STUCK_LADDER.length - 1"
      :is-finished="isFinished"
      :has-guide="guide !== null"
      @back="fix.stepBack()"
      @done="done"
      @next-rung="nextRung"
      @record="fix.record()"
    >
      <RouterLink class="leave" :to="{ name: 'fix' }">{{ texts.leaveTheGuide }}</RouterLink>
    </LadderBar>
  </Teleport>
</template>

<style scoped>
.spin {
  display: grid;
  gap: 8px;
  padding: 12px 14px;
  border-left: 6px dotted var(--question);
  background: var(--raised);
}

.guide {
  display: flex;
  min-height: 100%;
}

.list {
  width: 286px;
  flex: none;
  border-right: 1px solid var(--line);
}

.step {
  flex: 1;
  min-width: 0;
  padding: 22px 34px;
  display: grid;
  gap: 14px;
  align-content: start;
  max-width: 720px;
}

.picture {
  border: 1.4px solid var(--line);
  border-radius: 10px;
}

.big {
  font-size: 2.1rem;
}

.large {
  font-size: 1.18rem;
  max-width: 36em;
}

.aside {
  width: 300px;
  flex: none;
  border-left: 1px solid var(--line);
  padding: 18px;
  display: grid;
  gap: 10px;
  align-content: start;
}

.torque {
  display: flex;
  flex-wrap: wrap;
  gap: 4px 14px;
  align-items: baseline;
}

.torque .figure {
  font-size: 1.7rem;
}

.rungs {
  list-style: none;
  margin: 0;
  padding: 0;
  display: grid;
  grid-template-columns: repeat(7, minmax(0, 1fr));
  gap: 6px;
  font-size: 0.82rem;
  color: var(--muted);
}

.rungs li {
  border-top: 7px solid var(--line);
  padding-top: 4px;
}

.rungs .past {
  border-color: var(--proved);
}

.rungs .here {
  border-color: var(--ink);
  color: var(--ink);
  font-weight: 700;
}

@media (max-width: 999px) {
  .guide {
    flex-direction: column;
  }

  .list {
    width: auto;
    border: none;
  }

  .step {
    padding: 14px 16px;
  }

  .big {
    font-size: 1.5rem;
  }

  .rungs {
    grid-template-columns: repeat(4, minmax(0, 1fr));
  }
}
</style>
