<script setup lang="ts">
import { RouterView } from 'vue-router';
import UpdateNotice from './shared/shell/UpdateNotice.vue';
import TroubleBar from './shared/trouble/TroubleBar.vue';
import { useGarage } from './stores/garage';
import { usePreferences } from './stores/preferences';

void usePreferences().open();
void useGarage().open();
</script>

<template>
  <TroubleBar />
  <RouterView />
  <UpdateNotice />
</template>
