<script setup lang="ts">
import VehicleSheet from '../features/garage/VehicleSheet.vue';
import { usePreferences } from '../stores/preferences';

const { values } = usePreferences();
</script>

<template>
  <VehicleSheet :key="`${values.distance} ${values.torque} ${values.temperature}`" />
</template>
