<script setup lang="ts">
import FixSheet from '../features/fix/FixSheet.vue';
</script>

<template>
  <FixSheet />
</template>
