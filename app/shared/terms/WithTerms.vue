<script setup lang="ts">
import { computed } from 'vue';
import PlateImage from '../drawings/PlateImage.vue';
import { TERM_PLATES } from '../drawings/plates/terms';
import { texts } from '#words/shared/terms';
import { termsIn } from './termsIn';

/** A text whose trade words can be tapped: one sentence and a drawing for each. */
const props = defineProps<{ text: string }>();
const pieces = computed(() => termsIn(props.text));
</script>

<template>
  <template v-for="piece in pieces" :key="piece.at"
    ><el-popover v-if="piece.term" trigger="click" :width="300" :show-after="0" :persistent="false"
      ><template #reference
        ><button type="button" class="term" :title="texts.explain">{{ piece.words }}</button></template
      >
      <PlateImage :plate="TERM_PLATES[piece.term]" decorative />
      <p class="says">{{ texts.terms[piece.term].says }}</p></el-popover
    ><template v-else>{{ piece.words }}</template></template
  >
</template>

<style scoped>
.term {
  display: inline;
  padding: 6px 0;
  margin: -6px 0;
  border: none;
  background: none;
  color: inherit;
  font: inherit;
  text-decoration: underline dotted var(--action) 2px;
  text-underline-offset: 3px;
  cursor: help;
}

.says {
  margin: 8px 0 0;
  font-size: 1rem;
  line-height: 1.35;
  color: var(--ink);
}
</style>
