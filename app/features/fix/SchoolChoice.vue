<script setup lang="ts">
import { computed } from 'vue';
import { SCHOOLS, wayOf, type SchoolId } from '../../../core/knowledge/guide/schools';
import { useJob } from '../../stores/job';

/** Where practitioners differ: the ways with their reasons; the chosen one is remembered for this job and the vehicle's next ones. */
const props = defineProps<{ school: SchoolId }>();
const job = useJob();
const question = computed(() => SCHOOLS[props.school]);
const chosen = computed(() => wayOf(job.file?.owner?.schools, props.school));

const choose = (way: string): Promise<unknown> => job.dispatch({ do: 'school', id: props.school, way });
</script>

<template>
  <fieldset class="school" :data-test="`school-${school}`">
    <legend class="overline">{{ question.question }}</legend>
    <button
      v-for="way in question.ways"
      :key="way.id"
      type="button"
      class="way"
      :aria-pressed="way.id === chosen.id"
      :data-test="`way-${way.id}`"
      @click="choose(way.id)"
    >
      <b>{{ way.words }}</b><span>{{ way.why }}</span>
    </button>
  </fieldset>
</template>

<style scoped>
.school {
  border: none;
  margin: 0;
  padding: 0;
  display: grid;
  gap: 8px;
}

legend {
  padding: 0 0 6px;
}

.way {
  display: grid;
  min-height: 64px;
  padding: 8px 16px;
  text-align: left;
  border: 1.5px solid var(--line);
  border-left-width: 8px;
  border-radius: 8px;
  background: var(--raised);
  color: var(--ink);
  cursor: pointer;
}

.way span {
  color: var(--muted);
}

.way[aria-pressed='true'] {
  border-color: var(--action);
}
</style>
