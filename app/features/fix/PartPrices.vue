<script setup lang="ts">
import { computed, reactive } from 'vue';
import { SCHOOLS, wayOf } from '../../../core/knowledge/guide/schools';
import { partPriceKey } from '../../../core/knowledge/repairs/all';
import { sayMoney, USUAL_CURRENCY } from '../../../core/words/money';
import { numberIn } from '../../shared/numberIn';
import { useJob } from '../../stores/job';
import { texts } from '#words/screens/fix';

/** What each kind of the part costs where the owner asked; the chosen kind's price is the one that the advice reckons with. */
const props = defineProps<{ repair: string }>();
const job = useJob();
const currency = computed(() => job.file?.owner?.currency ?? USUAL_CURRENCY);
const chosen = computed(() => wayOf(job.file?.owner?.schools, 'part').id);
const prices = computed(() => job.file?.owner?.prices ?? {});
const priceAt = (way: string): number | null => {
  const price = prices.value[partPriceKey(props.repair, way)];
  return typeof price === 'number' ? price : null;
};
const cheapest = computed(() => {
  const known = SCHOOLS.part.ways.flatMap(({ id }) => priceAt(id) ?? []);
  return known.length > 1 ? Math.min(...known) : null;
});
const rows = computed(() =>
  SCHOOLS.part.ways.map(({ id, words }) => {
    const price = priceAt(id);
    const more = price !== null && cheapest.value !== null ? price - cheapest.value : null;
    return { id, words, price, more };
  }),
);
/** What is being typed, before it is kept. */
const typed = reactive<Record<string, string>>({});
const choose = (way: string): Promise<unknown> => job.dispatch({ do: 'school', id: 'part', way });

/** A price that is none stays as it was typed. */
async function keep(way: string, words: string): Promise<void> {
  const amount = numberIn(words);
  const isNone = words.trim() === '';
  if (!isNone && (amount === undefined || amount < 0)) return;
  await job.dispatch({
    do: 'part-price',
    key: partPriceKey(props.repair, way),
    amount: isNone ? null : (amount ?? null),
  });
  delete typed[way];
}
</script>

<template>
  <section class="prices" data-test="part-prices">
    <h3 class="overline">{{ texts.pricesAsked(currency) }}</h3>
    <div v-for="row in rows" :key="row.id" class="row">
      <button
        type="button"
        class="kind"
        :aria-pressed="row.id === chosen"
        :data-test="`part-${row.id}`"
        @click="choose(row.id)"
      >
        {{ row.words }}
        <span v-if="row.more === 0" class="muted">{{ texts.cheapest }}</span><span
          v-else-if="row.more !== null"
          class="muted"
          >{{ texts.dearerBy(sayMoney(row.more, currency)) }}</span
        >
      </button>
      <el-input
        :model-value="typed[row.id] ?? (row.price === null ? '' : String(row.price))"
        inputmode="decimal"
        :aria-label="texts.priceOfKind(row.words)"
        :data-test="`price-${row.id}`"
        @update:model-value="(words: string) => (typed[row.id] = words)"
        @change="(words: string) => keep(row.id, words)"
      />
    </div>
  </section>
</template>

<style scoped>
.prices {
  display: grid;
  gap: 6px;
  padding: 8px 0;
}

.row {
  display: grid;
  grid-template-columns: minmax(0, 1fr) 96px;
  gap: 8px;
}

.kind {
  min-height: 64px;
  padding: 6px 12px;
  text-align: left;
  border: 1.5px solid var(--line);
  border-radius: var(--radius);
  background: none;
  cursor: pointer;
  display: grid;
  align-content: center;
  color: var(--ink);
}

.kind[aria-pressed='true'] {
  border: 2.5px solid var(--action);
  background: var(--raised);
}
</style>
