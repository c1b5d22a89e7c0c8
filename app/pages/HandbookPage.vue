<script setup lang="ts">
import HandbookSheet from '../features/handbook/HandbookSheet.vue';
</script>

<template>
  <HandbookSheet />
</template>
