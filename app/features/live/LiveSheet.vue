<script setup lang="ts">
import { computed, onMounted, ref, useTemplateRef, watch } from 'vue';
import { RouterLink, useRoute } from 'vue-router';
import type { Channel } from '../../../core/casefile/words';
import type { LogFinding } from '../../../core/livelog/log';
import { showOwn } from '../../../core/quantities/ownUnits';
import { sayChannel } from '../../../core/vehicle/sides';
import { saveText } from '../../shared/saveText';
import { tellWithUndo } from '../../shared/tell';
import { useJob, type NewObservation } from '../../stores/job';
import { usePreferences } from '../../stores/preferences';
import ColumnsAsked from './ColumnsAsked.vue';
import LogFiles from './LogFiles.vue';
import LogFindings from './LogFindings.vue';
import WaveGuide from './WaveGuide.vue';
import LinkedFigures from './charts/LinkedFigures.vue';
import PlotFigure from './charts/PlotFigure.vue';
import { expectCharts, role } from './charts/plotly';
import TurnFigure from './charts/TurnFigure.vue';
import { closeupPlot, linkedPanels, spectrumPlot } from './charts/plots';
import { evidenceOf, keyOf, restOfEvidence, sentenceOf, soundKeys, titleOf } from './logView';
import { useRecordings, type Recording } from './useRecordings';
import { texts } from '#words/screens/log';

/** A recording of the four speeds: what it shows in words, beside its curves; one after the repair may be laid over it. */
const job = useJob();
const recordings = useRecordings();
const preferences = usePreferences();
const { values } = preferences;
const say = (channel: Channel): string => sayChannel(channel, values.sides, job.file?.vehicle.steeringSide);

type View = 'before' | 'after' | 'both';
const view = ref<View>(useRoute().query['side'] === 'after' ? 'after' : 'before');
const VIEWS = computed(() => [
  { id: 'before' as const, name: texts.before, more: recordings.before?.name ?? texts.noneYet },
  { id: 'after' as const, name: texts.after, more: recordings.after?.name ?? texts.noneYet },
  { id: 'both' as const, name: texts.both, more: '' },
]);
const shown = computed<Recording | null>(() => (view.value === 'after' ? recordings.after : recordings.before));
const report = computed(() => shown.value?.answer.report ?? null);
const detail = computed(() => shown.value?.answer.detail ?? null);
const gravest = computed<LogFinding | null>(
  () => report.value?.findings.find(({ rhythm }) => rhythm) ?? report.value?.findings[0] ?? null,
);
const title = computed(() => {
  if (shown.value?.isJudging) return texts.judging;
  if (!report.value) return texts.title;
  if (!report.value.isDriven) return texts.hardlyMoves;
  return gravest.value ? titleOf(gravest.value, say(gravest.value.channel)) : texts.nothingFound;
});
const summary = computed(() =>
  shown.value && report.value && detail.value
    ? texts.summary(
        shown.value.name,
        Math.round(shown.value.answer.seconds),
        showOwn(Math.round(10 * detail.value.kilometres) / 10, values.distance),
        report.value.samplesPerSecond,
      )
    : '',
);
const inWords = computed(
  () =>
    report.value?.findings.map((finding) => sentenceOf(finding, say(finding.channel), values.distance)).join(' ') ||
    texts.nothingFound,
);
const isAssumed = computed(() =>
  Object.entries(shown.value?.answer.columns ?? {}).some(
    ([column, { isAssumed: assumed }]) => column !== 'time' && assumed === true,
  ),
);
/** The wheels may be asked for where they were not found, and where a unit had to be assumed. */
const isColumnsOpen = ref(false);
const asksColumns = computed(
  () => shown.value !== null && !shown.value.isJudging && (report.value === null || isColumnsOpen.value),
);
watch(shown, () => (isColumnsOpen.value = false));

const panels = computed(() => {
  void preferences.isNight;
  const [before, after] = [recordings.before, recordings.after];
  if (view.value === 'both' && before && after)
    return linkedPanels(
      [
        { recording: before, isAfter: false },
        { recording: after, isAfter: true },
      ],
      { say, role },
    );
  return detail.value && shown.value ? linkedPanels([{ recording: shown.value, isAfter: false }], { say, role }) : null;
});
const spectrum = computed(() => {
  void preferences.isNight;
  const own = gravest.value && detail.value?.spectra[gravest.value.channel];
  const [beside] = report.value?.sound ?? [];
  return own ? spectrumPlot(own, (beside && detail.value?.spectra[beside]) ?? null, role) : null;
});
const closeup = computed(() => {
  void preferences.isNight;
  return detail.value?.closeup ? closeupPlot(detail.value.closeup, role) : null;
});
/** The wheels in the colours of their curves: the gravest first. */
const legend = computed(() => {
  const suspects = new Set(report.value?.findings.map(({ channel }) => channel));
  const wheels = Object.keys(detail.value?.speeds ?? {}) as Channel[];
  return wheels
    .map((channel) => {
      const kind = channel === gravest.value?.channel ? 'gravest' : suspects.has(channel) ? 'suspect' : 'quiet';
      return { name: say(channel), kind };
    })
    .toSorted((first, second) => KINDS.indexOf(first.kind) - KINDS.indexOf(second.kind));
});
const KINDS = ['gravest', 'suspect', 'quiet'];
const opener = useTemplateRef<InstanceType<typeof LogFiles>>('opener');
onMounted(expectCharts);
const chart = useTemplateRef<InstanceType<typeof LinkedFigures>>('chart');

async function keep(observations: readonly NewObservation[], keys: readonly string[]): Promise<void> {
  const { used } = shown.value ?? {};
  if (!used || observations.length === 0) return;
  const ids = await job.observe(...observations);
  keys.forEach((key) => used.add(key));
  void tellWithUndo(texts.recorded, texts.takeBack, () => {
    keys.forEach((key) => used.delete(key));
    void job.dispatch({ do: 'withdraw', ids, withdrawn: true });
  });
}

function use(finding: LogFinding | null): void {
  if (!report.value) return;
  void keep(evidenceOf(report.value, finding), finding ? [keyOf(finding)] : soundKeys(report.value));
}

/** What the bar says while there is nothing to be used. */
const waiting = computed(() => {
  if (!shown.value) return texts.nothingOpen;
  return shown.value.isJudging ? texts.judging : texts.sayColumns;
});
const rest = computed(() => (report.value && shown.value ? restOfEvidence(report.value, shown.value.used) : []));
function useAll(): void {
  if (report.value) void keep(rest.value, [...report.value.findings.map(keyOf), ...soundKeys(report.value)]);
}

function saveFindings(): void {
  const lines = [summary.value, '', inWords.value, ...(report.value?.limits ?? []), ...(report.value?.notes ?? [])];
  saveText(texts.findingsFile, `${lines.join('\n')}\n`);
}
</script>

<template>
  <div class="live">
    <div class="head">
      <RouterLink class="tap quiet back" :to="{ name: 'find' }" :aria-label="texts.backToFind"
        ><svg viewBox="0 0 20 20" aria-hidden="true"><path d="M13 3 5 10l8 7" /></svg
      ></RouterLink>
      <div>
        <p class="muted">{{ summary || texts.recording }}</p>
        <h1 data-test="live-title">{{ title }}</h1>
      </div>
      <div v-if="recordings.before" class="views" role="group">
        <button
          v-for="entry in VIEWS"
          :key="entry.id"
          type="button"
          class="tap"
          :aria-pressed="view === entry.id"
          :disabled="entry.id === 'both' && !recordings.after"
          :data-test="`view-${entry.id}`"
          @click="view = entry.id"
        >
          {{ entry.name }} <small>{{ entry.more }}</small>
        </button>
      </div>
    </div>
    <section class="charts">
      <template v-if="!shown">
        <p class="lead">{{ texts.wanted }}</p>
        <p class="muted">{{ texts.intro }}</p>
        <LogFiles
          ref="opener"
          :key="view"
          :side="view === 'after' ? 'after' : 'before'"
          :words="view === 'after' ? texts.chooseAfter : texts.choose"
        />
        <RouterLink class="tap" :to="{ name: 'watch' }" data-test="open-watch">{{ texts.watch }}</RouterLink>
        <WaveGuide />
      </template>
      <template v-else>
        <p v-if="!report && !shown.isJudging" class="told" role="alert">
          {{ texts.notRead(shown.answer.problems[0]?.message ?? '') }}
        </p>
        <ColumnsAsked
          v-if="asksColumns && shown.answer.preview"
          :preview="shown.answer.preview"
          :say="say"
          @apply="(mapping) => recordings.readAs(view === 'after' ? 'after' : 'before', mapping)"
        />
        <template v-if="panels">
          <p class="overline">{{ texts.speeds }} · {{ texts.bends }}</p>
          <ul class="legend">
            <li v-for="entry in legend" :key="entry.name" :class="entry.kind">
              <span class="stroke" aria-hidden="true" />{{ entry.name }}
            </li>
          </ul>
          <LinkedFigures ref="chart" :panels="panels" :alternative="texts.chartAlternative(inWords)" />
          <p class="muted">{{ texts.deviations }}. {{ texts.deviationsMore }}</p>
        </template>
        <template v-if="closeup && detail?.closeup">
          <h2>
            {{ texts.closeup(Math.round((detail.closeup.seconds.at(-1) ?? 0) - (detail.closeup.seconds[0] ?? 0))) }}
          </h2>
          <PlotFigure
            :data="closeup.data"
            :layout="closeup.layout"
            :height="200"
            :alternative="texts.closeupAlternative(say(detail.closeup.channel))"
          />
          <p class="muted">
            {{ texts.turnsMarked }}
            {{
              detail.closeup.beside
                ? texts.suspectAndBeside(say(detail.closeup.channel), say(detail.closeup.beside))
                : ''
            }}
          </p>
        </template>
        <WaveGuide />
        <div class="acts">
          <button type="button" class="tap" @click="chart?.save('png')">{{ texts.savePng }}</button>
          <button type="button" class="tap" @click="chart?.save('svg')">{{ texts.saveSvg }}</button>
          <button type="button" class="tap" data-test="save-findings" @click="saveFindings">
            {{ texts.saveFindings }}
          </button>
          <LogFiles :side="view === 'after' ? 'after' : 'before'" :words="texts.another" />
        </div>
      </template>
    </section>
    <aside v-if="shown?.isJudging" class="aside">
      <p class="muted" role="status">{{ texts.judging }}</p>
    </aside>
    <aside v-else-if="shown && report" class="aside">
      <template v-if="gravest?.rhythm && spectrum">
        <h2>{{ texts.spectrum }}</h2>
        <div class="turn">
          <PlotFigure
            :data="spectrum.data"
            :layout="spectrum.layout"
            :height="170"
            :alternative="texts.spectrumAlternative(say(gravest.channel), inWords)"
          />
          <TurnFigure :share="gravest.share ?? 0" />
        </div>
      </template>
      <LogFindings :report="report" :used="shown.used" :say="say" @use="use" />
      <p v-for="note in report.notes" :key="note" class="told">{{ note }}</p>
      <h2>{{ texts.cannotShow }}</h2>
      <p v-for="limit in report.limits" :key="limit" class="muted">{{ limit }}</p>
      <p v-if="report.limits.length === 0" class="muted">{{ texts.canShowAll }}</p>
      <p v-if="isAssumed" class="muted">{{ texts.assumedUnit }}</p>
      <p v-for="problem in shown.answer.problems.slice(0, 5)" :key="problem.line" class="muted">
        {{ texts.lineTrouble(problem.line, problem.message) }}
      </p>
      <button
        v-if="shown.answer.preview && !asksColumns"
        type="button"
        class="tap quiet"
        data-test="ask-columns"
        @click="isColumnsOpen = true"
      >
        {{ texts.columns.ask }}
      </button>
    </aside>
  </div>
  <Teleport defer to="#own-bar">
    <footer class="bar">
      <template v-if="shown && report">
        <p>{{ texts.useAllWhy }}</p>
        <button type="button" :disabled="rest.length === 0" data-test="log-record" @click="useAll">
          {{ rest.length === 0 ? texts.allUsed : texts.useAll(rest.length) }}
        </button>
      </template>
      <template v-else>
        <p>{{ waiting }}</p>
        <button v-if="!shown" type="button" @click="opener?.choose()">
          {{ view === 'after' ? texts.chooseAfterShort : texts.choose }}
        </button>
      </template>
    </footer>
  </Teleport>
</template>

<style scoped>
.live {
  display: grid;
  grid-template: 'head aside' auto 'charts aside' 1fr / minmax(0, 1fr) 410px;
  min-height: 100%;
}

.live:not(:has(.aside)) {
  grid-template: 'head' auto 'charts' 1fr / minmax(0, 1fr);
}

.head {
  grid-area: head;
  padding: 14px 24px 0;
}

.charts {
  grid-area: charts;
  min-width: 0;
  padding: 10px 24px 24px;
  display: grid;
  grid-template-columns: minmax(0, 1fr);
  gap: 10px;
  align-content: start;
}

.aside {
  grid-area: aside;
  min-width: 0;
  border-left: 1px solid var(--line);
  background: var(--raised);
  padding: 16px 22px;
  display: grid;
  grid-template-columns: minmax(0, 1fr);
  gap: 10px;
  align-content: start;
}

.back svg {
  width: 20px;
  fill: none;
  stroke: currentcolor;
  stroke-width: 2.6;
  stroke-linecap: round;
  stroke-linejoin: round;
}

.legend {
  list-style: none;
  margin: 0;
  padding: 0;
  display: flex;
  flex-wrap: wrap;
  gap: 4px 18px;
}

.legend li {
  display: flex;
  align-items: center;
  gap: 8px;
}

.stroke {
  width: 30px;
  border-top: 1.4px solid var(--question);
}

.gravest {
  font-weight: 700;
}

.gravest .stroke {
  border-top: 3px solid var(--fault);
}

.suspect .stroke {
  border-top: 3px dashed var(--suspect);
}

.head {
  display: flex;
  flex-wrap: wrap;
  gap: 10px 14px;
  align-items: center;
}

.head > div {
  min-width: 0;
}

.head h1,
.head p {
  margin: 0;
}

.views {
  margin-left: auto;
  display: flex;
  gap: 6px;
}

.views small {
  display: block;
  max-width: 9em;
  overflow: hidden;
  text-overflow: ellipsis;
  white-space: nowrap;
}

.lead {
  font-size: 1.15rem;
  max-width: 36em;
}

.turn {
  display: grid;
  grid-template-columns: minmax(0, 1fr) 112px;
  max-width: 420px;
  gap: 10px;
  align-items: center;
}

.acts {
  display: flex;
  flex-wrap: wrap;
  gap: 10px;
}

h2 {
  margin: 8px 0 0;
  font-size: 1.1rem;
}

.bar {
  background: var(--bar);
  color: var(--bar-text);
  display: flex;
  justify-content: space-between;
  align-items: center;
  gap: 16px;
  padding: 12px 24px calc(12px + env(safe-area-inset-bottom));
}

.bar p {
  margin: 0;
}

.bar button {
  flex: none;
  min-height: 60px;
  border: none;
  border-radius: 10px;
  padding: 8px 28px;
  background: var(--bar-action);
  color: var(--bar-action-text);
  font-size: 1.15rem;
  font-weight: 650;
  cursor: pointer;
}

.bar button:disabled {
  opacity: 0.5;
  cursor: not-allowed;
}

@media (max-width: 1000px) {
  .live {
    grid-template: 'head' auto 'aside' auto 'charts' 1fr / minmax(0, 1fr);
  }

  .aside {
    border-left: none;
    padding: 12px 16px;
  }

  .head {
    padding: 10px 16px 0;
  }

  .charts {
    padding: 10px 16px 20px;
  }

  .views {
    margin-left: 0;
    flex-wrap: wrap;
  }

  .bar {
    display: grid;
    gap: 6px;
    padding: 8px 16px calc(10px + env(safe-area-inset-bottom));
  }
}
</style>
