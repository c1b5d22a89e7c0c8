<script setup lang="ts">
import WatchSheet from '../features/live/watch/WatchSheet.vue';
</script>

<template>
  <WatchSheet />
</template>
