<script setup lang="ts">
import { texts } from '#words/shared/shell';
</script>

<template>
  <span class="brand"
    ><svg viewBox="0 0 46 28" aria-hidden="true">
      <path class="wave" d="M2 14c3-15 7-15 10.500 0s7.500 15 10.500 0" />
      <path class="steps" d="M23 14V4h7v19h7V4h6v19" /></svg
    >{{ texts.zelf }}</span
  >
</template>
