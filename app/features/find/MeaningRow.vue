<script setup lang="ts">
import type { Meaning } from '../../../core/judgement/meanings';
import SentenceWith from '../../shared/words/SentenceWith.vue';
import { texts } from '#words/screens/find';

/** What the display may show, told before anything is typed; the reading being typed lights its own. */
defineProps<{ meanings: readonly Meaning[]; shown: string | null }>();
</script>

<template>
  <section class="meanings" :aria-label="texts.whatItMayShow">
    <div
      v-for="meaning in meanings"
      :key="meaning.figure"
      class="meaning"
      :class="{ lit: meaning.verdict.outcome === shown }"
    >
      <p class="reads">
        <SentenceWith :text="meaning.isExact ? texts.ifItReadsOnly : texts.ifItReads"
          ><template #figure
            ><span class="figure">{{ meaning.figure }}</span></template
          ></SentenceWith
        >
      </p>
      <p>
        <b>{{ meaning.verdict.heading }}</b> {{ meaning.verdict.detail }}
      </p>
    </div>
  </section>
</template>

<style scoped>
.meanings {
  display: grid;
  grid-template-columns: repeat(auto-fit, minmax(min(200px, 100%), 1fr));
  border-top: 2.4px solid var(--ink);
  border-bottom: 1px solid var(--line);
}

.meaning {
  padding: 10px 14px;
  border-left: 1px solid var(--line);
}

.meaning:first-child {
  border-left: none;
}

.meaning.lit {
  background: var(--raised);
  box-shadow: inset 0 5px 0 var(--bar-action);
}

.meaning p {
  margin: 0;
}

.reads {
  font-weight: 700;
}

@media (max-width: 700px) {
  .meaning {
    border-left: none;
    border-top: 1px solid var(--line);
  }
}
</style>
