<script setup lang="ts">
import PracticeAnswer from '../features/bench/PracticeAnswer.vue';
import FixSheet from '../features/fix/FixSheet.vue';
</script>

<template>
  <PracticeAnswer what="repair" />
  <FixSheet />
</template>
