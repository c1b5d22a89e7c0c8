<script setup lang="ts">
import RecordSheet from '../features/record/RecordSheet.vue';
</script>

<template>
  <RecordSheet />
</template>
