<script setup lang="ts">
import { ref, watch } from 'vue';
import PlotFigure from './PlotFigure.vue';
import { saveFigure } from './plotly';
import { pictureOf, type Panel } from './plots';
import { texts } from '#words/screens/log';

/** Charts on one axis: a closer look at one is a closer look at all. */
const props = defineProps<{
  panels: readonly Panel[];
  /** What they show, in words. */
  alternative: string;
}>();
/** The stretch that is looked at; null for all of it. */
const stretch = ref<readonly [number, number] | null>(null);
watch(
  () => props.panels[0]?.layout.xaxis?.range?.join(),
  () => (stretch.value = null),
);

/** All of them as one picture. */
const save = (format: 'png' | 'svg'): Promise<void> => saveFigure(pictureOf(props.panels), format);
defineExpose({ save });
</script>

<template>
  <div role="img" :aria-label="alternative">
    <PlotFigure
      v-for="panel in panels"
      :key="panel.key"
      :data="panel.data"
      :layout="panel.layout"
      :height="panel.height"
      :stretch="stretch"
      @look="(looked) => (stretch = looked)"
    />
  </div>
  <button v-if="stretch" type="button" class="tap whole" data-test="whole-drive" @click="stretch = null">
    {{ texts.wholeDrive }}
  </button>
</template>

<style scoped>
.whole {
  justify-self: start;
}
</style>
