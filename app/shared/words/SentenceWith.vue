<script setup lang="ts">
import { computed } from 'vue';
import { piecesOf } from './pieces';

/** A sentence with something of its own look inside: `{wheel}` in the text is where the slot `wheel` stands. */
const props = defineProps<{ text: string }>();
const pieces = computed(() => piecesOf(props.text));
</script>

<template>
  <template v-for="piece in pieces" :key="piece.at"
    ><slot v-if="piece.place" :name="piece.place" /><template v-else>{{ piece.words }}</template></template
  >
</template>
