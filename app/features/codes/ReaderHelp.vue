<script setup lang="ts">
import { ENGINE_ONLY, WILL_NOT_CONNECT, type ReaderHint } from '../../../core/codes/readerHelp';
import { texts } from '#words/screens/codes';

/** A reader that will not connect, or reaches only the engine: what to try before money is spent. */
const PARTS: readonly (readonly [string, readonly ReaderHint[]])[] = [
  [texts.itWillNotConnect, WILL_NOT_CONNECT],
  [texts.itShowsOnlyThe, ENGINE_ONLY],
];
</script>

<template>
  <div class="help">
    <div v-for="[title, hints] in PARTS" :key="title">
      <h3>{{ title }}</h3>
      <ol>
        <li v-for="hint in hints" :key="hint.id">
          {{ hint.tryThis }} <span class="muted">{{ hint.because }}</span>
        </li>
      </ol>
    </div>
  </div>
</template>

<style scoped>
.help {
  display: grid;
  grid-template-columns: repeat(auto-fit, minmax(280px, 1fr));
  gap: 18px 32px;
}

ol {
  margin: 8px 0 0;
  padding-left: 22px;
  display: grid;
  gap: 8px;
}
</style>
