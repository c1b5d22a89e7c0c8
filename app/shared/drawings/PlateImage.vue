<script setup lang="ts">
import { onScopeDispose, ref, watch } from 'vue';
import { alternativeOf } from './alternative';
import { composed } from './composed';
import type { Plate } from './plate';
import { loadScene } from './scenes';
import { texts } from '#words/shared/drawings';

/** A plate as an image: its own document, so that twenty of one scene do not get in each other's way. */
const props = withDefaults(defineProps<{ plate: Plate; decorative?: boolean }>(), { decorative: false });
const source = ref('');
const isMissing = ref(false);

function release(): void {
  if (source.value) URL.revokeObjectURL(source.value);
  source.value = '';
}

/** What is typed on a drawn display follows when the finger rests, in ms: to draw it takes longer than to type it. */
const RESTS = 150;
const withoutFigures = (plate: Plate): string => JSON.stringify({ ...plate, figures: {}, vars: {} });

watch(
  () => props.plate,
  async (plate, before) => {
    const isSame = before !== undefined && source.value !== '' && withoutFigures(before) === withoutFigures(plate);
    if (isSame) await new Promise((resolve) => setTimeout(resolve, RESTS));
    if (plate !== props.plate) return;
    isMissing.value = false;
    try {
      const scene = await loadScene(plate.scene);
      if (plate !== props.plate) return;
      release();
      source.value = URL.createObjectURL(new Blob([composed(scene, plate)], { type: 'image/svg+xml' }));
    } catch {
      release();
      isMissing.value = true;
    }
  },
  { immediate: true },
);
onScopeDispose(release);
</script>

<template>
  <span class="plate">
    <img v-if="source" :src="source" :alt="decorative ? '' : alternativeOf(plate)" decoding="async" draggable="false" />
    <span v-else-if="isMissing" class="muted">{{ texts.drawingMissing }}</span>
  </span>
</template>

<style scoped>
.plate {
  display: block;
  width: 100%;
  aspect-ratio: 3 / 2;
  max-height: 62vh;
  overflow: hidden;
  background: #f5f1e8;
  border-radius: inherit;
}

img {
  display: block;
  width: 100%;
  height: 100%;
  object-fit: contain;
}

/* On the dark sheet the roles change, not the paths: light and dark are exchanged, hues stay. */
html.night .plate {
  filter: invert(0.91) hue-rotate(180deg);
}

@media print {
  .plate {
    filter: none !important;
  }
}
</style>
