<script setup lang="ts">
import { ElMessage } from 'element-plus';
import { onBeforeUnmount, onMounted } from 'vue';
import { RouterView } from 'vue-router';
import UpdateNotice from './shared/shell/UpdateNotice.vue';
import { useGarage } from './stores/garage';
import { usePreferences } from './stores/preferences';

void usePreferences().open();
void useGarage().open();

function tellTrouble(event: Event): void {
  const message = String((event as CustomEvent<string>).detail);
  ElMessage({
    message: `Something went wrong: ${message}. What was entered is kept.`,
    duration: 8000,
    showClose: true,
  });
}

onMounted(() => document.addEventListener('zelf-trouble', tellTrouble));
onBeforeUnmount(() => document.removeEventListener('zelf-trouble', tellTrouble));
</script>

<template>
  <RouterView />
  <UpdateNotice />
</template>
