<script setup lang="ts">
import { computed, defineAsyncComponent, ref } from 'vue';
import type { Attachment } from '../../../core/casefile/contract';
import { usePhotos } from '../../stores/photos';
import { tell } from '../tell';
import { texts } from '#words/shared/photos';

const PhotoViewer = defineAsyncComponent(() => import('./PhotoViewer.vue'));

/** The pictures of something in the job, and a button for more: the phone offers its camera. */
const props = defineProps<{
  /** What they show: the id of an entry, or the key of a step. */
  of: string;
  /** What it is, for those who cannot see it. */
  what: string;
  /** Only the pictures: no more are wanted here. */
  isFixed?: boolean;
}>();
const photos = usePhotos();
const shown = computed(() => photos.of(props.of));
const opened = ref<Attachment | null>(null);
const isBusy = ref(false);
const picker = ref<HTMLInputElement | null>(null);

async function take(event: Event): Promise<void> {
  const input = event.target as HTMLInputElement;
  const files = [...(input.files ?? [])];
  input.value = '';
  isBusy.value = true;
  try {
    const refused = await photos.add(files, props.of);
    if (refused.length > 0) await tell(texts.noPicture(refused.join(', ')));
  } finally {
    isBusy.value = false;
  }
}
</script>

<template>
  <div v-if="shown.length > 0 || !isFixed" class="photos">
    <button
      v-for="attachment in shown"
      :key="attachment.id"
      type="button"
      class="picture"
      :aria-label="texts.enlarge(what)"
      data-test="photo"
      @click="opened = attachment"
    >
      <img v-if="photos.smallOf(attachment.id)" :src="photos.smallOf(attachment.id) ?? ''" alt="" />
      <span v-else-if="photos.smallOf(attachment.id) === null" class="muted">{{ texts.notHere }}</span>
    </button>
    <template v-if="!isFixed">
      <button
        type="button"
        class="tap add"
        :disabled="isBusy"
        :aria-label="texts.addFor(what)"
        data-test="add-photo"
        @click="picker?.click()"
      >
        <svg viewBox="0 0 24 24" aria-hidden="true">
          <path d="M3 8h4l2-3h6l2 3h4v11H3z" />
          <circle cx="12" cy="13" r="3.6" />
        </svg>
        {{ isBusy ? texts.keeping : texts.photo }}
      </button>
      <input
        ref="picker"
        class="only-read"
        type="file"
        accept="image/*"
        multiple
        tabindex="-1"
        :aria-label="texts.addFor(what)"
        data-test="photo-file"
        @change="take"
      />
    </template>
    <PhotoViewer v-if="opened" :attachment="opened" @close="opened = null" />
  </div>
</template>

<style scoped>
.photos {
  display: flex;
  flex-wrap: wrap;
  gap: 8px;
  align-items: center;
}

.picture {
  width: 84px;
  height: 64px;
  padding: 0;
  overflow: hidden;
  border: 1.5px solid var(--ink);
  border-radius: 6px;
  background: var(--board);
  cursor: pointer;
  font-size: 0.7rem;
  line-height: 1.15;
}

img {
  width: 100%;
  height: 100%;
  object-fit: cover;
  display: block;
}

.add svg {
  width: 26px;
  fill: none;
  stroke: currentcolor;
  stroke-width: 2;
  stroke-linejoin: round;
}
</style>
