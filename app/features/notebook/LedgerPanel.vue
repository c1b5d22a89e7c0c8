<script setup lang="ts">
import WhenOpened from '../../shared/WhenOpened.vue';
import { inFigures } from '../../../core/words/figures';
import { computed, defineAsyncComponent, ref } from 'vue';
import { forNothingIn } from '../../../core/ledger/found';
import { ownTimeKey, ownTimeOf } from '../../../core/ledger/ownTime';
import { tally, type Quotes } from '../../../core/ledger/tally';
import { HOUR_VALUE } from '../../../core/knowledge/repairs/all';
import { QUOTE_CASE_NAMES } from '../../../core/knowledge/names';
import { roundMoney, sayMoney, USUAL_CURRENCY } from '../../../core/words/money';
import { sayDuration } from '../../../core/words/duration';
import CostPanel from '../../shared/costs/CostPanel.vue';
import { numberIn } from '../../shared/numberIn';
import { useGarage } from '../../stores/garage';
import { useJob } from '../../stores/job';
import { texts } from '#words/screens/ledger';

const LessonPanel = defineAsyncComponent(() => import('./LessonPanel.vue'));

/** What the job cost in money and hours, beside what a workshop asked; what the vehicle cost so far; and the lesson. */
const job = useJob();
const garage = useGarage();
const currency = computed(() => job.file?.owner?.currency ?? USUAL_CURRENCY);
const sums = computed(() => tally(job.file?.costs ?? [], currency.value));
const time = computed(() => (job.file ? ownTimeOf(job.file) : { minutes: 0, isSaid: false }));
const hourValue = computed(() => job.file?.owner?.hourValue ?? HOUR_VALUE);
const hours = computed(() => roundMoney((time.value.minutes / 60) * hourValue.value, currency.value));
const money = (amount: number): string => sayMoney(amount, currency.value);
const CASES = Object.keys(QUOTE_CASE_NAMES) as (keyof Quotes)[];
const quotes = computed(() =>
  CASES.flatMap((name) => {
    const amount = sums.value.quotes[name];
    return amount === null
      ? []
      : [
          {
            name: QUOTE_CASE_NAMES[name],
            amount,
            saved: amount - sums.value.needed - sums.value.wasted + sums.value.refund,
          },
        ];
  }),
);
const ofVehicle = computed(() => {
  const own = garage.jobs.filter(({ vehicleId }) => vehicleId === job.record?.vehicleId);
  const total = own.reduce((sum, { file }) => {
    const { needed, wasted, refund } = tally(file.costs ?? [], currency.value);
    return sum + needed + wasted - refund;
  }, 0);
  return { count: own.length, total: roundMoney(total, currency.value) };
});
const nothing = computed(() => (job.file ? forNothingIn(job.file) : { costs: [], repairs: [] }));
const typed = ref('');

async function keepTime(): Promise<void> {
  const said = numberIn(typed.value);
  typed.value = '';
  if (said !== undefined && said >= 0 && said < 10_000)
    await job.dispatch({ do: 'work', step: ownTimeKey(said * 60), state: 'done' });
}
</script>

<template>
  <details class="ledger" data-test="ledger">
    <summary>
      <h2>{{ texts.title }}</h2>
      <span class="muted">{{ texts.inShort(money(sums.spent), sums.saved === null ? '' : money(sums.saved)) }}</span>
    </summary>
    <div class="inside">
      <WhenOpened>
        <CostPanel is-roomy />
        <div class="beside">
          <table v-if="quotes.length > 0" data-test="quotes">
            <caption class="overline">
              {{
                texts.besideTheWorkshop
              }}
            </caption>
            <thead>
              <tr>
                <th scope="col">{{ texts.quote }}</th>
                <th scope="col">{{ texts.asked }}</th>
                <th scope="col">{{ texts.savedMoney }}</th>
                <th scope="col">{{ texts.savedWithHours }}</th>
              </tr>
            </thead>
            <tbody>
              <tr v-for="row in quotes" :key="row.name">
                <th scope="row">{{ row.name }}</th>
                <td class="figure">{{ money(row.amount) }}</td>
                <td class="figure">{{ money(row.saved) }}</td>
                <td class="figure">{{ money(row.saved - hours) }}</td>
              </tr>
            </tbody>
          </table>
          <p data-test="own-time">
            {{
              time.isSaid ? texts.timeSaid(sayDuration(time.minutes)) : texts.timeReckoned(sayDuration(time.minutes))
            }}
            {{ texts.hoursAreWorth(money(hours), money(hourValue)) }}
          </p>
          <form class="time" @submit.prevent="keepTime">
            <el-input
              v-model="typed"
              inputmode="decimal"
              :placeholder="inFigures('2.5')"
              :aria-label="texts.hoursItTook"
            />
            <button type="submit" class="tap" data-test="keep-time">{{ texts.hoursItTook }}</button>
          </form>
          <p>{{ texts.vehicleSoFar(money(ofVehicle.total), ofVehicle.count) }}</p>
          <p v-if="nothing.costs.length + nothing.repairs.length > 0" class="told">
            {{ texts.forNothing(money(sums.wasted), nothing.repairs.length) }}
          </p>
          <p v-if="sums.otherCurrencies.length > 0" class="told">
            {{ texts.otherCurrencies(sums.otherCurrencies.length) }}
          </p>
          <LessonPanel v-if="job.file?.ending === 'solved'" />
        </div>
      </WhenOpened>
    </div>
  </details>
</template>

<style scoped>
.ledger {
  border-block: 1.6px solid var(--ink);
}

summary {
  min-height: 60px;
  display: flex;
  flex-wrap: wrap;
  gap: 4px 18px;
  align-items: center;
  cursor: pointer;
}

.inside {
  display: grid;
  grid-template-columns: repeat(auto-fit, minmax(min(340px, 100%), 1fr));
  gap: 18px 36px;
  padding-bottom: 18px;
}

.beside {
  display: grid;
  gap: 14px;
  align-content: start;
}

caption {
  text-align: left;
}

table {
  border-collapse: collapse;
  width: 100%;
}

th,
td {
  text-align: right;
  padding: 8px 0 8px 10px;
  border-bottom: 1px solid var(--line);
  font-size: 0.92rem;
}

th:first-child {
  text-align: left;
  padding-left: 0;
}

thead th {
  font-weight: 500;
  color: var(--muted);
}

.time {
  display: grid;
  grid-template-columns: 110px auto;
  justify-content: start;
  gap: 10px;
}
</style>
