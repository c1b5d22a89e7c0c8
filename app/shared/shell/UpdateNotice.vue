<script setup lang="ts">
import { useRegisterSW } from 'virtual:pwa-register/vue';

/** A new version waits until its user says so; nothing typed is lost by it. */
const { needRefresh, updateServiceWorker } = useRegisterSW();
</script>

<template>
  <div v-if="needRefresh" class="update" role="status">
    <span>A new version of Zelf is ready. Your jobs stay as they are.</span>
    <button class="tap strong" type="button" @click="updateServiceWorker(true)">Update now</button>
    <button class="tap quiet" type="button" @click="needRefresh = false">Later</button>
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
