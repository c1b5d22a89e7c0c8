<script setup lang="ts">
import { computed } from 'vue';
import type { Fastener } from '../../../../core/casefile/contract';
import { isDue, stillOut } from '../../../../core/guide/fasteners';
import { useJob } from '../../../stores/job';
import { texts } from '#words/screens/fix';

/** How many of a fastener are back in: one by one, or all at once. */
const props = defineProps<{ fastener: Fastener }>();
const job = useJob();
const back = computed(() => props.fastener.back ?? 0);
const out = computed(() => stillOut(props.fastener));
const set = (count: number): Promise<unknown> =>
  job.dispatch({ do: 'fastener-is', id: props.fastener.id, is: { back: count, leftOut: false } });
</script>

<template>
  <div v-if="isDue(fastener)" class="count" :class="{ missing: out > 0 }">
    <button type="button" class="tap" :disabled="back === 0" :aria-label="texts.oneFewer" @click="set(back - 1)">
      −
    </button>
    <b class="figure" :data-test="`back-${fastener.id}`">{{ texts.backIn(back, fastener.count) }}</b>
    <button
      type="button"
      class="tap"
      :disabled="out === 0"
      :aria-label="texts.oneMore"
      data-test="one-back"
      @click="set(back + 1)"
    >
      +
    </button>
    <button
      v-if="out > 0"
      type="button"
      class="tap strong"
      :data-test="`all-${fastener.id}`"
      @click="set(fastener.count)"
    >
      {{ texts.allIn }}
    </button>
  </div>
  <span v-else class="muted">{{ texts.noneDue }}</span>
</template>

<style scoped>
.count {
  display: flex;
  flex-wrap: wrap;
  gap: 8px;
  align-items: center;
}

.count:not(.missing) b {
  color: var(--proved);
}
</style>
