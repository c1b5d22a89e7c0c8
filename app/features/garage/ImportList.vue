<script setup lang="ts">
import { RouterLink } from 'vue-router';
import type { Import } from './useImports';
import { texts } from '#words/screens/garage';

/** What became of the files that were chosen. */
defineProps<{ imports: readonly Import[] }>();
const MOST_SHOWN = 5;
</script>

<template>
  <section class="imports" :aria-label="texts.files">
    <article
      v-for="(file, at) in imports"
      :key="at"
      :class="{ warning: file.problems.length > 0 }"
      :role="file.problems.length > 0 ? 'alert' : undefined"
      :data-test="file.problems.length > 0 ? 'refused' : 'import'"
    >
      <template v-if="file.problems.length > 0">
        <h2>{{ texts.wasNotOpened(file.name) }}</h2>
        <p v-for="problem in file.problems.slice(0, MOST_SHOWN)" :key="problem.path + problem.code">
          <b class="figure">{{ problem.path || texts.theFile }}</b> {{ problem.message }}
        </p>
        <p v-if="file.problems.length > MOST_SHOWN">{{ texts.andMorePlaces(file.problems.length - MOST_SHOWN) }}</p>
        <p class="muted">{{ texts.nothingInYourGarage }}</p>
      </template>
      <p v-else-if="file.job">
        <b>{{ file.name }}</b> {{ texts.isInYourGarage }}
        <RouterLink :to="{ name: 'find', params: { job: file.job } }">{{ texts.openTheJob }}</RouterLink>
      </p>
      <p v-else role="status">
        {{ texts.reading }} <b>{{ file.name }}</b> <progress :value="file.share" max="1" />
        <button class="tap quiet" type="button" @click="file.cancel">{{ texts.cancel }}</button>
      </p>
    </article>
  </section>
</template>

<style scoped>
.imports {
  display: grid;
  gap: 10px;
  padding-top: 14px;
}
</style>
