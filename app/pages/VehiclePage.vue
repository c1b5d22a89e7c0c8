<script setup lang="ts">
import VehicleSheet from '../features/garage/VehicleSheet.vue';
</script>

<template>
  <VehicleSheet />
</template>
