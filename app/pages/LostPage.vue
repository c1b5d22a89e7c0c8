<script setup lang="ts">
import { RouterLink } from 'vue-router';
</script>

<template>
  <main class="lost">
    <h1>This page does not exist</h1>
    <p>The address is wrong. All your jobs are in the garage.</p>
    <RouterLink class="tap strong" :to="{ name: 'garage' }">To the garage</RouterLink>
  </main>
</template>

<style scoped>
.lost {
  max-width: 620px;
  margin: 12vh auto;
  padding: 0 20px;
  display: grid;
  gap: 18px;
  justify-items: start;
}
</style>
