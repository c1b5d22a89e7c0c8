<script setup lang="ts">
import { capital } from '../../../core/words/capital';
import { reactive, ref, watch } from 'vue';
import { HOUR_VALUE, REPAIRS } from '../../../core/knowledge/repairs/all';
import type { Owner } from '../../../core/casefile/contract';
import { texts } from '#words/screens/garage';

/** What an hour and parts are worth to this owner: the adviser weighs every move by it. */
const props = defineProps<{ owner: Owner }>();
const emit = defineEmits<{ keep: [owner: Owner] }>();

const PARTS = REPAIRS.filter((repair) => repair.price > 0 && !repair.workshop).map((row) => ({
  row,
  name: capital(row.words),
}));
const form = reactive<Record<string, string>>({});
const problem = ref('');
/** The fields as they were shown last: what has been typed since stays, whatever is stored meanwhile. */
let shown: Readonly<Record<string, string>> = {};

function fieldsOf(owner: Owner): Record<string, string> {
  const prices = PARTS.map(({ row }) => {
    const price: unknown = owner.prices?.[row.repair];
    return [row.repair, typeof price === 'number' ? String(price) : ''] as const;
  });
  return {
    hour: owner.hourValue === undefined ? '' : String(owner.hourValue),
    currency: owner.currency ?? '',
    ...Object.fromEntries(prices),
  };
}

watch(
  () => props.owner,
  (owner) => {
    const fresh = fieldsOf(owner);
    for (const [name, value] of Object.entries(fresh))
      if (form[name] === undefined || form[name] === shown[name]) form[name] = value;
    shown = fresh;
  },
  { immediate: true },
);

function amount(text: string): number | null | undefined {
  if (text.trim() === '') return undefined;
  const value = Number(text.replace(',', '.'));
  return Number.isFinite(value) && value >= 0 ? value : null;
}

function keep(): void {
  const hourValue = amount(form['hour'] ?? '');
  const notice = PARTS.map(({ row, name }) => ({ row, name, value: amount(form[row.repair] ?? '') }));
  const wrong = [
    ...(hourValue === null ? [texts.anHourOfYours] : []),
    ...notice.filter((entry) => entry.value === null).map((entry) => entry.name),
  ];
  problem.value = wrong.length > 0 ? texts.writeASumOf(wrong.join(', ')) : '';
  if (wrong.length > 0) return;
  const currency = (form['currency'] ?? '').trim().toUpperCase();
  const { hourValue: _hour, currency: _currency, prices, ...rest } = props.owner;
  const own = new Set<string>(PARTS.map(({ row }) => row.repair));
  const others = Object.entries(prices ?? {}).filter(([key]) => !own.has(key));
  const mine = notice.flatMap((entry) =>
    typeof entry.value === 'number' ? [[entry.row.repair, entry.value] as const] : [],
  );
  emit('keep', {
    ...rest,
    ...(typeof hourValue === 'number' ? { hourValue } : {}),
    ...(currency ? { currency } : {}),
    prices: Object.fromEntries([...others, ...mine]),
  });
}
</script>

<template>
  <section class="costs" data-test="owner-costs">
    <div class="fields">
      <label
        >{{ texts.anHourOfYours
        }}<el-input
          v-model="form['hour']"
          inputmode="decimal"
          :placeholder="texts.generic(HOUR_VALUE)"
          data-test="hour-value"
          @change="keep"
      /></label>
      <label
        >{{ texts.currency }}<el-input v-model="form['currency']" maxlength="3" :placeholder="texts.eur" @change="keep"
      /></label>
      <label v-for="{ row, name } in PARTS" :key="row.repair"
        >{{ name
        }}<el-input
          v-model="form[row.repair]"
          inputmode="decimal"
          :placeholder="texts.generic(row.price)"
          :data-test="`price-${row.repair}`"
          @change="keep"
      /></label>
    </div>
    <p v-if="problem" class="bad" role="alert">{{ problem }}</p>
  </section>
</template>

<style scoped>
.costs {
  display: grid;
  gap: 12px;
}

.fields {
  display: grid;
  grid-template-columns: repeat(auto-fill, minmax(220px, 1fr));
  gap: 14px 20px;
}

label {
  display: grid;
  grid-template-rows: 1fr auto;
  gap: 4px;
}

.bad {
  color: var(--fault);
}
</style>
