<script setup lang="ts">
import { byTime } from '../../../core/casefile/byTime';
import { useElementVisibility } from '@vueuse/core';
import { computed, onBeforeUnmount, onMounted, ref, useTemplateRef, watchEffect } from 'vue';
import { RouterLink, useRouter } from 'vue-router';
import StateMark from '../../shared/marks/StateMark.vue';
import MiniPlan from '../../shared/plan/MiniPlan.vue';
import { visitedStages } from '../../shared/shell/stages';
import { usePorts } from '../../stores/ports';
import { useGarage } from '../../stores/garage';
import { useGlances } from '../../stores/glances';
import { usePreferences } from '../../stores/preferences';
import DueColumn from './DueColumn.vue';
import { isAbsOff, remindersFor, savedBy, standingOf, type VehicleEntry } from './garageView';
import { loadGlances } from './loadGlances';
import { blankGlance } from './blankGlance';
import JobGlance from './JobGlance.vue';
import RowMenu from './RowMenu.vue';
import StageTrail from './StageTrail.vue';
import { useRowMenus } from './useRowMenus';
import { whenIdle } from './whenIdle';
import { texts } from '#words/screens/garage';

/** A vehicle of the garage: its plan, the job in hand with its next move, its other jobs, and what is due. */
const props = defineProps<{ entry: VehicleEntry; isSample: boolean }>();
const garage = useGarage();
const glances = useGlances();
const { values } = usePreferences();
const router = useRouter();
const today = usePorts().now().slice(0, 10);
const menus = useRowMenus();

const row = useTemplateRef<HTMLElement>('row');
const isSeen = useElementVisibility(row);
const leading = computed(() => props.entry.leading);
const open = computed(() => [...(leading.value ? [leading.value] : []), ...props.entry.alsoOpen]);
/** The first view goes first. */
const isIdle = ref(false);
onMounted(() => whenIdle(() => (isIdle.value = true)));
watchEffect(() => {
  if (isSeen.value && isIdle.value) for (const job of open.value) glances.want(job);
});
onBeforeUnmount(() => open.value.forEach(({ id }) => glances.forgo(id)));

/** What reads a judgement comes after the first view. */
const read = loadGlances();
const seen = computed(() => open.value.map((job) => read.value?.(job, glances.of(job.id), values) ?? blankGlance(job)));
const glance = computed(() => (leading.value ? (seen.value[0] ?? null) : null));
const alsoOpen = computed(() =>
  props.entry.alsoOpen.map((job, at) => ({ job, next: seen.value[at + 1]?.move?.sentence ?? '' })),
);
const watches = computed(() => seen.value.flatMap(({ watch }) => watch ?? []));
const due = computed(() =>
  [...open.value, ...props.entry.finished]
    .flatMap((job) => remindersFor(job, values.sides))
    .toSorted((a, b) => byTime(a.reminder.due, b.reminder.due)),
);
const saved = computed(() => savedBy(props.entry.finished));
const isUnfolded = ref(false);

const pick = (what: string): Promise<void> => {
  if (what === 'start') return startJob();
  const job = leading.value;
  return job && menus.ofJob.entries.some(({ id }) => id === what)
    ? menus.doForJob(what, job.id)
    : menus.doForVehicle(what, props.entry);
};

async function startJob(): Promise<void> {
  await router.push({ name: 'dash', params: { job: await garage.startJob(props.entry.record.id) } });
}
</script>

<template>
  <section ref="row" class="vehicle" :data-vehicle="entry.name" :aria-label="entry.name">
    <MiniPlan v-if="glance" class="plan" :corners="glance.corners" :subject="glance.subject" />
    <div class="middle">
      <div class="head">
        <h2>
          {{ entry.name || texts.noNameYet }} <small class="muted">{{ entry.words }}</small>
          <span v-if="isSample" class="sample">{{ texts.sample }}</span>
        </h2>
        <StageTrail
          v-if="leading"
          class="trail"
          :job="leading.id"
          :stage="leading.stage"
          :visited="visitedStages(leading.file)"
        />
        <RowMenu
          class="more"
          :label="texts.moreFor(entry.name)"
          :groups="leading ? [menus.ofVehicle, { ...menus.ofJob, title: leading.title }] : [menus.ofVehicle]"
          @pick="(what) => pick(what)"
        />
      </div>
      <p v-if="entry.record.vehicle.highVoltage" class="told">{{ texts.highVoltageKeepOff }}</p>
      <JobGlance v-if="leading && glance" :job="leading" :glance="glance" />
      <p v-else class="none muted">
        {{ entry.finished.length > 0 ? texts.nothingIsOpen : texts.noJobsYet }}
        <button class="tap" type="button" data-test="start-here" @click="startJob">{{ texts.aLampIsOn }}</button>
        <RouterLink class="tap quiet" :to="{ name: 'vehicle', params: { vehicle: entry.record.id } }">{{
          texts.specSheet
        }}</RouterLink>
      </p>
      <p v-for="{ job, next } in alsoOpen" :key="job.id" class="line">
        <RouterLink class="job" :to="{ name: job.stage, params: { job: job.id } }"
          ><span
            >{{ texts.alsoOpen }} <b>{{ job.title }}</b></span
          >
          <span v-if="next" class="muted">{{ texts.nextIs(next) }}</span></RouterLink
        >
        <RowMenu
          :label="texts.moreFor(job.title)"
          :groups="[menus.ofJob]"
          @pick="(what) => menus.doForJob(what, job.id)"
        />
      </p>
      <div v-if="entry.finished.length > 0" class="line others">
        <button
          type="button"
          class="fold"
          :aria-expanded="isUnfolded"
          data-test="other-jobs"
          @click="isUnfolded = !isUnfolded"
        >
          <span class="muted">{{
            texts.finishedJobs(entry.finished.length, entry.finished.map(({ title }) => title).join(', '))
          }}</span>
          <b v-if="saved && !isUnfolded" class="saved"
            ><StateMark state="checked-good" /> {{ texts.lessThanQuoted(saved) }}</b
          >
          <b class="show">{{ isUnfolded ? texts.hide : texts.show }}</b>
        </button>
        <ul v-if="isUnfolded" class="rows">
          <li v-for="job in entry.finished" :key="job.id">
            <RouterLink class="job" :to="{ name: job.stage, params: { job: job.id } }"
              ><b>{{ job.title }}</b> <span class="muted">{{ standingOf(job) }}</span></RouterLink
            >
            <RowMenu
              :label="texts.moreFor(job.title)"
              :groups="[menus.ofJob]"
              @pick="(what) => menus.doForJob(what, job.id)"
            />
          </li>
        </ul>
      </div>
    </div>
    <DueColumn
      class="aside"
      :entries="due"
      :today="today"
      :watches="watches"
      :is-abs-off="isAbsOff(leading)"
      @done="garage.seeTo"
    />
  </section>
</template>

<style scoped>
.vehicle {
  display: grid;
  grid-template-columns: 104px minmax(0, 1fr) 300px;
  gap: 0 24px;
  border-bottom: 2px solid var(--ink);
}

.plan {
  margin: 14px 0;
}

.middle {
  grid-column: 2;
  display: grid;
  gap: 8px;
  align-content: start;
  padding: 12px 0 6px;
}

.head {
  display: grid;
  grid-template-columns: minmax(0, 1fr) auto auto;
  gap: 4px 14px;
  align-items: center;
}

h2 {
  font-size: 1.4rem;
}

small {
  font-size: 1rem;
  font-weight: 450;
  margin-left: 6px;
}

.sample {
  font-size: 0.85rem;
  font-weight: 500;
  border: 1.4px dashed var(--muted);
  border-radius: 5px;
  padding: 1px 7px;
  margin-left: 8px;
  color: var(--muted);
}

.none {
  display: flex;
  flex-wrap: wrap;
  gap: 10px;
  align-items: center;
}

.line {
  border-top: 1px solid var(--line);
  display: flex;
  align-items: center;
  font-size: 0.94rem;
}

.others {
  display: block;
}

.fold {
  width: 100%;
  min-height: 48px;
  display: flex;
  gap: 6px 14px;
  align-items: center;
  text-align: left;
  background: none;
  border: 0;
  padding: 0;
  cursor: pointer;
  font-size: 0.94rem;
}

.saved {
  color: var(--proved);
}

.show {
  margin-left: auto;
  color: var(--action);
}

.rows li {
  display: flex;
  justify-content: space-between;
  align-items: center;
  padding: 0;
}

.job {
  flex: 1;
  display: flex;
  flex-wrap: wrap;
  gap: 2px 14px;
  align-items: center;
  min-height: 48px;
  padding: 6px 0;
  text-decoration: none;
  color: var(--ink);
}

.job:hover b {
  text-decoration: underline;
}

.aside {
  grid-column: 3;
  border-left: 1px solid var(--line);
  padding: 16px 0 16px 18px;
}

@media (max-width: 1000px) {
  .vehicle {
    grid-template-columns: 104px minmax(0, 1fr);
  }

  .aside {
    grid-column: 1 / -1;
    border-left: 0;
    padding: 0 0 16px;
  }

  .aside:empty {
    padding: 0;
  }
}

@media (max-width: 700px) {
  .vehicle {
    grid-template-columns: minmax(0, 1fr);
  }

  .plan {
    display: none;
  }

  .middle {
    grid-column: 1;
  }

  .head {
    grid-template-columns: minmax(0, 1fr) auto;
  }

  .trail {
    grid-column: 1 / -1;
    grid-row: 2;
  }
}
</style>
