<script setup lang="ts">
import { computed } from 'vue';
import { RouterLink } from 'vue-router';
import type { CaseFile } from '../../../core/casefile/contract';
import type { Channel } from '../../../core/casefile/words';
import { compareSides } from '../../../core/evidence/compareSides';
import { sayChannel } from '../../../core/vehicle/sides';
import { percent } from '../../../core/words/percent';
import { usePreferences } from '../../stores/preferences';
import { texts } from '#words/screens/find';

/** The corner beside its twin: without a manual, the other side is the best band there is. */
const props = defineProps<{ file: CaseFile; at: Channel }>();
const { values } = usePreferences();
const both = computed(() => compareSides(props.file, props.at));
const say = (channel: Channel): string => sayChannel(channel, values.sides, props.file.vehicle.steeringSide);
</script>

<template>
  <section v-if="both.twin && both.rows.length > 0" class="compare" data-test="compare">
    <h2 class="overline">{{ texts.comparedWithTheOther }}</h2>
    <table>
      <thead>
        <tr>
          <th scope="col">
            <span class="only-read">{{ texts.what }}</span>
          </th>
          <th scope="col">{{ say(at) }}</th>
          <th scope="col">{{ say(both.twin) }}</th>
        </tr>
      </thead>
      <tbody>
        <tr v-for="row in both.rows" :key="row.what" :class="{ differs: row.differs }">
          <th scope="row">{{ row.what }}</th>
          <td v-for="(text, side) in [row.here, row.there]" :key="side">
            <span v-if="text" :class="{ figure: /\d/.test(text) }">{{ text }}</span>
            <RouterLink v-else :to="{ name: 'check', query: { do: row.check, at: side === 0 ? at : both.twin } }">{{
              texts.notSeenLook
            }}</RouterLink>
          </td>
          <td class="verdict">
            <template v-if="row.differs">{{
              row.apart === null ? texts.differs : texts.differsBy(percent(row.apart))
            }}</template><template v-else-if="row.here && row.there">{{ texts.alike }}</template>
          </td>
        </tr>
      </tbody>
    </table>
  </section>
</template>

<style scoped>
.compare {
  padding-top: 22px;
}

table {
  width: 100%;
  border-collapse: collapse;
}

th,
td {
  text-align: left;
  padding: 9px 12px 9px 0;
  border-bottom: 1px solid var(--line);
  font-weight: 500;
}

thead th {
  color: var(--muted);
  font-size: 0.88rem;
}

.differs .verdict {
  color: var(--suspect);
  font-weight: 700;
}

.verdict {
  color: var(--muted);
}
</style>
