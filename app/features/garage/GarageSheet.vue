<script setup lang="ts">
import { computed, defineAsyncComponent, onMounted, ref, shallowRef, useTemplateRef } from 'vue';
import { RouterLink, useRouter } from 'vue-router';
import { SAMPLE_IDS } from '../../demo/sampleIds';
import { calendarOf } from '../../shared/reminders/calendar';
import { saveText } from '../../shared/saveText';
import BrandMark from '../../shared/shell/BrandMark.vue';
import { useShortcuts } from '../../shared/shortcuts/useShortcuts';
import { useTurns } from '../../shared/useTurns';
import { tellWithUndo } from '../../shared/tell';
import { shownWeekday } from '../../shared/time';
import { usePorts } from '../../stores/ports';
import { usePreferences } from '../../stores/preferences';
import { useGarage } from '../../stores/garage';
import BundlePanel from './BundlePanel.vue';
import { entriesOf, remindersFor } from './garageView';
import KeepingPanel from './KeepingPanel.vue';
import LampBar from './LampBar.vue';
import PutAwayList from './PutAwayList.vue';
import { saveGarage } from './saveGarage';
import { useBackUps } from './useBackUps';
import { useImports } from './useImports';
import VehicleRow from './VehicleRow.vue';
import WelcomePanel from './WelcomePanel.vue';
import { texts } from '#words/screens/garage';
import { texts as bundle } from '#words/shared/bundle';
import { texts as calendar } from '#words/shared/reminders';

const bundles = useTemplateRef<InstanceType<typeof BundlePanel>>('bundles');
const DamagedList = defineAsyncComponent(() => import('./DamagedList.vue'));
const ImportList = defineAsyncComponent(() => import('./ImportList.vue'));
const KeysDialog = defineAsyncComponent(() => import('../../shared/shell/KeysDialog.vue'));
const JobSearch = defineAsyncComponent(() => import('./JobSearch.vue'));

/** What to do today: each vehicle with its job in hand, what is due, and a way to begin. */
const garage = useGarage();
const router = useRouter();
const ports = usePorts();
const { storage, now } = ports;
const { values } = usePreferences();
const { imports, takeAllIn } = useImports();
const backUps = useBackUps();
const isHelpOpen = ref(false);
const picker = ref<HTMLInputElement | null>(null);
useShortcuts({
  '?': () => (isHelpOpen.value = true),
  g: () => (values.gloves = !values.gloves),
  '/': () => void router.push({ name: 'handbook' }),
});

const due = computed(() => garage.jobs.flatMap((job) => remindersFor(job, values.sides)));
const openJobs = computed(() =>
  entries.value.reduce((sum, { leading, alsoOpen }) => sum + (leading ? 1 : 0) + alsoOpen.length, 0),
);
const samples = computed(() => entries.value.filter(({ record }) => SAMPLE_IDS.has(record.id)));
const isSearchWorthwhile = computed(() => garage.jobs.length > 4);
/** A screenful of vehicles at a time. */
const PAGE = 8;
const shown = ref(PAGE);
const WELCOMED = 'welcomed';
/** Null until it is known: nothing is shown before, so that nothing moves. */
const isWelcomed = shallowRef<boolean | null>(null);
onMounted(async () => (isWelcomed.value = (await storage.preference(WELCOMED)) === true));
const isReady = computed(() => garage.isLoaded && isWelcomed.value !== null);
const entries = computed(() => (isReady.value ? entriesOf(garage.vehicles, garage.jobs) : []));
const page = computed(() => entries.value.slice(0, shown.value));
/** What to begin with comes first, then a row at a time, then what stands below them. */
const drawn = useTurns(() => (isReady.value ? page.value.length + 1 : 0));
const isAllDrawn = computed(() => isReady.value && drawn.value > page.value.length);
const isNew = computed(
  () => isReady.value && isWelcomed.value === false && garage.vehicles.every(({ id }) => SAMPLE_IDS.has(id)),
);

async function closeWelcome(): Promise<void> {
  isWelcomed.value = true;
  await storage.keepPreference(WELCOMED, true);
}

const start = async (vehicleId: string): Promise<void> =>
  void (await router.push({ name: 'dash', params: { job: await garage.startJob(vehicleId) } }));

async function addVehicle(): Promise<void> {
  const id = await garage.addVehicle({ name: '', channels: ['front-left', 'front-right', 'rear-left', 'rear-right'] });
  await router.push({ name: 'vehicle', params: { vehicle: id } });
}

async function putSamplesAway(): Promise<void> {
  const ids = samples.value.map(({ record }) => record.id);
  await garage.putVehiclesAway(ids, true);
  await tellWithUndo(texts.samplesAreAway, texts.bringItBack, () => void garage.putVehiclesAway(ids, false));
}

async function open(files: readonly File[]): Promise<void> {
  const zips = files.filter(({ name }) => name.endsWith('.zip'));
  for (const zip of zips) await bundles.value?.look(zip);
  const job = await takeAllIn(files.filter((file) => !zips.includes(file)));
  if (job) await router.push({ name: 'find', params: { job } });
}

async function openFiles(event: Event): Promise<void> {
  const input = event.target as HTMLInputElement;
  const files = [...(input.files ?? [])];
  input.value = '';
  await open(files);
}

async function backUp(): Promise<void> {
  await saveGarage(garage.vehicles, garage.jobs, ports);
  await backUps.note();
}

const saveCalendar = async (): Promise<void> =>
  saveText(calendar.file, await calendarOf(due.value, calendar.product), 'text/calendar');
</script>

<template>
  <div class="garage" @dragover.prevent @drop.prevent="(event) => open([...(event.dataTransfer?.files ?? [])])">
    <header class="opening">
      <BrandMark />
      <nav class="rooms">
        <RouterLink :to="{ name: 'garage' }" aria-current="page">{{ texts.garage }}</RouterLink>
        <RouterLink :to="{ name: 'bench-home' }" data-test="to-bench">{{ texts.bench }}</RouterLink>
        <RouterLink :to="{ name: 'handbook' }" data-test="to-handbook">{{ texts.handbook }}</RouterLink>
      </nav>
      <button class="tap quiet" type="button" @click="isHelpOpen = true">{{ texts.settings }}</button>
    </header>
    <main class="main">
      <BundlePanel ref="bundles" />
      <ImportList v-if="imports.length > 0" :imports="imports" />
      <DamagedList v-if="garage.damaged.length > 0" />
      <WelcomePanel v-if="isNew" :has-tour="samples.length > 0" @begin="addVehicle" @away="closeWelcome" />
      <div v-if="isReady" class="today">
        <component :is="isNew ? 'h2' : 'h1'" class="day">
          {{ texts.today }}
          <small class="muted">{{ texts.todayLine(shownWeekday(now()), due.length, openJobs) }}</small>
        </component>
        <button
          v-if="samples.length > 0"
          type="button"
          class="tap quiet"
          data-test="hide-samples"
          @click="putSamplesAway"
        >
          {{ texts.hideSamples }}
        </button>
        <button v-if="due.length > 0" type="button" class="tap quiet" data-test="calendar" @click="saveCalendar">
          {{ texts.toCalendar }}
        </button>
      </div>
      <VehicleRow
        v-for="entry in page.slice(0, drawn)"
        :key="entry.record.id"
        :entry="entry"
        :is-sample="SAMPLE_IDS.has(entry.record.id)"
      />
      <button
        v-if="isAllDrawn && entries.length > shown"
        type="button"
        class="tap more"
        data-test="more-vehicles"
        @click="shown += PAGE"
      >
        {{ texts.moreVehicles(entries.length - shown) }}
      </button>
      <section v-if="isAllDrawn" class="foot">
        <JobSearch v-if="isSearchWorthwhile" />
        <PutAwayList />
        <div class="chips">
          <button class="tap" type="button" @click="picker?.click()">{{ texts.openAJobFrom }}</button>
          <button class="tap" type="button" data-test="back-up" @click="backUp">{{ bundle.saveAll }}</button>
        </div>
        <input
          ref="picker"
          class="only-read"
          type="file"
          multiple
          accept=".json,application/json,.zip,application/zip"
          :aria-label="texts.aJobsFile"
          data-test="open-file"
          @change="openFiles"
        />
        <KeepingPanel :last="backUps.last.value" :changed="backUps.changed.value" @save="backUp" />
      </section>
    </main>
    <LampBar
      v-if="isReady"
      :vehicles="entries.map(({ record, name }) => ({ id: record.id, name }))"
      @start="start"
      @another="addVehicle"
      @open-file="picker?.click()"
    />
    <KeysDialog v-if="isHelpOpen" v-model="isHelpOpen" />
  </div>
</template>

<style scoped>
.garage {
  min-height: 100vh;
  display: flex;
  flex-direction: column;
}

.main {
  flex: 1;
  width: min(1240px, 100%);
  margin: 0 auto;
  padding: 0 26px 30px;
}

.rooms {
  flex: 1;
  display: flex;
  gap: 6px 26px;
  align-self: stretch;
}

.rooms a {
  min-height: 44px;
  display: flex;
  align-items: center;
  color: var(--muted);
  text-decoration: none;
  font-weight: 600;
  border-bottom: 4px solid transparent;
}

.rooms [aria-current] {
  color: var(--ink);
  border-bottom-color: var(--ink);
}

.today {
  display: flex;
  flex-wrap: wrap;
  justify-content: space-between;
  align-items: center;
  gap: 4px 16px;
  padding: 12px 0 8px;
  border-bottom: 2px solid var(--ink);
}

.day {
  flex: 1;
  font-size: 1.53rem;
  line-height: 1.2;
  letter-spacing: -0.005em;
}

small {
  font-size: 1rem;
  font-weight: 450;
  letter-spacing: 0;
}

.more {
  margin-top: 16px;
}

.foot {
  display: grid;
  gap: 16px;
  padding: 22px 0;
}

@media (max-width: 700px) {
  .main {
    padding: 0 16px 24px;
  }

  .today {
    justify-content: start;
  }

  .day {
    flex: 1 0 100%;
  }

  .today small {
    display: block;
  }

  .today .tap {
    padding-inline: 0 14px;
  }

  .rooms {
    order: 3;
    flex: 1 0 100%;
  }
}
</style>
