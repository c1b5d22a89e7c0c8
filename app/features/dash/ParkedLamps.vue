<script setup lang="ts">
import type { LAMPS } from '../../../core/casefile/words';
import { LAMP_NAMES } from '../../../core/knowledge/names';
import { LAMP_WORDS } from '../../../core/report/lampWords';
import { texts } from '#words/screens/dash';

/** What each lit lamp says, and which are parked for later. */
type Lamp = (typeof LAMPS)[number];
defineProps<{ lit: readonly Lamp[] }>();
</script>

<template>
  <ul class="rows" data-test="lamp-words">
    <li v-for="lamp in lit" :key="lamp" :class="LAMP_WORDS[lamp].kin">
      <b>{{ LAMP_NAMES[lamp] }}</b> {{ LAMP_WORDS[lamp].says }}
      <span v-if="LAMP_WORDS[lamp].kin === 'other'" class="muted">{{ texts.lookAtTheseAgain }}</span>
    </li>
  </ul>
</template>

<style scoped>
.stop {
  border-left: 6px solid var(--fault);
  padding-left: 12px;
}

.other b {
  color: var(--muted);
}
</style>
