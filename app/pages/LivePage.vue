<script setup lang="ts">
import LiveSheet from '../features/live/LiveSheet.vue';
</script>

<template>
  <LiveSheet />
</template>
