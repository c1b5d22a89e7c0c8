<script setup lang="ts">
import { RouterLink } from 'vue-router';
import { LANGUAGES } from '../../../core/words/languages';
import { chooseLanguage, OWN_LANGUAGE } from '../../shared/language/language';
import { texts as page } from '#words/shared/page';
import { texts } from '#words/screens/welcome';

/** The first start: what Zelf is, three ways to begin, and how it thinks. */
defineProps<{ hasTour: boolean }>();
/** At the first start nobody knows yet where the settings are. */
const others = LANGUAGES.filter(({ id }) => id !== OWN_LANGUAGE);
const emit = defineEmits<{ begin: []; away: [] }>();
</script>

<template>
  <section class="welcome" data-test="welcome">
    <div class="top">
      <h1>{{ page.promise }}</h1>
      <button
        v-for="{ id, name } in others"
        :key="id"
        type="button"
        class="tap quiet"
        :lang="id"
        :data-test="`welcome-${id}`"
        @click="chooseLanguage(id)"
      >
        {{ name }}
      </button>
      <button type="button" class="tap quiet" data-test="welcome-away" @click="emit('away')">{{ texts.gotIt }}</button>
    </div>
    <div class="ways">
      <button type="button" class="way strong" data-test="welcome-begin" @click="emit('begin')">
        <b>{{ texts.begin }}</b><span>{{ texts.beginWords }}</span>
      </button>
      <RouterLink
        v-if="hasTour"
        class="way"
        :to="{ name: 'find', params: { job: 'tansy-flooded' } }"
        data-test="welcome-tour"
        ><b>{{ texts.tour }}</b
        ><span>{{ texts.tourWords }}</span></RouterLink
      >
      <RouterLink class="way" :to="{ name: 'bench-home' }" data-test="welcome-bench"
        ><b>{{ texts.practise }}</b
        ><span>{{ texts.practiseWords }}</span></RouterLink
      >
    </div>
    <details>
      <summary>{{ texts.howItThinks }}</summary>
      <ol>
        <li v-for="line in texts.lines" :key="line">{{ line }}</li>
      </ol>
    </details>
  </section>
</template>

<style scoped>
.welcome {
  display: grid;
  gap: 12px;
  padding: 18px 0 14px;
  border-bottom: 2px solid var(--ink);
}

.top {
  display: flex;
  flex-wrap: wrap;
  gap: 4px 20px;
  align-items: start;
}

h1 {
  flex: 1 1 300px;
  max-width: 34em;
  margin-right: auto;
  font-size: 1.3rem;
}

.ways {
  display: grid;
  grid-template-columns: repeat(auto-fit, minmax(240px, 1fr));
  gap: 12px;
}

.way {
  min-height: 76px;
  padding: 10px 18px;
  display: grid;
  align-content: center;
  text-align: left;
  text-decoration: none;
  color: var(--ink);
  background: var(--raised);
  border: 1.6px solid var(--ink);
  border-radius: 10px;
  cursor: pointer;
}

.way b {
  font-size: 1.08rem;
}

.way span {
  color: var(--muted);
  font-size: 0.92rem;
}

.way.strong {
  background: var(--action);
  border-color: var(--action);
}

.way.strong b,
.way.strong span {
  color: var(--action-text);
}

@media (max-width: 700px) {
  h1 {
    flex-basis: 100%;
  }

  .top .tap {
    padding-inline: 0 14px;
  }
}

summary {
  min-height: 48px;
  display: flex;
  align-items: center;
  cursor: pointer;
  font-weight: 650;
  color: var(--action);
}

ol {
  margin: 0;
  padding-left: 1.4em;
  max-width: 46em;
  display: grid;
  gap: 6px;
}
</style>
