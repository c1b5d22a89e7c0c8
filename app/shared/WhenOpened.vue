<script setup lang="ts">
import { useEventListener } from '@vueuse/core';
import { onMounted, ref, useTemplateRef } from 'vue';

/** What lies folded away is made when the fold around it is opened first; then it stays. */
const here = useTemplateRef<HTMLElement>('here');
const isMade = ref(false);

onMounted(() => {
  const fold = here.value?.closest('details');
  if (!fold || fold.open) isMade.value = true;
  else useEventListener(fold, 'toggle', () => (isMade.value ||= fold.open));
});
</script>

<template>
  <slot v-if="isMade" />
  <span v-else ref="here" hidden />
</template>
