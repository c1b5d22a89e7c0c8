<script setup lang="ts">
import { computed } from 'vue';
import type { LookPart } from '../../../core/casefile/words';
import PlateImage from '../../shared/drawings/PlateImage.vue';
import { lookPlate } from '../../shared/drawings/plates/looks';
import { texts } from '#words/screens/find';
import { texts as looks } from '#words/shared/looks';

/** For those who are not sure: what it looks like when sound beside what they think they see. */
const isOpen = defineModel<boolean>({ required: true });
const props = defineProps<{
  part: LookPart;
  findings: readonly string[];
  wordsFor: (finding: string) => string;
}>();
const emit = defineEmits<{ keep: [] }>();
const cards = computed(() => {
  const hints: Readonly<Record<string, string>> = looks[props.part];
  return props.findings.map((finding) => ({
    finding,
    plate: lookPlate(props.part, finding),
    hint: hints[finding] ?? '',
  }));
});

function keep(): void {
  isOpen.value = false;
  emit('keep');
}
</script>

<template>
  <el-dialog v-model="isOpen" :title="texts.compareThem" width="min(920px, 96vw)" append-to-body>
    <div class="both">
      <figure v-for="card in cards" :key="card.finding">
        <PlateImage v-if="card.plate" :plate="card.plate" />
        <figcaption>
          <b>{{ wordsFor(card.finding) }}</b> {{ card.hint }}
        </figcaption>
      </figure>
    </div>
    <p>{{ texts.stillNotSure }}</p>
    <div class="acts">
      <button type="button" class="tap" @click="isOpen = false">{{ texts.backToTheCards }}</button>
      <button type="button" class="tap strong" data-test="keep-doubt" @click="keep">{{ texts.keepItAsADoubt }}</button>
    </div>
  </el-dialog>
</template>

<style scoped>
.both {
  display: grid;
  grid-template-columns: repeat(auto-fit, minmax(min(280px, 100%), 1fr));
  gap: 14px;
}

figure {
  margin: 0;
  border: 1.4px solid var(--line);
  border-radius: 10px;
  overflow: hidden;
}

figcaption {
  padding: 8px 12px 12px;
}

figcaption b::first-letter {
  text-transform: uppercase;
}

figcaption b {
  display: block;
}

.acts {
  display: flex;
  flex-wrap: wrap;
  gap: 12px;
}
</style>
