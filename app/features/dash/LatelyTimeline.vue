<script setup lang="ts">
import { computed } from 'vue';
import type { ObservationOf, Vehicle } from '../../../core/casefile/contract';
import type { Channel } from '../../../core/casefile/words';
import { HISTORY_NAMES } from '../../../core/knowledge/names';
import { sayChannel } from '../../../core/vehicle/sides';
import { usePreferences } from '../../stores/preferences';
import { SPANS, spanOf } from './lately';
import { texts } from '#words/screens/dash';

/** What was worked on, corner by corner, the latest at the right. */
const props = defineProps<{ history: readonly ObservationOf<'history'>[]; vehicle: Vehicle }>();
const emit = defineEmits<{ remove: [id: string] }>();
const { values } = usePreferences();

const rows = computed(() => {
  const corners: readonly (Channel | null)[] = [...props.vehicle.channels, null];
  return corners
    .map((corner) => ({
      corner,
      name: corner ? sayChannel(corner, values.sides, props.vehicle.steeringSide) : texts.wholeCar,
      events: props.history.filter((entry) => (entry.channel ?? null) === corner),
    }))
    .filter((row) => row.events.length > 0);
});
</script>

<template>
  <table data-test="lately">
    <thead>
      <tr>
        <th scope="col">
          <span class="only-read">{{ texts.corner }}</span>
        </th>
        <th v-for="span in SPANS" :key="span.id" scope="col">{{ span.words }}</th>
      </tr>
    </thead>
    <tbody>
      <tr v-for="row in rows" :key="row.name">
        <th scope="row">{{ row.name }}</th>
        <td v-for="span in SPANS" :key="span.id" :data-span="span.words">
          <button
            v-for="event in row.events.filter((each) => spanOf(each.ago) === span.id)"
            :key="event.id"
            class="tap event"
            type="button"
            :title="texts.takeBack(HISTORY_NAMES[event.event] ?? event.event)"
            @click="emit('remove', event.id)"
          >
            {{ HISTORY_NAMES[event.event] }} <span aria-hidden="true">×</span
            ><span class="only-read">{{ texts.takeBackButton }}</span>
          </button>
        </td>
      </tr>
    </tbody>
  </table>
</template>

<style scoped>
table {
  border-collapse: collapse;
  width: 100%;
  table-layout: fixed;
}

th {
  text-align: left;
  font-weight: 600;
  padding: 8px 10px 8px 0;
}

thead th {
  color: var(--muted);
  font-size: 0.85rem;
  border-bottom: 2px solid var(--ink);
}

td {
  padding: 6px 8px 6px 0;
  border-bottom: 1px solid var(--line);
}

tbody th {
  border-bottom: 1px solid var(--line);
}

.event {
  padding: 4px 10px;
  font-size: 0.9rem;
  white-space: normal;
}

@media (max-width: 700px) {
  thead {
    display: none;
  }

  table,
  tbody,
  tr,
  tbody th,
  td {
    display: block;
    border: 0;
    padding: 0;
  }

  tr {
    border-bottom: 1px solid var(--line);
    padding: 8px 0;
  }

  td:not(:empty)::before {
    content: attr(data-span) ' ';
    color: var(--muted);
    font-size: 0.9rem;
  }

  td:empty {
    display: none;
  }
}
</style>
