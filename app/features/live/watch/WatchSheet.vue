<script setup lang="ts">
import { computed, ref, useTemplateRef } from 'vue';
import { RouterLink, useRouter } from 'vue-router';
import { COURSES, type CourseName } from '../../../../bench/reader/course';
import type { Channel } from '../../../../core/casefile/words';
import { MARKS } from '../../../../core/livelog/log';
import { asCsv, expectedNow, lastOf, standsOut } from '../../../../core/livelog/watching';
import { sayChannel } from '../../../../core/vehicle/sides';
import { saveText } from '../../../shared/saveText';
import { useShortcuts } from '../../../shared/shortcuts/useShortcuts';
import { tellWithUndo } from '../../../shared/tell';
import { useJob, type NewObservation } from '../../../stores/job';
import { usePreferences } from '../../../stores/preferences';
import { clock } from '../logView';
import { useRecordings } from '../useRecordings';
import BigSpeed from './BigSpeed.vue';
import DrivePanel from './DrivePanel.vue';
import SpinPanel from './SpinPanel.vue';
import WigglePanel from './WigglePanel.vue';
import { useWatch } from './useWatch';
import { texts } from '#words/screens/watch';
import { texts as logTexts } from '#words/screens/log';

/** Four big numbers and their last half minute, with an assistant for what is being done meanwhile. */
const job = useJob();
const router = useRouter();
const recordings = useRecordings();
const { values } = usePreferences();
const { isPractice, channels, watched, isOn, isLost, status, begin, stop, mark } = useWatch();
const say = (channel: Channel): string => sayChannel(channel, values.sides, job.file?.vehicle.steeringSide);
const course = ref<CourseName>('spin');
const subject = ref<Channel>(job.subject);
const started = ref<CourseName | null>(null);

function start(): void {
  const isFresh = started.value !== course.value;
  started.value = course.value;
  begin(course.value, course.value === 'drive' ? null : subject.value, isFresh);
}

function choose(next: CourseName): void {
  if (course.value === next) return;
  stop();
  [course.value, started.value] = [next, null];
}

function nextWheel(): void {
  stop();
  started.value = null;
  const at = channels.value.indexOf(subject.value);
  subject.value = channels.value[(at + 1) % channels.value.length] ?? subject.value;
}

/** Less is standing still, km/h. */
const STILL = 0.3;
const speeds = computed(() => {
  const last = watched.value.moments.at(-1)?.speeds ?? [];
  return channels.value.map((channel, at) => {
    const kmh = last[at] ?? null;
    const isBad = course.value === 'drive' && standsOut(watched.value, at);
    const isMoving = (kmh ?? 0) > STILL;
    const moving = isMoving ? ('good' as const) : ('quiet' as const);
    return {
      channel,
      name: say(channel),
      kmh,
      points: lastOf(watched.value, at),
      standing: isBad ? ('bad' as const) : moving,
      state: stateOf(kmh, isBad ? expectedNow(watched.value, at) : null, isMoving),
    };
  });
});

function stateOf(kmh: number | null, should: number | null, isMoving: boolean): string {
  if (kmh === null) return texts.none;
  if (should !== null) return texts.should(Math.round(should));
  return isMoving ? texts.answers : texts.standing;
}

async function keep(observation: NewObservation): Promise<void> {
  const ids = await job.observe(observation);
  const takeBack = (): void => void job.dispatch({ do: 'withdraw', ids, withdrawn: true });
  void tellWithUndo(logTexts.recorded, logTexts.takeBack, takeBack);
}

const csv = (): string =>
  asCsv(watched.value, [
    texts.columns.time,
    ...watched.value.channels.map((channel) => texts.columns.speed(sayChannel(channel, 'left-right', undefined))),
  ]);
const time = computed(() => clock(watched.value.moments.at(-1)?.second ?? 0));

/** What was recorded is judged like any other recording. */
async function look(): Promise<void> {
  stop();
  const file = new Blob([csv()], { type: 'text/csv' });
  const side = recordings.before ? 'after' : 'before';
  await recordings.open(file, texts.recording(time.value), side, watched.value.marks);
  await router.push({ name: 'live', query: { side } });
}

const spin = useTemplateRef<{ spin: () => void }>('spin');
/** Space does what the largest button does. */
function press(): void {
  if (course.value === 'spin') spin.value?.spin();
  else if (course.value === 'drive') mark('bump');
}
useShortcuts({ ' ': press });
</script>

<template>
  <div class="watch">
    <header class="head">
      <RouterLink class="tap quiet back" :to="{ name: 'live' }" :aria-label="texts.back"
        ><svg viewBox="0 0 20 20" aria-hidden="true"><path d="M13 3 5 10l8 7" /></svg
      ></RouterLink>
      <h1>{{ texts.title(job.file?.vehicle.name ?? '') }}</h1>
      <div v-if="isPractice" class="modes" role="group">
        <button
          v-for="mode in COURSES"
          :key="mode"
          type="button"
          class="tap"
          :aria-pressed="course === mode"
          :data-test="`mode-${mode}`"
          @click="choose(mode)"
        >
          {{ texts.modes[mode] }}
        </button>
      </div>
      <p v-if="status" :class="isLost ? 'told' : 'muted'" role="status" data-test="watch-status">{{ status }}</p>
    </header>
    <section v-if="!isPractice" class="none">
      <p class="told">{{ texts.notHere }}</p>
      <div class="acts">
        <RouterLink class="tap strong" :to="{ name: 'live' }">{{ texts.toLive }}</RouterLink><RouterLink
          class="tap"
          :to="{ name: 'bench-home' }"
          >{{ texts.toBench }}</RouterLink
        >
      </div>
    </section>
    <template v-else>
      <div class="speeds" data-test="speeds">
        <BigSpeed
          v-for="speed in speeds"
          :key="speed.channel"
          :name="speed.name"
          :kmh="speed.kmh"
          :points="speed.points"
          :state="speed.state"
          :standing="speed.standing"
          :is-chosen="course !== 'drive' && speed.channel === subject"
        />
      </div>
      <aside class="aside">
        <SpinPanel
          v-if="course === 'spin'"
          ref="spin"
          :key="subject"
          :watched="watched"
          :channel="subject"
          :is-on="isOn"
          :say="say"
          @next="nextWheel"
          @keep="keep"
        />
        <WigglePanel
          v-else-if="course === 'wiggle'"
          :watched="watched"
          :channel="subject"
          :is-on="isOn"
          :say="say"
          @keep="keep"
        />
        <DrivePanel v-else :watched="watched" :say="say" />
      </aside>
    </template>
  </div>
  <Teleport defer to="#own-bar">
    <footer v-if="isPractice" class="bar">
      <template v-if="isOn && course === 'drive'">
        <button
          v-for="what in MARKS"
          :key="what"
          type="button"
          :class="{ first: what === 'bump' }"
          :data-test="`mark-${what}`"
          @click="mark(what)"
        >
          {{ texts.marks[what] }}
        </button>
      </template>
      <button v-if="!isOn" type="button" class="first" data-test="watch-begin" @click="start">
        {{ isLost ? texts.again : texts.begin }}
      </button>
      <button v-if="watched.moments.length > 1" type="button" data-test="watch-look" @click="look">
        {{ texts.stop }} <small>{{ texts.recording(time) }}</small>
      </button>
      <button v-if="!isOn && watched.moments.length > 1" type="button" @click="saveText(texts.file, csv())">
        {{ texts.save }}
      </button>
    </footer>
  </Teleport>
</template>

<style scoped>
.watch {
  display: grid;
  grid-template: 'head head' auto 'speeds aside' 1fr / minmax(0, 1fr) 370px;
  min-height: 100%;
}

.head {
  grid-area: head;
  display: flex;
  flex-wrap: wrap;
  gap: 8px 18px;
  align-items: center;
  padding: 10px 18px;
  border-bottom: 1px solid var(--line);
}

.head h1 {
  margin: 0;
  font-size: 1.35rem;
}

.head p {
  margin: 0 0 0 auto;
}

.back svg {
  width: 20px;
  fill: none;
  stroke: currentcolor;
  stroke-width: 2.6;
  stroke-linecap: round;
  stroke-linejoin: round;
}

.modes,
.acts {
  display: flex;
  flex-wrap: wrap;
  gap: 8px;
}

.none {
  grid-column: 1 / -1;
  padding: 24px;
  display: grid;
  gap: 16px;
  align-content: start;
}

.speeds {
  grid-area: speeds;
  display: grid;
  grid-template-columns: repeat(2, minmax(0, 1fr));
  align-content: start;
  gap: 6px;
}

.aside {
  grid-area: aside;
  border-left: 1px solid var(--line);
  background: var(--raised);
  padding: 16px 20px;
}

.bar {
  background: var(--bar);
  display: flex;
  flex-wrap: wrap;
  gap: 10px;
  padding: 12px 18px calc(12px + env(safe-area-inset-bottom));
}

.bar button {
  flex: 1 1 120px;
  min-height: 72px;
  border: 1.4px solid var(--bar-line);
  border-radius: 10px;
  background: none;
  color: var(--bar-text);
  font-size: 1.15rem;
  font-weight: 650;
  cursor: pointer;
}

.bar .first {
  flex-grow: 2;
  border: none;
  background: var(--bar-action);
  color: var(--bar-action-text);
}

.bar small {
  display: block;
  font-weight: 400;
}

@media (max-width: 1000px) {
  .watch {
    grid-template: 'head' auto 'speeds' auto 'aside' 1fr / minmax(0, 1fr);
  }

  .aside {
    border-left: none;
  }

  .head p {
    margin: 0;
  }

  .bar button {
    min-height: 64px;
    flex-basis: 40%;
  }
}
</style>
