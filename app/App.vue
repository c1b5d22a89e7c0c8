<script setup lang="ts">
import { shallowRef } from 'vue';
import type { Language } from 'element-plus/es/locale';
import { RouterView } from 'vue-router';
import { elementLocale, FIRST_LOCALE } from './shared/language/elementLocale';
import UpdateNotice from './shared/shell/UpdateNotice.vue';
import { usePlace } from './shared/shell/usePlace';
import TroubleBar from './shared/trouble/TroubleBar.vue';
import { useHoldPage } from './shared/trouble/useHoldPage';
import { useGarage } from './stores/garage';
import { usePreferences } from './stores/preferences';

useHoldPage();
usePlace();
void usePreferences().open();
void useGarage().open();
const locale = shallowRef<Language>(FIRST_LOCALE);
void elementLocale().then((found) => (locale.value = found));
</script>

<template>
  <el-config-provider :locale="locale">
    <TroubleBar />
    <RouterView />
    <UpdateNotice />
  </el-config-provider>
</template>
