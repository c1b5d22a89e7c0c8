<script setup lang="ts">
import FindSheet from '../features/find/FindSheet.vue';
</script>

<template>
  <FindSheet />
</template>
