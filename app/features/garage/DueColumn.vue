<script setup lang="ts">
import { RouterLink } from 'vue-router';
import { shownDay } from '../../shared/time';
import type { DueEntry } from './garageView';
import type { Glance } from './blankGlance';
import { texts } from '#words/screens/garage';

/** What a vehicle wants beside its next move: what is due, how the watch goes, what does not work meanwhile. */
defineProps<{
  entries: readonly DueEntry[];
  today: string;
  watches: readonly NonNullable<Glance['watch']>[];
  isAbsOff: boolean;
}>();
const emit = defineEmits<{ done: [job: string, id: string] }>();

/** More boxes are counted, not drawn. */
const MOST_BOXES = 21;
</script>

<template>
  <ul class="due">
    <li v-for="{ job, reminder } in entries" :key="job + reminder.id" :data-test="`due-${reminder.id}`">
      <button
        type="button"
        class="tick"
        :aria-label="texts.tickOff(reminder.words)"
        :data-test="`done-${reminder.id}`"
        @click="emit('done', job, reminder.id)"
      />
      <p>
        <RouterLink :to="{ name: 'notebook', params: { job } }"
          ><b>{{ reminder.words }}</b></RouterLink
        ><br /><b v-if="reminder.due <= today" class="now">{{
          reminder.due === today ? texts.dueToday : texts.dueSince(shownDay(reminder.due))
        }}</b
        ><b v-else>{{ texts.dueOn(shownDay(reminder.due)) }}</b> {{ reminder.why }}
      </p>
    </li>
    <li v-for="(watch, at) in watches" :key="at">
      <svg class="sign" viewBox="0 0 32 32" aria-hidden="true">
        <path d="M3 16c7-11 19-11 26 0-7 11-19 11-26 0z" />
        <circle cx="16" cy="16" r="4.5" />
      </svg>
      <div>
        <b>{{ texts.watchCount(watch.clean, watch.needed) }}</b>
        <p v-if="watch.needed <= MOST_BOXES" class="boxes" aria-hidden="true">
          <span v-for="trip in watch.needed" :key="trip" :class="{ clean: trip <= watch.clean }">{{
            trip <= watch.clean ? '✓' : ''
          }}</span>
        </p>
      </div>
    </li>
    <li v-if="isAbsOff">
      <svg class="sign" viewBox="0 0 32 32" aria-hidden="true">
        <path d="M16 4 30 28H2zM16 13v7M16 24v.5" />
      </svg>
      <p>
        <RouterLink :to="{ name: 'handbook', query: { topic: 'home' } }"
          ><b>{{ texts.absIsOff }}</b></RouterLink
        ><br />{{ texts.leaveMoreRoom }}
      </p>
    </li>
  </ul>
</template>

<style scoped>
.due {
  list-style: none;
  margin: 0;
  padding: 0;
  display: grid;
  gap: 14px;
  align-content: start;
  font-size: 0.94rem;
  color: var(--muted);
}

li {
  display: grid;
  grid-template-columns: 48px minmax(0, 1fr);
  gap: 10px;
  align-items: start;
}

li b {
  color: var(--ink);
}

li a {
  text-decoration: none;
}

li a:hover {
  text-decoration: underline;
}

.tick {
  width: 48px;
  height: 48px;
  padding: 0;
  background: none;
  border: 0;
  cursor: pointer;
  display: grid;
  place-items: center;
}

.tick::before {
  content: '';
  width: 30px;
  height: 30px;
  border: 2.5px solid var(--action);
  border-radius: 5px;
  background: var(--raised);
}

.tick:hover::before,
.tick:active::before {
  content: '✓';
  display: grid;
  place-items: center;
  color: var(--proved);
  font-weight: 800;
}

.sign {
  width: 30px;
  margin: 0 auto;
  fill: none;
  stroke: var(--ink);
  stroke-width: 2.2;
  stroke-linejoin: round;
  stroke-linecap: round;
}

li .now {
  color: var(--fault);
}

.boxes {
  display: flex;
  flex-wrap: wrap;
  gap: 4px;
  margin-top: 4px;
}

.boxes span {
  width: 22px;
  height: 22px;
  display: grid;
  place-items: center;
  font-size: 0.8rem;
  font-weight: 800;
  border: 1.6px dashed var(--muted);
  border-radius: 4px;
}

.boxes .clean {
  border: 2px solid var(--proved);
  color: var(--proved);
}
</style>
