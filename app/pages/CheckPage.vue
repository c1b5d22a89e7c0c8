<script setup lang="ts">
import { useRoute } from 'vue-router';
import CheckSheet from '../features/find/CheckSheet.vue';

/** Another check is another sheet: what was typed belongs to its own. */
const route = useRoute();
</script>

<template>
  <CheckSheet :key="route.fullPath" />
</template>
