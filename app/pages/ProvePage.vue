<script setup lang="ts">
import ProveSheet from '../features/prove/ProveSheet.vue';
</script>

<template>
  <ProveSheet />
</template>
