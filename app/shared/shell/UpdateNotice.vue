<script setup lang="ts">
import { useRegisterSW } from 'virtual:pwa-register/vue';
import { until } from '@vueuse/core';
import { useTrouble } from '../../stores/trouble';
import { texts } from '#words/shared/shell';

/** A new version waits until its user says so; nothing typed is lost by it. */
const { needRefresh, updateServiceWorker } = useRegisterSW();

const trouble = useTrouble();

async function update(): Promise<void> {
  await until(() => trouble.isWriting).toBe(false);
  const registration = await navigator.serviceWorker.getRegistration();
  /* At the very first visit no worker stands behind the page: the new one is in place already, and only the page is old. */
  if (registration?.waiting) await updateServiceWorker(true);
  else location.reload();
}
</script>

<template>
  <div v-if="needRefresh" class="update" role="status">
    <span>{{ texts.aNewVersionOf }}</span>
    <button class="tap strong" type="button" @click="update">{{ texts.updateNow }}</button>
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
