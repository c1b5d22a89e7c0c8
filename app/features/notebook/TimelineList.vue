<script setup lang="ts">
import { computed, ref } from 'vue';
import { TIMELINE_KINDS, timelineOf, timelineWith, type TimelineKind } from '../../../core/report/timeline';
import PhotosOf from '../../shared/photos/PhotosOf.vue';
import { shownMoment } from '../../shared/time';
import { useJob } from '../../stores/job';
import { usePreferences } from '../../stores/preferences';
import { texts } from '#words/screens/notebook';

/** All that happened in the job, newest first; by kind and by words. */
const job = useJob();
const { values } = usePreferences();
const typed = ref('');
const kinds = ref<readonly TimelineKind[]>([]);
const all = computed(() => (job.file ? timelineOf(job.file, values) : []));
const found = computed(() => timelineWith(all.value, kinds.value, typed.value));
/** A page of lines at a time: a long job stays quick. */
const PAGE = 60;
const shown = ref(PAGE);
const opened = ref('');
const present = computed(() => TIMELINE_KINDS.filter((kind) => all.value.some((entry) => entry.kind === kind)));

function toggle(kind: TimelineKind): void {
  kinds.value = kinds.value.includes(kind) ? kinds.value.filter((other) => other !== kind) : [...kinds.value, kind];
}
</script>

<template>
  <section class="timeline">
    <h2 class="overline">{{ texts.whatHappenedNewestFirst }}</h2>
    <p v-if="all.length === 0" class="muted">{{ texts.nothingYet }}</p>
    <div v-else class="finder">
      <div class="chips" role="group" :aria-label="texts.onlyThese">
        <button
          v-for="kind in present"
          :key="kind"
          type="button"
          class="tap"
          :aria-pressed="kinds.includes(kind)"
          :data-test="`kind-${kind}`"
          @click="toggle(kind)"
        >
          {{ texts.kinds[kind] }}
        </button>
      </div>
      <el-input v-model="typed" clearable :placeholder="texts.search" :aria-label="texts.search" data-test="search" />
    </div>
    <p v-if="all.length > 0 && found.length === 0" role="status">{{ texts.nothingFound }}</p>
    <ul class="rows" data-test="timeline">
      <li v-for="entry in found.slice(0, shown)" :key="entry.id">
        <span class="when figure">{{ shownMoment(entry.at) }}</span>
        <span class="words">
          <button
            type="button"
            class="line"
            :aria-expanded="opened === entry.id"
            @click="opened = opened === entry.id ? '' : entry.id"
          >
            <b>{{ entry.words }}</b><span v-if="entry.detail" class="muted"> · {{ entry.detail }}</span>
          </button>
          <PhotosOf
            v-if="entry.kind !== 'photo' || entry.shownBy !== entry.id"
            :of="entry.shownBy"
            :what="entry.words"
            :is-fixed="opened !== entry.id"
          />
        </span>
      </li>
    </ul>
    <button v-if="found.length > shown" type="button" class="tap" data-test="more" @click="shown += PAGE">
      {{ texts.showMore(found.length - shown) }}
    </button>
  </section>
</template>

<style scoped>
.timeline {
  display: grid;
  gap: 12px;
}

.finder {
  display: grid;
  grid-template-columns: auto minmax(180px, 320px);
  justify-content: space-between;
  gap: 10px;
}

li {
  display: grid;
  grid-template-columns: 150px minmax(0, 1fr);
  gap: 12px;
}

.rows > li {
  padding: 4px 0;
}

.when {
  font-size: 0.85rem;
  font-weight: 400;
  color: var(--muted);
  padding-top: 9px;
}

.words {
  display: grid;
  gap: 6px;
}

.line {
  min-height: 40px;
  padding: 4px 0;
  text-align: left;
  background: none;
  border: 0;
  cursor: pointer;
}

@media (max-width: 700px) {
  .finder {
    grid-template-columns: minmax(0, 1fr);
  }

  li {
    grid-template-columns: minmax(0, 1fr);
    gap: 0;
  }
}
</style>
