<script setup lang="ts">
import { useRoute } from 'vue-router';
import PracticeAnswer from '../features/bench/PracticeAnswer.vue';
import CheckSheet from '../features/find/CheckSheet.vue';

/** Another check is another sheet: what was typed belongs to its own. */
const route = useRoute();
</script>

<template>
  <PracticeAnswer what="check" />
  <CheckSheet :key="route.fullPath" />
</template>
