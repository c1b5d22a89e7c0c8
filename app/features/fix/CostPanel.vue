<script setup lang="ts">
import { computed, ref } from 'vue';
import type { Cost } from '../../../core/casefile/contract';
import { tally } from '../../../core/ledger/tally';
import { sayMoney } from '../../../core/words/money';
import { useJob } from '../../stores/job';
import { useDraft } from '../../stores/useDraft';
import { texts } from '#words/screens/fix';

/** What was spent on this job, and what it was good for. */
const job = useJob();
const item = useDraft(() => `${job.record?.id}.cost.item`);
const amount = useDraft(() => `${job.record?.id}.cost.amount`);
const use = ref<Cost['use']>('needed');
const USES: readonly (readonly [Cost['use'], string])[] = [
  ['needed', 'needed'],
  ['wasted', 'wasted'],
  ['kept', texts.toolKept],
  ['spare', 'spare'],
  ['refund', 'refund'],
  ['quote', texts.workshopsQuote],
];
const costs = computed(() => job.file?.costs ?? []);
const sums = computed(() => tally(costs.value));
const currency = computed(() => job.file?.owner?.currency ?? 'EUR');
const value = computed(() => Number(amount.value.replace(',', '.')));
const canAdd = computed(
  () => item.value.trim() !== '' && amount.value.trim() !== '' && Number.isFinite(value.value) && value.value >= 0,
);

async function add(): Promise<void> {
  if (!canAdd.value) return;
  await job.dispatch({
    do: 'cost',
    cost: {
      item: item.value.trim(),
      amount: value.value,
      currency: currency.value,
      use: use.value,
      ...(use.value === 'quote' ? { case: 'usual' as const } : {}),
    },
  });
  item.value = '';
  amount.value = '';
}
</script>

<template>
  <section class="costs">
    <h2 class="overline">{{ texts.spentOnThisJob }}</h2>
    <ul class="rows">
      <li v-for="cost in costs" :key="cost.id" class="cost">
        <span
          >{{ cost.item }}<span class="muted"> · {{ USES.find(([id]) => id === cost.use)?.[1] }}</span></span
        >
        <span class="figure">{{ sayMoney(cost.amount, cost.currency ?? currency) }}</span>
        <button
          class="remove"
          type="button"
          :aria-label="texts.remove(cost.item)"
          @click="job.dispatch({ do: 'remove-cost', id: cost.id })"
        >
          ×
        </button>
      </li>
      <li class="cost total">
        <b>{{ texts.spent }}</b><b class="figure">{{ sayMoney(sums.spent, currency) }}</b>
      </li>
      <li v-if="sums.saved !== null && (sums.spent > 0 || job.file?.ending === 'solved')" class="cost">
        <span>{{ texts.savedAgainstTheQuote }}</span><span class="figure">{{ sayMoney(sums.saved, currency) }}</span>
      </li>
    </ul>
    <details>
      <summary>{{ texts.addAPrice }}</summary>
      <div class="add">
        <el-input v-model="item" :placeholder="texts.sensorPatternPart" :aria-label="texts.what" />
        <el-input v-model="amount" placeholder="31" inputmode="decimal" :aria-label="texts.price(currency)" />
        <el-select v-model="use" :aria-label="texts.whatItWasGood"
          ><el-option v-for="[id, words] in USES" :key="id" :value="id" :label="words"
        /></el-select>
        <button class="tap" type="button" :disabled="!canAdd" @click="add">{{ texts.add }}</button>
      </div>
    </details>
  </section>
</template>

<style scoped>
.costs {
  display: grid;
  gap: 6px;
}

.cost {
  display: flex;
  justify-content: space-between;
  align-items: center;
  gap: 8px;
}

.cost > :first-child {
  flex: 1;
}

.remove {
  border: none;
  background: none;
  color: var(--muted);
  min-width: 36px;
  min-height: 36px;
  cursor: pointer;
}

summary {
  min-height: var(--target);
  display: flex;
  align-items: center;
  color: var(--action);
  font-weight: 600;
  cursor: pointer;
}

.add {
  display: grid;
  gap: 8px;
}
</style>
