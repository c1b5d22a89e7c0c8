<script setup lang="ts">
import { RouterLink } from 'vue-router';
import StateMark from '../../shared/marks/StateMark.vue';
import { STAGES, type StageId } from '../../shared/shell/stages';

/** Where a job stands among the five stages; each leads there. */
defineProps<{ job: string; stage: StageId; visited: readonly StageId[] }>();
</script>

<template>
  <ol class="trail">
    <li v-for="entry in STAGES" :key="entry.id">
      <RouterLink
        :to="{ name: entry.id, params: { job } }"
        :class="{ here: entry.id === stage, visited: visited.includes(entry.id) && entry.id !== stage }"
        :aria-current="entry.id === stage ? 'step' : undefined"
        ><StateMark v-if="visited.includes(entry.id) && entry.id !== stage" class="tick" state="checked-good" />{{
          entry.id === stage ? `${entry.number} ${entry.name}` : entry.name
        }}</RouterLink
      >
    </li>
  </ol>
</template>

<style scoped>
.trail {
  list-style: none;
  margin: 0;
  padding: 0;
  display: flex;
  align-items: center;
  font-size: 0.9rem;
}

li + li::before {
  content: '–';
  color: var(--muted);
  padding: 0 6px;
}

a {
  color: var(--muted);
  text-decoration: none;
  padding: 8px 0 4px;
  border-bottom: 4px solid transparent;
}

a:hover {
  text-decoration: underline;
}

.tick {
  margin-right: 4px;
}

.visited {
  color: var(--proved);
}

.here {
  color: var(--ink);
  font-weight: 700;
  border-bottom-color: var(--ink);
}

@media (max-width: 700px) {
  .trail {
    font-size: 15px;
    justify-content: space-between;
  }

  a {
    padding: 12px 0 8px;
  }

  li + li::before {
    content: none;
  }
}
</style>
