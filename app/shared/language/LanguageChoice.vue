<script setup lang="ts">
import { LANGUAGES } from '../../../core/words/languages';
import { chooseLanguage, OWN_LANGUAGE } from './language';
import { texts } from '#words/shared/shell';

/** The languages, each by its own name. */
</script>

<template>
  <div class="languages" role="radiogroup" :aria-label="texts.language">
    <button
      v-for="{ id, name } in LANGUAGES"
      :key="id"
      class="tap"
      type="button"
      role="radio"
      :lang="id"
      :aria-checked="id === OWN_LANGUAGE"
      :data-test="`language-${id}`"
      @click="chooseLanguage(id)"
    >
      {{ name }}
    </button>
  </div>
</template>

<style scoped>
.languages {
  display: flex;
  flex-wrap: wrap;
  gap: 10px;
}
</style>
