<script setup lang="ts">
import { computed, defineAsyncComponent, ref, useTemplateRef } from 'vue';
import { RouterLink, useRouter } from 'vue-router';
import ReminderList from '../../shared/reminders/ReminderList.vue';
import BrandMark from '../../shared/shell/BrandMark.vue';
import { useShortcuts } from '../../shared/shortcuts/useShortcuts';
import { tellWithUndo } from '../../shared/tell';
import { usePreferences } from '../../stores/preferences';
import { useGarage } from '../../stores/garage';
import BundlePanel from './BundlePanel.vue';
import { jobLine, remindersFor, sensorsOf } from './garageView';
import { useImports } from './useImports';
import { texts } from '#words/screens/garage';
import { texts as bundle } from '#words/shared/bundle';

const bundles = useTemplateRef<InstanceType<typeof BundlePanel>>('bundles');
const DamagedList = defineAsyncComponent(() => import('./DamagedList.vue'));
const ImportList = defineAsyncComponent(() => import('./ImportList.vue'));
const KeysDialog = defineAsyncComponent(() => import('../../shared/shell/KeysDialog.vue'));

const garage = useGarage();
const router = useRouter();
const { values } = usePreferences();
const { imports, takeAllIn } = useImports();
const isHelpOpen = ref(false);
const picker = ref<HTMLInputElement | null>(null);
useShortcuts({
  '?': () => (isHelpOpen.value = true),
  g: () => (values.gloves = !values.gloves),
  '/': () => void router.push({ name: 'handbook' }),
});

const vehicles = computed(() =>
  garage.vehicles.map((vehicle) => ({
    id: vehicle.id,
    name: vehicle.vehicle.name ?? texts.noName,
    sensors: sensorsOf(vehicle.vehicle),
    words: vehicle.vehicle.words ?? '',
    highVoltage: vehicle.vehicle.highVoltage === true,
    jobs: garage.jobs.filter((job) => job.vehicleId === vehicle.id).map(jobLine),
  })),
);

const reminders = computed(() => garage.jobs.flatMap((job) => remindersFor(job, values.sides)));

async function start(vehicleId: string): Promise<void> {
  await router.push({ name: 'dash', params: { job: await garage.startJob(vehicleId) } });
}

async function addVehicle(): Promise<void> {
  const id = await garage.addVehicle({ name: '', channels: ['front-left', 'front-right', 'rear-left', 'rear-right'] });
  await router.push({ name: 'vehicle', params: { vehicle: id } });
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

async function remove(id: string): Promise<void> {
  const job = garage.jobs.find((job) => job.id === id);
  if (!job) return;
  await garage.removeJob(id);
  await tellWithUndo(texts.removed, texts.putItBack, () => void garage.restoreJob(job), 12_000);
}
</script>

<template>
  <div class="garage" @dragover.prevent @drop.prevent="(event) => open([...(event.dataTransfer?.files ?? [])])">
    <header class="opening">
      <BrandMark />
      <p class="promise">
        {{ texts.aWarningLampComes }}
      </p>
      <button class="tap quiet" type="button" @click="isHelpOpen = true">{{ texts.settings }}</button>
    </header>
    <main class="main">
      <BundlePanel ref="bundles" />
      <ImportList v-if="imports.length > 0" :imports="imports" />
      <DamagedList v-if="garage.damaged.length > 0" />
      <ReminderList v-if="reminders.length > 0" linked :entries="reminders" @done="garage.seeTo" />
      <section
        v-for="vehicle in garage.isLoaded ? vehicles : []"
        :key="vehicle.id"
        class="vehicle"
        :data-vehicle="vehicle.name"
      >
        <div class="name">
          <h1>{{ vehicle.name || texts.noNameYet }}</h1>
          <p class="muted">
            {{ vehicle.words ? `${vehicle.words}; ` : '' }}{{ vehicle.sensors
            }}<template v-if="vehicle.highVoltage">{{ texts.highVoltageKeepOff }}</template>
          </p>
          <div class="chips">
            <button class="tap" type="button" data-test="start-job" @click="start(vehicle.id)">
              {{ texts.aLampIsOn }}</button><RouterLink
              class="tap quiet"
              :to="{ name: 'vehicle', params: { vehicle: vehicle.id } }"
              >{{ texts.specSheet }}</RouterLink
            >
          </div>
        </div>
        <ul class="rows jobs">
          <li v-for="job in vehicle.jobs" :key="job.id" :class="{ ended: job.isEnded }">
            <RouterLink class="job" :to="{ name: job.stage, params: { job: job.id } }"
              ><b>{{ job.title }}</b
              ><span class="muted"
                >{{ job.state }}<template v-if="job.money"> · {{ job.money }}</template></span
              ></RouterLink
            >
            <button
              class="tap quiet remove"
              type="button"
              :aria-label="texts.remove(job.title)"
              @click="remove(job.id)"
            >
              {{ texts.removeButton }}
            </button>
          </li>
          <li v-if="vehicle.jobs.length === 0" class="muted none">{{ texts.noJobsYet }}</li>
        </ul>
      </section>
      <section v-if="garage.isLoaded" class="chips foot">
        <button class="tap strong" type="button" data-test="add-vehicle" @click="addVehicle">
          {{ texts.addAVehicle }}
        </button>
        <button class="tap" type="button" @click="picker?.click()">{{ texts.openAJobFrom }}</button>
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
        <button class="tap" type="button" data-test="back-up" @click="bundles?.save()">{{ bundle.saveAll }}</button>
        <RouterLink class="tap" :to="{ name: 'bench-home' }" data-test="to-bench">{{
          texts.practiseOnTheBench
        }}</RouterLink>
        <RouterLink class="tap" :to="{ name: 'handbook' }" data-test="to-handbook">{{ texts.handbook }}</RouterLink>
        <p class="muted">{{ texts.everythingStaysOnThis }}</p>
      </section>
    </main>
    <KeysDialog v-if="isHelpOpen" v-model="isHelpOpen" />
  </div>
</template>

<style scoped>
.main {
  max-width: 1160px;
  margin: 0 auto;
  padding: 10px 26px 50px;
}

.vehicle {
  display: grid;
  grid-template-columns: minmax(0, 1fr) minmax(0, 1.5fr);
  gap: 12px 44px;
  padding: 24px 0;
  border-bottom: 1px solid var(--line);
}

.name {
  display: grid;
  gap: 10px;
  align-content: start;
}

.jobs > li {
  display: flex;
  align-items: center;
  gap: 10px;
  padding: 0;
}

.job {
  flex: 1;
  min-height: 60px;
  padding: 8px 0;
  display: grid;
  align-content: center;
  text-decoration: none;
  color: var(--ink);
}

.job:hover b {
  color: var(--action);
  text-decoration: underline;
}

.ended b {
  font-weight: 500;
}

.remove {
  color: var(--muted);
  font-weight: 500;
}

.jobs .none {
  padding: 14px 0;
}

.foot {
  padding: 26px 0;
  align-items: center;
}

@media (max-width: 700px) {
  .main {
    padding: 4px 16px 40px;
  }

  .vehicle {
    grid-template-columns: minmax(0, 1fr);
  }
}
</style>
