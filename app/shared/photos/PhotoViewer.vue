<script setup lang="ts">
import { onBeforeUnmount, ref } from 'vue';
import type { Attachment } from '../../../core/casefile/contract';
import { usePhotos } from '../../stores/photos';
import { tellWithUndo } from '../tell';
import { useJob } from '../../stores/job';
import { shownMoment } from '../time';
import { texts } from '#words/shared/photos';

/** A picture as large as the screen, with when it was taken. */
const props = defineProps<{ attachment: Attachment }>();
const emit = defineEmits<{ close: [] }>();
const photos = usePhotos();
const job = useJob();
const url = ref<string | null>('');
const isOpen = ref(true);
void photos.fullOf(props.attachment.id).then((found) => (url.value = found));
onBeforeUnmount(() => url.value && URL.revokeObjectURL(url.value));

async function remove(): Promise<void> {
  isOpen.value = false;
  await photos.remove(props.attachment.id);
  await tellWithUndo(texts.removed, texts.putItBack, () => void job.undo());
}
</script>

<template>
  <el-dialog v-model="isOpen" :title="attachment.name" width="min(1100px, 94vw)" align-center @closed="emit('close')">
    <img v-if="url" :src="url" :alt="attachment.name" />
    <p v-else-if="url === null">{{ texts.isNotHere }}</p>
    <div class="foot">
      <p v-if="attachment.takenAt">{{ texts.takenAt(shownMoment(attachment.takenAt)) }}</p>
      <button type="button" class="tap" data-test="remove-photo" @click="remove">{{ texts.remove }}</button>
    </div>
  </el-dialog>
</template>

<style scoped>
img {
  display: block;
  max-width: 100%;
  max-height: 70vh;
  margin: 0 auto;
}

.foot {
  display: flex;
  flex-wrap: wrap;
  justify-content: space-between;
  align-items: center;
  gap: 12px;
  margin-top: 12px;
}
</style>
