<script setup lang="ts">
import { drillsFor, THREADS } from '../../../core/knowledge/tables/threads';
import { texts } from '#words/screens/fix';

/** Drills by the size of the thread. */
const rows = THREADS.map((thread) => ({ name: thread.name, ...drillsFor(thread) }));
</script>

<template>
  <table class="threads" data-test="threads">
    <thead>
      <tr>
        <th>{{ texts.thread }}</th>
        <th>{{ texts.drillForCore }}</th>
        <th>{{ texts.drillForTap }}</th>
        <th>{{ texts.drillForInsert }}</th>
      </tr>
    </thead>
    <tbody>
      <tr v-for="row in rows" :key="row.name">
        <th>{{ row.name }}</th>
        <td class="figure">{{ row.core }}</td>
        <td class="figure">{{ row.tap }}</td>
        <td class="figure">{{ row.insert }}</td>
      </tr>
    </tbody>
  </table>
</template>

<style scoped>
.threads {
  border-collapse: collapse;
  max-width: 520px;
  width: 100%;
}

th,
td {
  text-align: left;
  padding: 6px 10px 6px 0;
  border-bottom: 1px solid var(--line);
  font-weight: 500;
}

thead th {
  color: var(--muted);
}
</style>
