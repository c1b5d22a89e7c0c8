<script setup lang="ts">
import ArithmeticSheet from '../features/arithmetic/ArithmeticSheet.vue';
</script>

<template>
  <ArithmeticSheet />
</template>
