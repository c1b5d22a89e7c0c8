<script setup lang="ts">
import { RouterLink } from 'vue-router';
import { texts } from '#words/screens/pages';
</script>

<template>
  <main class="lost">
    <h1>{{ texts.thisPageDoesNot }}</h1>
    <p>{{ texts.theAddressIsWrong }}</p>
    <RouterLink class="tap strong" :to="{ name: 'garage' }">{{ texts.toTheGarage }}</RouterLink>
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
