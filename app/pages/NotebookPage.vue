<script setup lang="ts">
import NotebookSheet from '../features/notebook/NotebookSheet.vue';
</script>

<template>
  <NotebookSheet />
</template>
