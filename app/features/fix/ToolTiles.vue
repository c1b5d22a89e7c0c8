<script setup lang="ts">
import { TOOLS, type ToolId } from '../../../core/knowledge/guide/tools';
import PlateImage from '../../shared/drawings/PlateImage.vue';
import { TOOL_PLATES } from '../../shared/drawings/plates/tools';

/** What is to be in hand, each by its picture and its name. */
defineProps<{ tools: readonly ToolId[] }>();
</script>

<template>
  <ul v-if="tools.length > 0" class="tools">
    <li v-for="tool in tools" :key="tool" :data-tool="tool">
      <PlateImage class="picture" :plate="TOOL_PLATES[tool]" decorative />
      <span>{{ TOOLS[tool] }}</span>
    </li>
  </ul>
</template>

<style scoped>
.tools {
  list-style: none;
  margin: 0;
  padding: 0;
  display: grid;
  grid-template-columns: repeat(auto-fill, minmax(96px, 1fr));
  gap: 8px;
}

li {
  display: grid;
  gap: 4px;
  justify-items: center;
  text-align: center;
  font-size: 0.92rem;
  line-height: 1.2;
}

.picture {
  width: 72px;
  aspect-ratio: 1;
  border-radius: 10px;
}
</style>
