<script setup lang="ts">
import CodesSheet from '../features/codes/CodesSheet.vue';
</script>

<template>
  <CodesSheet />
</template>
