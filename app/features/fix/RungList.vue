<script setup lang="ts">
import { computed } from 'vue';
import type { Climb } from '../../../core/guide/climb';
import { RESULTS, type Rung } from '../../../core/knowledge/guide/rung';
import { clockOf } from '../../shared/time';
import { texts } from '#words/screens/fix';

/** All rungs of a ladder, what came of each, and from where on something is lost. Any can be opened. */
const props = defineProps<{ climb: Climb; now: Rung }>();
const emit = defineEmits<{ open: [id: string] }>();
const rungs = computed(() =>
  props.climb.ladder.rungs.map((rung, at, all) => {
    const last = props.climb.tried.findLast((tried) => tried.rung.id === rung.id);
    return {
      ...rung,
      isFirstLost: rung.destroys === true && all[at - 1]?.destroys !== true,
      said: last ? [last.at ? clockOf(last.at) : '', RESULTS[last.result].words].filter(Boolean).join(', ') : '',
    };
  }),
);
</script>

<template>
  <nav class="rungs" :aria-label="climb.ladder.title">
    <template v-for="(rung, at) in rungs" :key="rung.id">
      <p v-if="rung.isFirstLost" class="lost">{{ texts.fromHereLost }}</p>
      <button
        type="button"
        :class="{ here: rung.id === now.id, tried: rung.said, harm: rung.destroys }"
        :aria-current="rung.id === now.id ? 'step' : undefined"
        :data-test="`open-rung-${rung.id}`"
        @click="emit('open', rung.id)"
      >
        <span class="figure">{{ at + 1 }}</span>
        <span
          ><b>{{ rung.name }}</b
          ><small v-if="rung.said">{{ rung.said }}</small></span
        >
      </button>
    </template>
  </nav>
</template>

<style scoped>
.rungs {
  display: grid;
  align-content: start;
}

button {
  display: flex;
  gap: 14px;
  align-items: center;
  min-height: 64px;
  padding: 6px 18px;
  text-align: left;
  background: none;
  border: none;
  border-left: 6px dotted var(--line);
  cursor: pointer;
  color: var(--ink);
}

button b {
  font-weight: 500;
}

small {
  display: block;
  color: var(--muted);
}

.tried {
  border-left: 6px solid var(--ink);
}

.here {
  background: var(--action);
  color: var(--action-text);
  border-left: 6px solid var(--action);
}

.here b {
  font-weight: 700;
}

.here small {
  color: inherit;
}

.lost {
  margin: 6px 0 0;
  padding: 8px 18px;
  border-top: 2px dashed var(--fault);
  color: var(--fault);
  font-weight: 650;
}
</style>
