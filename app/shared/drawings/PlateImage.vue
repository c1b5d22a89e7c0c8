<script setup lang="ts">
import { onScopeDispose, ref, watch, type Ref } from 'vue';
import { alternativeOf } from './alternative';
import { composed, displaysOf, figuresAlone } from './composed';
import type { Plate } from './plate';
import { loadScene } from './scenes';
import { texts } from '#words/shared/drawings';

/** A plate as an image: its own document, so that twenty of one scene do not get in each other's way. Figures on a display lie over it as an image of their own: they change with every key. */
const props = withDefaults(defineProps<{ plate: Plate; decorative?: boolean }>(), { decorative: false });
const source = ref('');
const figures = ref('');
const isMissing = ref(false);
/** The plate that stands there, without its figures; and its displays alone. */
let standing = '';
let displays = '';

function put(image: Ref<string>, svg: string | null): void {
  if (image.value) URL.revokeObjectURL(image.value);
  image.value = svg === null ? '' : URL.createObjectURL(new Blob([svg], { type: 'image/svg+xml' }));
}

function release(): void {
  put(source, null);
  put(figures, null);
  standing = '';
}

const emptied = (plate: Plate): Plate => ({
  ...plate,
  figures: Object.fromEntries(Object.keys(plate.figures ?? {}).map((id) => [id, ''])),
});

watch(
  () => props.plate,
  async (plate) => {
    isMissing.value = false;
    try {
      const scene = await loadScene(plate.scene);
      if (plate !== props.plate) return;
      const empty = emptied(plate);
      if (standing !== JSON.stringify(empty)) {
        put(source, composed(scene, empty));
        displays = displaysOf(scene, plate);
        standing = JSON.stringify(empty);
      }
      put(figures, plate.figures ? figuresAlone(displays, plate) : null);
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
    <img v-if="figures" class="figures" :src="figures" alt="" draggable="false" />
  </span>
</template>

<style scoped>
.plate {
  display: block;
  position: relative;
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

.figures {
  position: absolute;
  inset: 0;
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
