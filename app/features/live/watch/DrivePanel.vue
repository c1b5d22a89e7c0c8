<script setup lang="ts">
import { computed } from 'vue';
import type { Channel } from '../../../../core/casefile/words';
import { MARKS } from '../../../../core/livelog/log';
import { silentNow, type Watched } from '../../../../core/livelog/watching';
import { texts } from '#words/screens/watch';

/** Marks that were taken on the drive, and what stands out just now. */
const props = defineProps<{ watched: Watched; say: (channel: Channel) => string }>();
const now = computed(() => props.watched.moments.at(-1)?.second ?? 0);
const MOST_SHOWN = 6;
const marks = computed(() =>
  MARKS.flatMap((mark) =>
    (props.watched.marks[mark] ?? []).map((second) => ({ mark, second, ago: Math.round(now.value - second) })),
  )
    .toSorted((first, second) => second.second - first.second)
    .slice(0, MOST_SHOWN),
);
const sees = computed(() => {
  const silent = silentNow(props.watched);
  if (!silent) return texts.notMoving;
  return silent.length > 0 ? silent.map((channel) => texts.noSignal(props.say(channel))).join(' ') : texts.allFollow;
});
</script>

<template>
  <div class="panel">
    <h2>{{ texts.sees }}</h2>
    <p aria-live="polite" data-test="sees">{{ sees }}</p>
    <h2>{{ texts.yourMarks }}</h2>
    <p v-if="marks.length === 0" class="muted">{{ texts.noMarks }}</p>
    <ul class="rows" data-test="marks">
      <li v-for="entry in marks" :key="`${entry.mark}${entry.second}`" class="row">
        <span>{{ texts.marks[entry.mark] }}</span><span class="muted">{{ texts.secondsAgo(entry.ago) }}</span>
      </li>
    </ul>
    <p class="muted">{{ texts.markKeys }}</p>
    <p class="warning">{{ texts.passenger }}</p>
  </div>
</template>

<style scoped>
.panel {
  display: grid;
  gap: 10px;
  align-content: start;
}

li {
  display: flex;
  justify-content: space-between;
  gap: 12px;
}

h2,
p {
  margin: 0;
}
</style>
