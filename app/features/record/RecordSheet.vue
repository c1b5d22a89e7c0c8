<script setup lang="ts">
import { computed } from 'vue';
import { RouterLink } from 'vue-router';
import { faultName } from '../../../core/knowledge/faults';
import { describeRepair } from '../../../core/report/describe';
import { askOthers, ledgerCsv, readingsCsv, summaryMarkdown, summaryOf } from '../../../core/report/record';
import { sayChannel } from '../../../core/vehicle/sides';
import BrandMark from '../../shared/shell/BrandMark.vue';
import { percent } from '../../../core/words/percent';
import { saveBlob, saveText } from '../../shared/saveText';
import { shownDay } from '../../shared/time';
import { useJob } from '../../stores/job';
import { usePorts } from '../../stores/ports';
import { usePreferences } from '../../stores/preferences';
import { useDraft } from '../../stores/useDraft';
import BandScale from './BandScale.vue';
import { picturesOf } from './picturesOf';
import RecordPhotos from './RecordPhotos.vue';
import { texts } from '#words/screens/record';
import { texts as report } from '#words/core/record';

/** A job on one page, to print or to hand on; in black and white it says the same. */
const job = useJob();
const { now, storage, files } = usePorts();
const { values } = usePreferences();
const costs = useDraft(() => `${job.record?.id}.record.costs`);
const summary = computed(() => (job.file ? summaryOf(job.file, values, costs.value === 'yes') : null));
/** What cured it, once something has; the likeliest fault while the job is open and there is one. */
const cured = computed(() => {
  const { file } = job;
  const fixed = (file?.repairs ?? []).filter(({ result }) => result === 'fixed');
  return file ? fixed.map((repair) => describeRepair(repair, file, values)).join('; ') : '';
});
const top = computed(() => {
  const [row] = job.assessment?.ranking ?? [];
  const isKnown = row && row.fault !== 'none' && (summary.value?.sections.length ?? 0) > 0;
  return isKnown && cured.value === '' ? row : null;
});
const where = computed(() =>
  top.value?.channel ? `, ${sayChannel(top.value.channel, values.sides, job.file?.vehicle.steeringSide)}` : '',
);
const title = computed(() => job.record?.title ?? '');
const print = (): void => window.print();
const CSV = 'text/csv';

function saveMarkdown(): void {
  if (summary.value) saveText(texts.files.markdown, summaryMarkdown(summary.value, title.value), 'text/markdown');
}
function saveReadings(): void {
  if (summary.value) saveText(texts.files.readings, readingsCsv(summary.value), CSV);
}
function saveLedger(): void {
  if (job.file) saveText(texts.files.ledger, ledgerCsv(job.file), CSV);
}
async function saveQuestion(): Promise<void> {
  const likely = top.value
    ? { words: `${faultName(top.value.fault)}${where.value}`, chance: top.value.probability }
    : null;
  if (!summary.value) return;
  const question = askOthers(summary.value, likely);
  const pictures = await picturesOf(job.file?.attachments ?? [], storage);
  if (pictures.length === 0) return saveText(texts.files.question, question, 'text/plain');
  const text = { name: texts.files.question, bytes: new TextEncoder().encode(question) };
  const zip = await files.folder([text, ...pictures]);
  saveBlob(texts.files.questionWithPictures, new Blob([zip], { type: 'application/zip' }));
}
</script>

<template>
  <div class="acts">
    <RouterLink class="tap quiet" :to="{ name: 'notebook' }">{{ texts.backToNotebook }}</RouterLink>
    <label
      ><el-switch
        :model-value="costs === 'yes'"
        data-test="with-costs"
        @change="(on: unknown) => (costs = on ? 'yes' : '')"
      />
      {{ texts.withCosts }}</label
    >
    <button type="button" class="tap strong" data-test="print" @click="print">{{ texts.print }}</button>
    <button type="button" class="tap" data-test="save-markdown" @click="saveMarkdown">{{ texts.markdown }}</button>
    <button type="button" class="tap" data-test="save-readings" @click="saveReadings">{{ texts.readings }}</button>
    <button type="button" class="tap" data-test="save-ledger" @click="saveLedger">{{ texts.ledger }}</button>
    <button type="button" class="tap" data-test="ask-others" @click="saveQuestion">{{ texts.askOthers }}</button>
  </div>
  <article v-if="summary" class="record" data-test="record">
    <header>
      <div>
        <h1>{{ title }}</h1>
        <p class="muted">{{ texts.lead }}</p>
      </div>
      <div class="mark">
        <BrandMark />
        <p class="muted">{{ texts.printed(shownDay(now().slice(0, 10))) }}</p>
      </div>
    </header>
    <div class="about">
      <b>{{ summary.vehicle }}</b><span class="fill">{{ texts.registration }}</span>
    </div>
    <p class="ended">{{ summary.ended.join(' ') }}</p>
    <p v-if="cured" class="cause" data-test="cured">
      <b>{{ texts.cured }}</b> {{ cured }}
    </p>
    <p v-else-if="top" class="cause">
      <b>{{ texts.cause }}</b> {{ texts.likeliest(faultName(top.fault), where, percent(top.probability)) }}
    </p>
    <p v-if="summary.sections.length === 0">{{ texts.nothingYet }}</p>
    <section v-for="section in summary.sections" :key="section.id" :data-section="section.id">
      <h2>{{ section.heading }}</h2>
      <ul>
        <li v-for="(line, at) in section.lines" :key="at">
          <span class="figure day">{{ line.at ? shownDay(line.at.slice(0, 10)) : '' }}</span>
          <span class="words"
            >{{ line.words }}<span v-if="line.detail" class="muted"> · {{ line.detail }}</span></span
          >
          <b class="figure">{{ line.figure }}</b>
          <BandScale
            v-if="line.verdict?.figure && (line.verdict.figure.min ?? line.verdict.figure.max)"
            class="wide"
            :verdict="line.verdict"
            :figure="line.verdict.figure"
          />
        </li>
      </ul>
    </section>
    <RecordPhotos />
    <footer>
      <p class="muted">{{ report.notASafetyInspection }}</p>
      <span class="fill">{{ texts.dateAndSignature }}</span>
    </footer>
  </article>
</template>

<style>
@page {
  margin: 14mm;
}
</style>

<style scoped>
.record h1::first-letter {
  text-transform: uppercase;
}

.acts {
  display: flex;
  flex-wrap: wrap;
  gap: 10px;
  align-items: center;
  padding: 14px 26px;
}

.acts label {
  display: flex;
  gap: 8px;
  align-items: center;
  min-height: var(--target);
}

.record {
  max-width: 860px;
  padding: 8px 26px 30px;
  display: grid;
  gap: 12px;
}

header,
footer,
.about {
  display: flex;
  flex-wrap: wrap;
  gap: 10px 24px;
  justify-content: space-between;
  align-items: end;
}

header {
  border-bottom: 3px solid var(--ink);
  padding-bottom: 10px;
}

.mark {
  text-align: right;
}

.fill {
  border-top: 1px dotted var(--ink);
  padding-top: 2px;
  min-width: 220px;
  margin-top: 34px;
  color: var(--muted);
}

.ended {
  font-size: 1.25rem;
  font-weight: 650;
  margin: 0;
}

section {
  border-top: 2px solid var(--ink);
  padding-top: 8px;
  break-inside: avoid;
}

h2 {
  font-size: 1.05rem;
  margin: 0 0 4px;
}

ul {
  list-style: none;
  margin: 0;
  padding: 0;
}

li {
  display: grid;
  grid-template-columns: 76px minmax(0, 1fr) auto;
  gap: 2px 14px;
  padding: 5px 0;
  border-bottom: 1px solid var(--line);
}

.wide {
  grid-column: 2 / -1;
}

.day {
  color: var(--muted);
}

@media (max-width: 700px) {
  .record,
  .acts {
    padding-inline: 16px;
  }
}

@media print {
  .acts {
    display: none;
  }

  .record {
    max-width: none;
    padding: 0;
    font-size: 10pt;
    line-height: 1.25;
  }

  .record :deep(li) {
    padding-block: 3px;
    break-inside: avoid;
  }

  .record :deep(h2) {
    font-size: 12pt;
    break-after: avoid;
  }
}
</style>
