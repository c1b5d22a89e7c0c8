<script setup lang="ts">
import GarageSheet from '../features/garage/GarageSheet.vue';
</script>

<template>
  <GarageSheet />
</template>
