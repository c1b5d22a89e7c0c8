<script setup lang="ts">
import { kindIn } from '../../../core/evidence/sensorKind';
import { computed, ref, watch } from 'vue';
import { useRoute } from 'vue-router';
import { checksOf } from '../../../core/knowledge/checks/all';
import { checkNameOf } from '../../../core/knowledge/checks/nameOf';
import { SEGMENTS, type Segment } from '../../../core/casefile/words';
import { faultName } from '../../../core/knowledge/faults';
import { SEGMENT_EXPLAINED } from '../../../core/knowledge/names';
import { sayChannel } from '../../../core/vehicle/sides';
import { percent } from '../../../core/words/percent';
import { pathOf, summaryOf } from '../../shared/path/pathView';
import SignalPath from '../../shared/path/SignalPath.vue';
import { useJob } from '../../stores/job';
import { usePreferences } from '../../stores/preferences';
import ComparePanel from './ComparePanel.vue';
import EvidenceList from './EvidenceList.vue';
import { evidenceLines } from './evidenceView';
import InTurns from '../../shared/InTurns';
import SegmentPanel, { type PanelCheck } from './SegmentPanel.vue';
import { texts } from '#words/screens/find';

const job = useJob();
const { values } = usePreferences();
const route = useRoute();
const chosen = ref<Segment | null>(null);
/** The path strip of a phone says which segment to open. */
watch(
  () => route.query['segment'],
  (named) => (chosen.value = SEGMENTS.find((segment) => segment === named) ?? chosen.value),
  { immediate: true },
);

const where = computed(() => sayChannel(job.subject, values.sides, job.file?.vehicle.steeringSide));
const pieces = computed(() => pathOf(job.assessment?.parts ?? [], job.subject, job.assessment?.verdicts));
const likeliest = computed(() =>
  pieces.value.reduce((best, piece) => (piece.probability > best.probability ? piece : best)),
);
const selected = computed(() => pieces.value.find((piece) => piece.segment === chosen.value) ?? likeliest.value);
watch(
  () => job.subject,
  () => (chosen.value = null),
);

const lines = computed(() => (job.file ? evidenceLines(job.file, job.assessment, job.subject, values) : []));
const faults = computed(() =>
  (job.assessment?.ranking ?? [])
    .filter(
      (entry) => entry.channel === job.subject && entry.segment === selected.value.segment && entry.probability >= 0.01,
    )
    .slice(0, 5)
    .map((entry) => ({ words: faultName(entry.fault), share: percent(entry.probability) })),
);
const made = computed(
  () =>
    new Set(
      (job.file?.observations ?? [])
        .filter((observation) => !observation.withdrawn && observation.channel === job.subject)
        .map(checkNameOf),
    ),
);
const checks = computed<PanelCheck[]>(() =>
  checksOf(selected.value.segment, (job.file && kindIn(job.file, job.subject)) ?? undefined)
    .slice(0, 8)
    .map((sensorType) => ({
      check: sensorType.check,
      manner: sensorType.manner,
      words: sensorType.words,
      minutes: sensorType.minutes,
      done: sensorType.manner === undefined && made.value.has(sensorType.check),
    })),
);
</script>

<template>
  <div class="find">
    <header class="title">
      <h1>{{ texts.theSignalPath(where) }}</h1>
      <p class="muted">{{ summaryOf(pieces) }}</p>
    </header>
    <SignalPath class="wide-path" :pieces="pieces" :selected="selected.segment" @select="chosen = $event" />
    <div class="below">
      <InTurns>
        <div class="seen">
          <EvidenceList :lines="lines" @withdraw="job.withdraw" />
          <ComparePanel v-if="job.file" :file="job.file" :at="job.subject" />
        </div>
        <SegmentPanel
          :piece="selected"
          :where="where"
          :at="job.subject"
          :places="job.file?.vehicle.places?.[job.subject] ?? {}"
          :explained="SEGMENT_EXPLAINED[selected.segment]"
          :faults="faults"
          :checks="checks"
        />
      </InTurns>
    </div>
  </div>
</template>

<style scoped>
.find {
  padding: 18px 24px 26px;
}

.title {
  display: flex;
  flex-wrap: wrap;
  align-items: baseline;
  gap: 2px 14px;
  margin-bottom: 8px;
}

.seen {
  min-width: 0;
}

.below {
  display: grid;
  grid-template-columns: minmax(0, 1.55fr) minmax(0, 1fr);
  gap: 28px;
  padding-top: 18px;
}

@media (max-width: 900px) {
  .find {
    padding: 12px 16px 20px;
  }

  .wide-path {
    display: none;
  }

  .below {
    grid-template-columns: minmax(0, 1fr);
    padding-top: 8px;
  }
}
</style>
