<script setup lang="ts">
import BenchHome from '../features/bench/BenchHome.vue';
</script>

<template>
  <BenchHome />
</template>
