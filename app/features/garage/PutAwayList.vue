<script setup lang="ts">
import { computed } from 'vue';
import { useGarage } from '../../stores/garage';
import { texts } from '#words/screens/garage';

/** What was put away, to be brought back. */
const garage = useGarage();
const away = computed(() => [
  ...garage.vehicles
    .filter(({ putAway }) => putAway === true)
    .map(({ id, vehicle }) => ({
      id,
      words: vehicle.name ?? texts.noName,
      back: () => garage.putVehiclesAway([id], false),
    })),
  ...garage.jobs
    .filter(({ putAway }) => putAway === true)
    .map(({ id, title, file }) => ({
      id,
      words: [file.vehicle.name, title].filter(Boolean).join(': '),
      back: () => garage.putJobAway(id, false),
    })),
]);
</script>

<template>
  <details v-if="away.length > 0" class="away" data-test="put-away">
    <summary>{{ texts.putAwayTitle(away.length) }}</summary>
    <ul class="rows">
      <li v-for="entry in away" :key="entry.id">
        {{ entry.words }}
        <button type="button" class="tap" :data-test="`back-${entry.id}`" @click="entry.back">
          {{ texts.bringItBack }}
        </button>
      </li>
    </ul>
  </details>
</template>

<style scoped>
summary {
  min-height: 48px;
  display: flex;
  align-items: center;
  cursor: pointer;
  color: var(--action);
  font-weight: 650;
}

li {
  display: flex;
  justify-content: space-between;
  align-items: center;
  gap: 12px;
}
</style>
