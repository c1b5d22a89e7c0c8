<script setup lang="ts">
import DashSheet from '../features/dash/DashSheet.vue';
</script>

<template>
  <DashSheet />
</template>
