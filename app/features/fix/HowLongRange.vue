<script setup lang="ts">
import { computed } from 'vue';
import { howLong } from '../../../core/guide/howLong';
import { sayDuration } from '../../../core/words/duration';
import type { useFix } from './useFix';
import { texts } from '#words/screens/fix';

/** What is left in time, as a range that grows with what has been seen. */
const props = defineProps<{ fix: ReturnType<typeof useFix> }>();
const left = computed(() =>
  props.fix.job.file ? howLong(props.fix.job.file, props.fix.repair.value, props.fix.channel.value) : null,
);
const rows = computed(() =>
  left.value
    ? [
        { id: 'best', words: texts.ifAllGives, minutes: left.value.best },
        { id: 'usual', words: texts.usually, minutes: left.value.usual },
        { id: 'bad', words: texts.onABadDay, minutes: left.value.bad },
      ]
    : [],
);
</script>

<template>
  <section v-if="left" class="how-long" data-test="how-long">
    <h2 class="overline">{{ texts.howLongStill }}</h2>
    <ul>
      <li v-for="row in rows" :key="row.id">
        <span
          class="bar"
          :style="{ width: `${Math.max(4, (100 * row.minutes) / Math.max(1, left.bad))}%` }"
          :class="row.id"
        />
        <b class="figure">{{ sayDuration(row.minutes) }}</b><span class="muted">{{ row.words }}</span>
      </li>
    </ul>
    <p v-if="left.climbed > 0" class="muted">{{ texts.grewBy(left.climbed) }}</p>
  </section>
</template>

<style scoped>
.how-long {
  display: grid;
  gap: 8px;
  margin: 6px 0;
}

ul {
  list-style: none;
  margin: 0;
  padding: 0;
  display: grid;
  gap: 8px;
}

li {
  display: grid;
  grid-template-columns: auto 1fr;
  gap: 0 10px;
  align-items: baseline;
}

.bar {
  grid-column: 1 / -1;
  height: 9px;
  border-radius: 3px;
  background: color-mix(in srgb, var(--action) 30%, var(--raised));
}

.bar.best {
  background: var(--ink);
}

.bar.usual {
  background: var(--action);
}
</style>
