<script setup lang="ts">
import WhenOpened from '../WhenOpened.vue';
import { computed, ref } from 'vue';
import type { Cost } from '../../../core/casefile/contract';
import { COST_USE_NAMES, QUOTE_CASE_NAMES } from '../../../core/knowledge/names';
import { tally } from '../../../core/ledger/tally';
import { sayMoney } from '../../../core/words/money';
import { useJob } from '../../stores/job';
import { useDraft } from '../../stores/useDraft';
import PhotosOf from '../photos/PhotosOf.vue';
import { numberIn } from '../numberIn';
import { texts } from '#words/shared/costs';

/** What was spent on this job, and what it was good for. */
defineProps<{
  /** Where there is room, each line can have photos of its receipt. */
  isRoomy?: boolean;
}>();
const job = useJob();
const item = useDraft(() => `${job.record?.id}.cost.item`);
const amount = useDraft(() => `${job.record?.id}.cost.amount`);
const use = ref<Cost['use']>('needed');
const quoteCase = ref<NonNullable<Cost['case']>>('usual');
const costs = computed(() => job.file?.costs ?? []);
const currency = computed(() => job.file?.owner?.currency ?? 'EUR');
const sums = computed(() => tally(costs.value, currency.value));
const value = computed(() => numberIn(amount.value));
const canAdd = computed(() => item.value.trim() !== '' && (value.value ?? -1) >= 0);

async function add(): Promise<void> {
  if (!canAdd.value || value.value === undefined) return;
  await job.dispatch({
    do: 'cost',
    cost: {
      item: item.value.trim(),
      amount: value.value,
      currency: currency.value,
      use: use.value,
      ...(use.value === 'quote' ? { case: quoteCase.value } : {}),
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
        <span class="words"
          ><span
            >{{ cost.item
            }}<span class="muted">
              · {{ COST_USE_NAMES[cost.use] }}{{ cost.case ? `, ${QUOTE_CASE_NAMES[cost.case]}` : '' }}</span
            ></span
          >
          <PhotosOf :of="cost.id" :what="cost.item" :is-fixed="!isRoomy" />
        </span>
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
      <WhenOpened
        ><div class="add">
          <el-input v-model="item" :placeholder="texts.sensorPatternPart" :aria-label="texts.what" />
          <el-input v-model="amount" placeholder="31" inputmode="decimal" :aria-label="texts.price(currency)" />
          <el-select v-model="use" :aria-label="texts.whatItWasGood"
            ><el-option v-for="(words, id) in COST_USE_NAMES" :key="id" :value="id" :label="words"
          /></el-select>
          <el-select v-if="use === 'quote'" v-model="quoteCase" :aria-label="texts.howItGoes"
            ><el-option v-for="(words, id) in QUOTE_CASE_NAMES" :key="id" :value="id" :label="words"
          /></el-select>
          <button class="tap" type="button" :disabled="!canAdd" @click="add">{{ texts.add }}</button>
        </div></WhenOpened
      >
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

.words {
  display: grid;
  gap: 6px;
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
