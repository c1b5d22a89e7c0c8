<script setup lang="ts">
import { kindIn } from '../../core/evidence/sensorKind';
import { useMediaQuery } from '@vueuse/core';
import { computed, defineAsyncComponent, ref, watch } from 'vue';
import { RouterLink, RouterView, useRoute, useRouter } from 'vue-router';
import type { Segment } from '../../core/casefile/words';
import { nextMoveView } from '../shared/nextMove/moveView';
import NextMoveBar from '../shared/nextMove/NextMoveBar.vue';
import WhyDrawer from '../shared/nextMove/WhyDrawer.vue';
import PathStrip from '../shared/path/PathStrip.vue';
import { pathOf } from '../shared/path/pathView';
import CornerStrip from '../shared/plan/CornerStrip.vue';
import { cornersOf } from '../shared/plan/planView';
import { sayChannel } from '../../core/vehicle/sides';
import CompactHead from '../shared/shell/CompactHead.vue';
import PlanSide from '../shared/shell/PlanSide.vue';
import StageHeader from '../shared/shell/StageHeader.vue';
import { STAGES, visitedStages, type StageId } from '../shared/shell/stages';
import { useCompact } from '../shared/shell/useCompact';
import { useShortcuts } from '../shared/shortcuts/useShortcuts';
import { useBell } from '../shared/timer/useBell';
import { useGarage } from '../stores/garage';
import { useJob } from '../stores/job';
import { practiceOf } from '../../bench/practice/practiceFile';
import { useDrafts } from '../stores/drafts';
import { usePreferences } from '../stores/preferences';
import { texts } from '#words/screens/pages';

const QuickNote = defineAsyncComponent(() => import('../shared/shell/QuickNote.vue'));
const KeysDialog = defineAsyncComponent(() => import('../shared/shell/KeysDialog.vue'));

/** A job: its header, plan, path strip and Next-move bar around the stage that is open. */
const route = useRoute();
const router = useRouter();
const job = useJob();
const garage = useGarage();
/** At a very first visit the samples are still on their way. */
const isMissing = computed(() => job.isMissing && garage.isLoaded);
const drafts = useDrafts();
const preferences = usePreferences();
/** Sheets that belong to Find, with a foot of their own. */
const OF_FIND: readonly string[] = ['check', 'live', 'watch'];
useBell(() => job.record?.id);
const isWhyOpen = ref(false);
const isHelpOpen = ref(false);
const isNoting = ref(false);
const isWide = useMediaQuery('(min-width: 901px)');
const isSmall = computed(() => !isWide.value);
const compact = useCompact(isSmall);
const { isCompact } = compact;
watch(() => route.fullPath, compact.reset);

const id = computed(() => String(route.params['job']));
watch(id, (now) => void job.open(now), { immediate: true });

const stage = computed<StageId | null>(
  () =>
    STAGES.find(
      (stage) =>
        String(route.name).startsWith(stage.id) || (stage.id === 'find' && OF_FIND.includes(String(route.name))),
    )?.id ?? null,
);
watch([stage, () => job.record?.id], () => stage.value && void job.setStage(stage.value), { immediate: true });

const corners = computed(() => (job.file ? cornersOf(job.file, job.assessment, preferences.values.sides) : []));
const pieces = computed(() => pathOf(job.assessment?.parts ?? [], job.subject, job.assessment?.verdicts));
const move = computed(() => nextMoveView(job.assessment, job.file, preferences.values.sides));
/** The bar leads nowhere where one stands already. */
const shownMove = computed(() => {
  const to = move.value?.to;
  const isHere = typeof to === 'object' && 'name' in to && to.name === route.name && !('query' in to);
  return move.value && isHere ? { ...move.value, button: '' } : move.value;
});
const currency = computed(() => job.file?.owner?.currency ?? 'EUR');
/** A guide has a foot of its own; a check sheet and live data are all entry. */
const hasOwnBar = computed(
  () => OF_FIND.includes(String(route.name)) || (route.name === 'fix' && route.query['repair'] !== undefined),
);
const visited = computed(() => visitedStages(job.file));

/** A code that is typed but not recorded counts for nothing yet: the bar says so. */
const codesDraft = computed(() => `${id.value}.codes`);
watch(codesDraft, (now) => drafts.open(now, true), { immediate: true });
const unrecorded = computed(() => drafts.textOf(codesDraft.value).trim() !== '');

const practice = computed(() => practiceOf(job.file));

function go(name: string): void {
  void router.push({ name, params: { job: id.value } });
}

/** On a phone the path strip leads to Find with that segment open. */
function lookAt(segment: Segment): void {
  void router.push({ name: 'find', params: { job: id.value }, query: { segment } });
}

useShortcuts({
  ...Object.fromEntries(STAGES.map((stage) => [String(stage.number), () => go(stage.id)])),
  n: () => move.value && void router.push(move.value.to),
  c: () => go('codes'),
  m: () =>
    void router.push({
      name: 'check',
      params: { job: id.value },
      query: {
        do:
          job.file && kindIn(job.file, job.subject) === 'active'
            ? 'meter:supply-at-plug:dc-voltage'
            : 'meter:sensor:resistance',
        at: job.subject,
      },
    }),
  l: () => (isNoting.value = true),
  g: () => (preferences.values.gloves = !preferences.values.gloves),
  'ctrl+z': () => void job.undo(),
  'ctrl+shift+z': () => void job.redo(),
  '?': () => (isHelpOpen.value = true),
  '/': () => void router.push({ name: 'handbook' }),
});
</script>

<template>
  <main v-if="isMissing" class="missing">
    <h1>{{ texts.thisJobIsNot }}</h1>
    <p>{{ texts.itMayHaveBeen }}</p>
    <RouterLink class="tap strong" :to="{ name: 'garage' }">{{ texts.toTheGarage }}</RouterLink>
  </main>
  <div v-else class="job">
    <CompactHead
      v-if="isCompact && job.file"
      class="head"
      back="garage"
      :vehicle="job.file.vehicle.name ?? ''"
      :stage="STAGES.find((one) => one.id === stage)?.name ?? texts.notebook"
      :where="sayChannel(job.subject, preferences.values.sides, job.file.vehicle.steeringSide)"
      :pieces="pieces"
      @open="compact.showAll"
    />
    <StageHeader
      v-else
      :job="id"
      :vehicle="job.file?.vehicle.name ?? ''"
      :title="job.record?.title ?? ''"
      :stage="stage"
      :visited="visited"
      :is-practice="practice !== null"
      :undo-name="job.undoName"
      :redo-name="job.redoName"
      @help="isHelpOpen = true"
      @note="isNoting = true"
      @undo="job.undo"
      @redo="job.redo"
    />
    <div v-if="!isWide && !isCompact && job.file" class="strips">
      <CornerStrip :corners="corners" :subject="job.subject" @select="job.setSubject" />
      <PathStrip :pieces="pieces" :selected="null" @select="lookAt" />
    </div>
    <div class="sheet">
      <PlanSide
        v-if="isWide && job.file && !['fix', 'live', 'watch'].includes(String(route.name))"
        :corners="corners"
        :subject="job.subject"
        :file="job.file"
        :sides="preferences.values.sides"
        @select="job.setSubject"
      />
      <main v-if="job.file" class="main" tabindex="0" @scroll.passive="compact.onScroll"><RouterView /></main>
    </div>
    <div v-show="hasOwnBar" id="own-bar" class="own-bar" />
    <NextMoveBar
      v-if="!hasOwnBar && practice?.alone !== true"
      :view="shownMove"
      :currency="currency"
      :is-thinking="job.isThinking"
      :is-stale="job.isStale && !job.isThinking"
      :is-compact="isCompact"
      :reminder="unrecorded ? texts.whatIsTypedUnder : ''"
      @why="isWhyOpen = true"
    />
    <WhyDrawer
      v-if="job.assessment && job.file"
      v-model="isWhyOpen"
      :assessment="job.assessment"
      :file="job.file"
      :subject="job.subject"
      :sides="preferences.values.sides"
      :currency="currency"
    />
    <QuickNote v-if="isNoting" v-model="isNoting" />
    <KeysDialog v-if="isHelpOpen" v-model="isHelpOpen" />
  </div>
</template>

<style scoped>
.job {
  height: calc(100dvh - var(--trouble, 0px));
  display: grid;
  grid-template-rows: auto auto minmax(0, 1fr) auto;
  grid-template-columns: minmax(0, 1fr);
}

.sheet {
  grid-row: 3;
  display: flex;
  min-height: 0;
}

.own-bar,
.job > .bar {
  grid-row: 4;
}

.strips {
  grid-row: 2;
  padding: 8px 12px 0;
  border-bottom: 1px solid var(--line);
}

.main {
  flex: 1;
  min-width: 0;
  position: relative;
  overflow-y: auto;
  scroll-padding: 80px;
}

.missing {
  max-width: 620px;
  margin: 12vh auto;
  padding: 0 20px;
  display: grid;
  gap: 18px;
  justify-items: start;
}

/* On paper there is the sheet alone, as long as it is. */
@media print {
  .job {
    display: block;
    height: auto;
  }

  .job > :not(.sheet),
  .sheet > :not(.main) {
    display: none;
  }

  .main {
    overflow: visible;
  }
}
</style>
