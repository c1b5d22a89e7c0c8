<script setup lang="ts">
import PlateImage from '../../shared/drawings/PlateImage.vue';
import { texts } from '#words/screens/fix';

/** A hub whose bearings are adjusted by hand: the parts in their order, and the nut set step by step. */
const PLATE = { scene: 'taper-bearing', state: 'whole' } as const;
</script>

<template>
  <details data-test="taper">
    <summary>{{ texts.taperAsked }}</summary>
    <PlateImage :plate="PLATE" />
    <ol>
      <li v-for="line in texts.taper" :key="line">{{ line }}</li>
    </ol>
  </details>
</template>

<style scoped>
summary {
  min-height: 64px;
  display: flex;
  align-items: center;
  cursor: pointer;
  color: var(--action);
  font-weight: 600;
}

li {
  padding: 4px 0;
  font-size: 1.1rem;
}
</style>
