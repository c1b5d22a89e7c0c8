<script setup lang="ts">
import { computed, onMounted, useTemplateRef } from 'vue';
import { RouterLink, useRoute, useRouter } from 'vue-router';
import type { InputInstance } from 'element-plus';
import PlateImage from '../../shared/drawings/PlateImage.vue';
import BrandMark from '../../shared/shell/BrandMark.vue';
import { searched, type Topic } from './entries';
import { texts } from '#words/screens/handbook';

/** What is to be known, to be searched. */
const route = useRoute();
const router = useRouter();
const words = computed({
  get: () => String(route.query['q'] ?? ''),
  set: (q) => void router.replace({ query: q ? { q } : {} }),
});
const found = computed(() => searched(words.value));
const TOPICS = Object.keys(texts.topics) as Topic[];
const isSearch = computed(() => words.value.trim() !== '');
const groups = computed(() =>
  isSearch.value
    ? [{ topic: null, entries: found.value }]
    : TOPICS.map((topic) => ({ topic, entries: found.value.filter((entry) => entry.topic === topic) })),
);
const field = useTemplateRef<InputInstance>('field');
onMounted(() => field.value?.focus());
</script>

<template>
  <div class="handbook">
    <header>
      <BrandMark />
      <div class="chips">
        <RouterLink class="tap quiet" :to="{ name: 'garage' }">{{ texts.toGarage }}</RouterLink>
        <RouterLink class="tap quiet" :to="{ name: 'arithmetic' }">{{ texts.toArithmetic }}</RouterLink>
      </div>
    </header>
    <main>
      <h1>{{ texts.title }}</h1>
      <p class="muted">{{ texts.lead }}</p>
      <el-input
        ref="field"
        v-model="words"
        size="large"
        clearable
        :placeholder="texts.search"
        :aria-label="texts.search"
        data-test="handbook-search"
      />
      <p v-if="isSearch" class="muted" role="status">
        {{ found.length === 0 ? texts.nothing : texts.found(found.length) }}
      </p>
      <component
        :is="group.topic ? 'details' : 'section'"
        v-for="group in groups"
        :key="group.topic ?? 'found'"
        :data-topic="group.topic"
        :open="(group.topic !== null && route.query['topic'] === group.topic) || undefined"
      >
        <summary v-if="group.topic">
          {{ texts.topics[group.topic] }} <span class="muted">{{ group.entries.length }}</span>
        </summary>
        <article v-for="entry in group.entries" :key="entry.id" data-test="handbook-entry">
          <PlateImage v-if="entry.plate" class="picture" :plate="entry.plate" decorative />
          <div>
            <h2>{{ entry.title }}</h2>
            <p>{{ entry.text }}</p>
            <p v-if="isSearch" class="overline">{{ texts.topics[entry.topic] }}</p>
          </div>
        </article>
      </component>
    </main>
  </div>
</template>

<style scoped>
header {
  display: flex;
  flex-wrap: wrap;
  justify-content: space-between;
  align-items: center;
  gap: 10px;
  padding: 14px 26px;
  border-bottom: 2px solid var(--ink);
}

main {
  max-width: 860px;
  margin: 0 auto;
  padding: 20px 26px 50px;
  display: grid;
  gap: 14px;
}

summary {
  min-height: var(--target);
  display: flex;
  gap: 12px;
  align-items: center;
  font-size: 1.2rem;
  font-weight: 650;
  cursor: pointer;
  border-bottom: 1px solid var(--line);
}

article {
  display: flex;
  gap: 18px;
  padding: 12px 0;
  border-bottom: 1px solid var(--line);
}

article h2 {
  font-size: 1.08rem;
  margin: 0 0 4px;
}

article p {
  margin: 0;
  max-width: 44em;
}

.picture {
  flex: 0 0 150px;
}

@media (max-width: 700px) {
  header,
  main {
    padding-inline: 16px;
  }

  article {
    flex-direction: column;
  }

  .picture {
    flex: none;
    max-width: 220px;
  }
}
</style>
