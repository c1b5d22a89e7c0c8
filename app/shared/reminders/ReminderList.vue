<script setup lang="ts">
import { computed } from 'vue';
import { RouterLink } from 'vue-router';
import { saveText } from '../saveText';
import { usePorts } from '../../stores/ports';
import { calendarOf, type CalendarEntry } from './calendar';
import { shownDay } from '../time';
import { texts } from '#words/shared/reminders';

/** What is to be done later: when, why, and off the list when it is done; for the calendar, too. */
const props = defineProps<{ entries: readonly (CalendarEntry & { readonly job: string })[]; linked?: boolean }>();
const emit = defineEmits<{ done: [job: string, id: string] }>();
const { now } = usePorts();
const open = computed(() => props.entries.filter(({ reminder }) => !reminder.done));
const today = computed(() => now().slice(0, 10));
const save = async (): Promise<void> =>
  saveText(texts.file, await calendarOf(open.value, texts.product), 'text/calendar');
</script>

<template>
  <section v-if="open.length > 0" class="reminders" data-test="reminders">
    <h2 class="overline">{{ texts.title }}</h2>
    <ul class="rows">
      <li v-for="{ reminder, vehicle, job } in open" :key="job + reminder.id">
        <span class="figure when" :class="{ due: reminder.due <= today }">{{ shownDay(reminder.due) }}</span>
        <span class="words"
          ><RouterLink v-if="linked" :to="{ name: 'notebook', params: { job } }"
            ><b>{{ vehicle }}: {{ reminder.words }}</b></RouterLink
          ><b v-else>{{ reminder.words }}</b
          ><span class="muted">{{ reminder.why }}</span></span
        >
        <button type="button" class="tap" :data-test="`done-${reminder.id}`" @click="emit('done', job, reminder.id)">
          {{ texts.done }}
        </button>
      </li>
    </ul>
    <button type="button" class="tap quiet" data-test="calendar" @click="save">{{ texts.toCalendar }}</button>
  </section>
</template>

<style scoped>
.reminders {
  display: grid;
  gap: 8px;
  justify-items: start;
}

ul {
  width: 100%;
}

li {
  display: flex;
  flex-wrap: wrap;
  gap: 6px 18px;
  align-items: center;
}

.words {
  flex: 1 1 260px;
  display: grid;
}

.when {
  min-width: 92px;
}

.due {
  color: var(--fault);
  font-weight: 700;
}
</style>
