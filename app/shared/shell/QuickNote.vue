<script setup lang="ts">
import { nextTick, onMounted, useTemplateRef } from 'vue';
import type { InputInstance } from 'element-plus';
import { useJob } from '../../stores/job';
import { useDraft, withoutRecorded } from '../../stores/useDraft';
import { tellWithUndo } from '../tell';
import { texts } from '#words/shared/shell';

/** A note wherever one stands; it shares its words with the notebook's own field. */
const isOpen = defineModel<boolean>({ required: true });
const job = useJob();
const text = useDraft(() => `${job.record?.id}.note`, true);
const field = useTemplateRef<InputInstance>('field');
onMounted(async () => {
  await nextTick();
  field.value?.focus();
});

async function keep(): Promise<void> {
  const before = text.value;
  if (before.trim() === '') return;
  isOpen.value = false;
  await job.dispatch({ do: 'note', text: before.trim() });
  text.value = withoutRecorded(text.value, before);
  await tellWithUndo(texts.noteIsKept, texts.takeItBack, () => void job.undo());
}
</script>

<template>
  <el-dialog v-model="isOpen" :title="texts.quickNote" width="min(560px, 94vw)" @opened="field?.focus()">
    <el-input
      ref="field"
      v-model="text"
      type="textarea"
      :rows="3"
      :aria-label="texts.quickNote"
      data-test="quick-note"
      @keydown.ctrl.enter="keep"
    />
    <div class="foot">
      <button type="button" class="tap strong" data-test="keep-note" :disabled="text.trim() === ''" @click="keep">
        {{ texts.noteIt }}
      </button>
    </div>
  </el-dialog>
</template>

<style scoped>
.foot {
  margin-top: 12px;
  display: flex;
  justify-content: end;
}
</style>
