<script setup lang="ts">
import { capital } from '../../../core/words/capital';
import { computed, ref } from 'vue';
import { RouterLink } from 'vue-router';
import type { Repair } from '../../../core/casefile/contract';
import type { Channel } from '../../../core/casefile/words';
import { ALL_REPAIRS, priceOf } from '../../../core/knowledge/repairs/all';
import { sayChannel } from '../../../core/vehicle/sides';
import { tellWithUndo } from '../../shared/tell';
import { useJob } from '../../stores/job';
import { usePreferences } from '../../stores/preferences';
import { useTurns } from '../../shared/useTurns';
import { RESULTS } from './repairTexts';
import { texts } from '#words/screens/fix';

/** Every repair of the catalogue at every wheel, with its guide or as already done: no diagnosis is asked for. */
const job = useJob();
const { values } = usePreferences();
const wheel = ref<Channel | 'car' | null>(null);
const opened = ref<string | null>(null);
const place = computed(() => wheel.value ?? job.subject);
const wheels = computed(() => job.file?.vehicle.channels ?? []);
const say = (channel: Channel): string => sayChannel(channel, values.sides, job.file?.vehicle.steeringSide);
const where = computed(() => (place.value === 'car' ? texts.theWholeCar : say(place.value)));

/** What belongs to the car as a whole, whatever wheel suffers. */
const repairs = computed(() =>
  ALL_REPAIRS.filter(({ action, segment, ofCar }) => {
    if (!action) return false;
    const isElsewhere = ofCar || segment === 'elsewhere';
    return place.value === 'car' ? isElsewhere : !ofCar;
  }).map((record) => ({ ...record, title: capital(record.words) })),
);

/** So many rows are drawn at a time. */
const A_TURN = 4;
const drawn = useTurns(() => Math.ceil(repairs.value.length / A_TURN), 1);

/** A part that lies in the boot mends nothing yet: it stands under what was spent, as a spare. */
async function bought(repair: (typeof repairs.value)[number]): Promise<void> {
  if (!job.file) return;
  const item = texts.part(repair.words.replace(/^replace the /, ''));
  const cost = { item, amount: priceOf(repair, job.file), use: 'spare' as const };
  const [id] = await job.dispatch({ do: 'cost', cost });
  opened.value = null;
  if (id)
    void tellWithUndo(texts.notedUnderSpentOn, texts.takeItBack, () => void job.dispatch({ do: 'remove-cost', id }));
}

async function record(repair: (typeof repairs.value)[number], result: Repair['result']): Promise<void> {
  if (!repair.action || !repair.segment) return;
  const at = place.value === 'car' ? {} : { channel: place.value };
  await job.dispatch({ do: 'repair', repair: { action: repair.action, segment: repair.segment, result, ...at } });
  opened.value = null;
}
</script>

<template>
  <section class="any" data-test="any-repair">
    <h2>{{ texts.anythingElseYouDid }}</h2>
    <div class="chips" role="group" :aria-label="texts.where">
      <button
        v-for="channel in wheels"
        :key="channel"
        type="button"
        class="tap"
        :aria-pressed="place === channel"
        :data-test="`repair-at-${channel}`"
        @click="wheel = channel"
      >
        {{ say(channel) }}
      </button>
      <button
        type="button"
        class="tap"
        :aria-pressed="place === 'car'"
        data-test="repair-at-car"
        @click="wheel = 'car'"
      >
        {{ texts.theWholeCarTitle }}
      </button>
    </div>
    <ul class="rows">
      <li v-for="repair in repairs.slice(0, drawn * A_TURN)" :key="repair.repair" class="repair">
        <span class="what">{{ repair.title }}</span>
        <RouterLink
          v-if="repair.steps"
          class="tap quiet"
          :to="{ name: 'fix', query: { repair: repair.repair, at: place === 'car' ? '' : place } }"
          >{{ texts.guide }}</RouterLink
        >
        <button
          type="button"
          class="tap"
          :aria-expanded="opened === repair.repair"
          :data-test="`did-${repair.repair}`"
          @click="opened = opened === repair.repair ? null : repair.repair"
        >
          {{ texts.itWasDone }}
        </button>
        <div v-if="opened === repair.repair" class="results">
          <p>{{ texts.didItHelp(repair.title, where) }}</p>
          <div class="chips">
            <button
              v-for="[result, words] in RESULTS"
              :key="result"
              type="button"
              class="tap"
              :data-test="`result-${result}`"
              @click="record(repair, result)"
            >
              {{ words }}
            </button>
            <button
              v-if="repair.action === 'replaced' && repair.price > 0"
              type="button"
              class="tap quiet"
              data-test="only-bought"
              @click="bought(repair)"
            >
              {{ texts.iHaveOnlyBought }}
            </button>
          </div>
        </div>
      </li>
    </ul>
  </section>
</template>

<style scoped>
.any {
  display: grid;
  gap: 12px;
}

.repair {
  display: flex;
  flex-wrap: wrap;
  align-items: center;
  gap: 6px 12px;
}

.what {
  flex: 1 1 220px;
}

@media (max-width: 700px) {
  .what {
    flex-basis: 100%;
  }

  .repair {
    justify-content: flex-end;
  }
}

.results {
  flex: 1 1 100%;
  display: grid;
  gap: 8px;
  padding: 10px 12px;
  background: var(--raised);
  border: 1px solid var(--line);
}
</style>
