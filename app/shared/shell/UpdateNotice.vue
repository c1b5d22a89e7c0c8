<script setup lang="ts">
import { useRegisterSW } from 'virtual:pwa-register/vue';
import { texts } from '#words/shared/shell';

/** A new version waits until its user says so; nothing typed is lost by it. */
const { needRefresh, updateServiceWorker } = useRegisterSW();
</script>

<template>
  <div v-if="needRefresh" class="update" role="status">
    <span>{{ texts.aNewVersionOf }}</span>
    <button class="tap strong" type="button" @click="updateServiceWorker(true)">{{ texts.updateNow }}</button>
    <button class="tap quiet" type="button" @click="needRefresh = false">{{ texts.later }}</button>
  </div>
</template>

<style scoped>
.update {
  position: fixed;
  inset: auto 12px 12px;
  z-index: 30;
  display: flex;
  flex-wrap: wrap;
  gap: 12px;
  align-items: center;
  padding: 12px 16px;
  background: var(--raised);
  border: 2px solid var(--ink);
  border-radius: var(--radius);
}
</style>
