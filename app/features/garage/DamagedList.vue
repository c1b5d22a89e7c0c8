<script setup lang="ts">
import { explain } from '../../../core/casefile/explain';
import { useGarage } from '../../stores/garage';
import { tellWithUndo } from '../../shared/tell';
import { saveText } from '../../shared/saveText';
import type { Damaged } from '../../storage/records';

/** Records that cannot be read: each can be mended, saved or removed, and none keeps the others from their work. */
const garage = useGarage();

function nameOf({ table, title }: Damaged): string {
  const what = table === 'jobs' ? 'A job' : "A vehicle's spec sheet";
  return title ? `${what} is damaged: ${title}` : `${what} is damaged`;
}

function mendingOf({ leavesOut }: Damaged): string {
  if (leavesOut === 0) return 'Repair it';
  return leavesOut === 1 ? 'Repair it: one entry is left out' : `Repair it: ${leavesOut} entries are left out`;
}

function save({ table, raw }: Damaged): void {
  saveText(`damaged-${table}.json`, JSON.stringify(raw, null, 1));
}

async function remove(record: Damaged): Promise<void> {
  save(record);
  await garage.removeDamaged(record);
  await tellWithUndo('Removed. A copy was saved as a file.', 'Close', () => undefined);
}
</script>

<template>
  <section class="damaged" aria-label="Damaged records">
    <article
      v-for="record in garage.damaged"
      :key="`${record.table} ${String(record.key)}`"
      class="warning"
      data-test="damaged"
    >
      <h2>{{ nameOf(record) }}</h2>
      <p>Part of it cannot be read any more. All other jobs work as before.</p>
      <details>
        <summary>What is wrong</summary>
        <p v-for="problem in record.misfits.slice(0, 3).map(explain)" :key="problem.path + problem.code">
          <b class="figure">{{ problem.path || 'The record' }}</b> {{ problem.message }}
        </p>
      </details>
      <div class="chips">
        <button
          v-if="record.leavesOut !== null"
          class="tap strong"
          type="button"
          data-test="mend"
          @click="garage.mend(record)"
        >
          {{ mendingOf(record) }}
        </button>
        <button class="tap" type="button" @click="save(record)">Save it as a file</button>
        <button class="tap quiet" type="button" data-test="remove-damaged" @click="remove(record)">
          Save a copy and remove it
        </button>
      </div>
    </article>
  </section>
</template>

<style scoped>
.damaged {
  display: grid;
  gap: 12px;
  padding-top: 14px;
}

.damaged article {
  display: grid;
  gap: 8px;
}
</style>
