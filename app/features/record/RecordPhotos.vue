<script setup lang="ts">
import { computed } from 'vue';
import { timelineOf } from '../../../core/report/timeline';
import { shownMoment } from '../../shared/time';
import { useJob } from '../../stores/job';
import { usePhotos } from '../../stores/photos';
import { usePreferences } from '../../stores/preferences';
import { texts } from '#words/screens/record';

/** The job's photos with what they show and when they were taken; only those that are on this device. */
const job = useJob();
const photos = usePhotos();
const { values } = usePreferences();
/** More than a page holds are not printed. */
const MOST = 12;
const shown = computed(() => {
  const { file } = job;
  if (!file) return [];
  const words = new Map(timelineOf(file, values).map((entry) => [entry.shownBy, entry.words]));
  const seen = new Map(file.observations.flatMap(({ photo, id }) => (photo ? [[photo, words.get(id)] as const] : [])));
  return (file.attachments ?? [])
    .filter(({ id }) => photos.smallOf(id))
    .slice(0, MOST)
    .map(({ id, name, of = '', takenAt }) => ({
      id,
      url: photos.smallOf(id) ?? '',
      words: seen.get(id) ?? words.get(of) ?? name,
      at: takenAt ? shownMoment(takenAt) : '',
    }));
});
</script>

<template>
  <section v-if="shown.length > 0" data-section="photos">
    <h2>{{ texts.photos }}</h2>
    <div class="grid">
      <figure v-for="photo in shown" :key="photo.id">
        <img :src="photo.url" :alt="photo.words" />
        <figcaption>
          {{ photo.words }} <span class="muted">{{ photo.at }}</span>
        </figcaption>
      </figure>
    </div>
  </section>
</template>

<style scoped>
.grid {
  display: grid;
  grid-template-columns: repeat(auto-fill, minmax(170px, 1fr));
  gap: 12px;
  padding-top: 8px;
}

figure {
  margin: 0;
  break-inside: avoid;
  font-size: 0.85rem;
}

img {
  width: 100%;
  aspect-ratio: 4 / 3;
  object-fit: cover;
  border: 1px solid var(--line);
}
</style>
