<script setup lang="ts">
import { computed, ref } from 'vue';
import { RouterLink } from 'vue-router';
import { useGarage } from '../../stores/garage';
import { jobsWith, standingOf } from './garageView';
import { texts } from '#words/screens/garage';

/** Any job by its title, vehicle, codes or notes. */
const garage = useGarage();
const typed = ref('');
const MOST_SHOWN = 40;
const found = computed(() => jobsWith(typed.value, garage.jobs).slice(0, MOST_SHOWN));
</script>

<template>
  <div class="search">
    <el-input
      v-model="typed"
      clearable
      :placeholder="texts.search"
      :aria-label="texts.search"
      data-test="search-jobs"
    />
    <p v-if="typed.trim() && found.length === 0" role="status">{{ texts.nothingFound }}</p>
    <ul v-if="found.length > 0" class="rows" data-test="found-jobs">
      <li v-for="job in found" :key="job.id">
        <RouterLink :to="{ name: job.stage, params: { job: job.id } }"
          ><b>{{ job.file.vehicle.name }}: {{ job.title }}</b></RouterLink
        >
        <span class="muted">{{ standingOf(job) }}</span>
      </li>
    </ul>
  </div>
</template>

<style scoped>
.search {
  display: grid;
  gap: 8px;
  max-width: 560px;
}

li {
  display: flex;
  flex-wrap: wrap;
  gap: 4px 16px;
}
</style>
