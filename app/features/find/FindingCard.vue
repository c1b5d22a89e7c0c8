<script setup lang="ts">
import { computed, ref } from 'vue';
import type { LookPart } from '../../../core/casefile/words';
import PlateImage from '../../shared/drawings/PlateImage.vue';
import { lookPlate } from '../../shared/drawings/plates/looks';
import { texts as looks } from '#words/shared/looks';
import { texts as drawings } from '#words/shared/drawings';

/** One finding: its drawing, its word, what to look for and what it is mistaken for. */
const props = defineProps<{ part: LookPart; finding: string; words: string; isChosen: boolean }>();
const emit = defineEmits<{ choose: [] }>();
const plate = computed(() => lookPlate(props.part, props.finding));
const hint = computed(() => (looks[props.part] as Readonly<Record<string, string>>)[props.finding] ?? '');
const isLarge = ref(false);
</script>

<template>
  <div class="card" :class="{ chosen: isChosen }">
    <button type="button" class="choose" :aria-pressed="isChosen" :data-answer="finding" @click="emit('choose')">
      <PlateImage v-if="plate" :plate="plate" decorative />
      <span class="words">
        <b>{{ words }}</b>
        <span class="hint">{{ hint }}</span>
      </span>
      <span v-if="isChosen" class="tick" aria-hidden="true"
        ><svg viewBox="0 0 24 24"><path d="M5 12.5l5 5 9-11" /></svg
      ></span>
    </button>
    <button
      v-if="plate"
      type="button"
      class="enlarge"
      :aria-label="`${drawings.enlarge}: ${words}`"
      :title="drawings.enlarge"
      @click="isLarge = true"
    >
      <svg viewBox="0 0 24 24" aria-hidden="true"><path d="M9 3H3v6M15 3h6v6M9 21H3v-6M15 21h6v-6" /></svg>
    </button>
    <el-dialog v-if="plate" v-model="isLarge" :title="words" width="min(880px, 96vw)" append-to-body>
      <PlateImage v-if="isLarge" :plate="plate" />
      <p>{{ hint }}</p>
    </el-dialog>
  </div>
</template>

<style scoped>
.card {
  position: relative;
  border: 2px solid var(--ink);
  border-radius: 10px;
  background: var(--raised);
  overflow: hidden;
  display: grid;
}

.card.chosen {
  outline: 4px solid var(--action);
  outline-offset: -2px;
}

.choose {
  display: grid;
  align-content: start;
  border: none;
  padding: 0;
  background: none;
  color: inherit;
  font: inherit;
  text-align: left;
  cursor: pointer;
}

.words {
  display: grid;
  gap: 2px;
  padding: 8px 12px 12px;
  border-top: 1.4px solid var(--line);
}

b {
  font-size: 1.15rem;
}

b::first-letter {
  text-transform: uppercase;
}

.hint {
  color: var(--muted);
  font-size: 0.94rem;
  line-height: 1.3;
}

.tick {
  position: absolute;
  left: 10px;
  top: 10px;
  width: 34px;
  height: 34px;
  border-radius: 8px;
  background: var(--action);
}

.tick svg,
.enlarge svg {
  width: 100%;
  fill: none;
  stroke: currentcolor;
  stroke-width: 2.4;
  stroke-linecap: round;
  stroke-linejoin: round;
}

.tick svg {
  stroke: #fffdf8;
  stroke-width: 3.2;
}

.enlarge {
  position: absolute;
  right: 4px;
  top: 4px;
  width: 44px;
  height: 44px;
  padding: 11px;
  border: none;
  border-radius: 8px;
  background: none;
  color: var(--ink);
  cursor: pointer;
}
</style>
