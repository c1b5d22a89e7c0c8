<script setup lang="ts">
import { useMediaQuery } from '@vueuse/core';
import { computed, nextTick, ref, useTemplateRef, watch } from 'vue';
import { RouterLink } from 'vue-router';
import { STEP_CAUTIONS } from '../../../core/knowledge/guide/stepCautions';
import { stepPlate } from '../../shared/drawings/plates/steps';
import { useShortcuts } from '../../shared/shortcuts/useShortcuts';
import CostPanel from '../../shared/costs/CostPanel.vue';
import FastenerBoard from './fasteners/FastenerBoard.vue';
import GuideBar from './GuideBar.vue';
import HowLongRange from './HowLongRange.vue';
import LadderSheet from './LadderSheet.vue';
import NeedsList from './NeedsList.vue';
import OwnStep from './OwnStep.vue';
import ResultButtons from './ResultButtons.vue';
import RungList from './RungList.vue';
import StepCard from './StepCard.vue';
import StepList from './StepList.vue';
import ToolTiles from './ToolTiles.vue';
import { useClimb } from './useClimb';
import { PHASE_NAMES, type useFix } from './useFix';
import { useHandsFree } from './useHandsFree';
import { texts } from '#words/screens/fix';

/** A guide, one step at a time; where something is stuck, its ladder, one rung at a time. */
const props = defineProps<{ fix: ReturnType<typeof useFix> }>();
const { job, guide, steps, current, index, title, isForTheNight } = props.fix;
const isWide = useMediaQuery('(min-width: 1000px)');
const isListOpen = ref(false);
const isFinished = computed(() => (guide.value !== null || isForTheNight.value) && current.value === null);
const ladder = useClimb(props.fix);
const { climb, rung } = ladder;
const tools = computed(() => rung.value?.tools ?? current.value?.tools ?? []);

function openStep(id: string): void {
  props.fix.choose(id);
  ladder.forget();
  isListOpen.value = false;
}

async function done(): Promise<void> {
  if (!current.value) return;
  ladder.forget();
  await props.fix.markDone(current.value);
}

/** The space bar and the edges only move on from a plain step; they never record that something stuck has moved. */
function moveOn(): void {
  if (current.value && !climb.value?.ladder.isOutcome && !rung.value && !props.fix.isBoard.value) void done();
}
useShortcuts({ ' ': moveOn, backspace: () => void props.fix.stepBack() });

/** What is read aloud: the cautions first, then what to do and why. */
const aloud = computed(() => {
  const cautions = rung.value
    ? rung.value.cautions.map((id) => STEP_CAUTIONS.get(id) ?? '')
    : (current.value?.cautions.map(({ text }) => text) ?? []);
  return [...cautions, rung.value?.text ?? current.value?.text ?? '', rung.value?.why ?? current.value?.why ?? ''].join(
    '. ',
  );
});
const handsFree = useHandsFree(aloud);
watch(
  () => current.value?.id,
  () => handsFree.canSpeak.value && handsFree.stopSpeaking(),
);

/** The next step begins at its top, whatever was read last. */
const top = useTemplateRef<HTMLElement>('top');
watch(
  () => `${current.value?.id}${rung.value?.id}`,
  () => void nextTick(() => top.value?.scrollIntoView({ block: 'start' })),
);

/** The drawing of what is to be done now. */
const plate = computed(() => {
  const step = current.value;
  const channel = guide.value?.channel;
  const place = channel ? job.file?.vehicle.places?.[channel]?.sensor : undefined;
  return step ? stepPlate(step.step, step.undoes !== undefined, { channel, place }) : null;
});
const overline = computed(() =>
  current.value
    ? texts.stepOf(title.value, PHASE_NAMES[current.value.phase], index.value + 1, steps.value.length)
    : title.value,
);
const canBack = computed(() =>
  props.fix.isBoard.value ? null : steps.value.some(({ done: isDone, skipped }) => isDone || skipped),
);
</script>

<template>
  <div ref="top" class="guide">
    <template v-if="(isWide || isListOpen) && !fix.isBoard.value">
      <RungList v-if="rung && climb" class="list" :climb="climb" :now="rung" @open="ladder.open" />
      <StepList v-else class="list" :guide="guide" :current="current?.id ?? null" @open="openStep" />
    </template>
    <FastenerBoard v-if="fix.isBoard.value" :fix="fix" />
    <section v-else-if="!guide && !isForTheNight" class="step">
      <h1>{{ title }}</h1>
      <p class="told">{{ texts.zelfHasNoGuide }}</p>
      <button class="tap strong" type="button" @click="fix.record()">{{ texts.itHasBeenDone }}</button>
    </section>
    <section v-else-if="isFinished" class="step">
      <p class="overline">{{ title }}</p>
      <h1>{{ isForTheNight ? texts.fitToDrive : texts.allStepsAreDone }}</h1>
      <p class="large">{{ isForTheNight ? texts.fitToDriveMore : texts.aLampMayStill }}</p>
      <RouterLink v-if="isForTheNight" class="tap strong" :to="fix.byDay.value" data-test="go-on">{{
        texts.goOnWithTheRepair
      }}</RouterLink>
      <CostPanel v-else />
    </section>
    <template v-else-if="current">
      <LadderSheet
        v-if="rung && climb"
        :climb="climb"
        :rung="rung"
        :channel="guide?.channel"
        :phase="PHASE_NAMES[current.phase]"
        @ready="ladder.toggleInHand"
        @leave="ladder.leave()"
      />
      <section v-else class="step" aria-live="polite">
        <StepCard
          :fix="fix"
          :step="current"
          :plate="plate"
          :overline="overline"
          :can-move-on="!climb?.ladder.isOutcome"
          @on="moveOn"
          @back="fix.stepBack()"
        />
        <template v-if="!isWide">
          <ToolTiles :tools="tools" />
          <HowLongRange v-if="!isForTheNight && index === 0" :fix="fix" />
          <NeedsList v-if="guide" :guide="guide" />
        </template>
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
          <OwnStep :fix="fix" />
          <RouterLink v-if="fix.canStopForTheNight.value" class="tap quiet" :to="fix.byNight.value" data-test="night">{{
            texts.stopForTonight
          }}</RouterLink>
        </div>
      </section>
    </template>
    <button
      v-if="!isWide && guide && !fix.isBoard.value"
      class="tap quiet all"
      type="button"
      @click="isListOpen = !isListOpen"
    >
      {{ isListOpen ? texts.hideTheList : texts.allSteps }}
    </button>
    <aside v-if="isWide && guide && !fix.isBoard.value" class="aside">
      <h2 class="overline">{{ texts.inHandForThis }}</h2>
      <ToolTiles :tools="tools" />
      <p v-if="tools.length === 0" class="muted">{{ texts.bareHands }}</p>
      <HowLongRange v-if="!isForTheNight" :fix="fix" />
      <NeedsList :guide="guide" />
      <CostPanel />
    </aside>
  </div>
  <Teleport defer to="#own-bar">
    <GuideBar :can-back="canBack" @back="fix.stepBack()">
      <RouterLink v-if="isForTheNight" :to="fix.byDay.value">{{ texts.goOnWithTheRepair }}</RouterLink>
      <RouterLink v-else :to="{ name: 'fix' }">{{ texts.leaveTheGuide }}</RouterLink>
      <template #acts>
        <RouterLink v-if="fix.isBoard.value" class="strong link" :to="fix.toGuide.value" data-test="back-to-guide">{{
          texts.backToGuide
        }}</RouterLink>
        <button
          v-else-if="isFinished && !isForTheNight"
          class="strong"
          type="button"
          data-test="record-repair"
          @click="fix.record()"
        >
          {{ texts.recordTheRepairThen }}
        </button>
        <ResultButtons v-else-if="rung && climb" :results="climb.ladder.results" @record="ladder.record" />
        <template v-else-if="current && guide">
          <button v-if="climb" class="plain alone" type="button" data-test="open-ladder" @click="ladder.open()">
            {{ climb.ladder.asked }}
          </button>
          <button class="strong" type="button" data-test="step-done" @click="done">
            {{ climb?.ladder.isOutcome ? texts.itIsOut : texts.done
            }}<kbd v-if="!climb?.ladder.isOutcome">{{ texts.space }}</kbd>
          </button>
        </template>
      </template>
    </GuideBar>
  </Teleport>
</template>

<style scoped>
.guide {
  --target: 64px;

  display: flex;
  min-height: 100%;
}

.list {
  width: 300px;
  flex: none;
  border-right: 1px solid var(--line);
}

.step {
  flex: 1;
  min-width: 0;
  padding: 22px 34px;
  display: grid;
  grid-template-columns: minmax(0, 1fr);
  gap: 14px;
  align-content: start;
  max-width: 720px;
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

kbd {
  font: 600 0.75rem var(--mono);
  border: 1.5px solid currentcolor;
  border-radius: 4px;
  padding: 0 5px;
}

@media (max-width: 999px) {
  .guide {
    flex-direction: column;
  }

  .list {
    width: auto;
    border: none;
  }

  .all {
    order: -1;
    align-self: end;
  }

  .step {
    padding: 14px 16px;
  }

  kbd {
    display: none;
  }
}
</style>
