<script setup lang="ts">
import { computed, onMounted, shallowRef } from 'vue';
import type { Debrief, WeighedMove } from '../../../bench/practice/debrief';
import { moveSentence } from '../../../core/judgement/sentence';
import type { Channel } from '../../../core/casefile/words';
import { faultName } from '../../../core/knowledge/faults';
import { sayChannel } from '../../../core/vehicle/sides';
import type { LoggedRef } from '../../../bench/trial/ledger';
import { repairRecord } from '../../../core/knowledge/repairs/all';
import { capital } from '../../../core/words/capital';
import { percent } from '../../../core/words/percent';
import { sayMoney } from '../../../core/words/money';
import { usePorts } from '../../stores/ports';
import { usePreferences } from '../../stores/preferences';
import { usePractice } from '../../shared/practice/usePractice';
import { texts } from '#words/screens/bench';

/** After a practice: the fault, what each move cost and was worth, the best road, and the adviser's. */
const { job, practice } = usePractice();
const { values } = usePreferences();
const { bench } = usePorts();
const trouble = shallowRef('');
const debrief = shallowRef<Debrief | null>(null);

async function lookBack(): Promise<void> {
  trouble.value = '';
  try {
    if (practice.value) debrief.value = await bench.debrief(practice.value);
  } catch (error) {
    trouble.value = error instanceof Error ? error.message : String(error);
  }
}
onMounted(lookBack);

const money = (amount: number): string => sayMoney(Math.round(amount), job.file?.owner?.currency);
/** Of a fault that was mended nobody believes more. */
const GONE = 0.02;
/** A repair after which the fault is hardly believed any more has cured it. */
function isGone(weighedMove: WeighedMove): boolean {
  return weighedMove.move.is === 'repair' && weighedMove.after < GONE;
}
function worth(weighedMove: WeighedMove): string {
  if (isGone(weighedMove)) return texts.theFaultIsGone;
  return texts.chanceOfTheReal(percent(weighedMove.before), percent(weighedMove.after));
}
/** What is no move of the contract. */
const OTHERS = { drive: texts.driveAShortLoop, probe: texts.probesPutWhereThey } as const;
function sentence(move: LoggedRef): string {
  switch (move.is) {
    case 'drive':
    case 'probe':
      return OTHERS[move.is];
    default:
      return job.file ? moveSentence(move, job.file, values.sides) : '';
  }
}
const leastRepairs = computed(() =>
  (debrief.value?.leastRepairs ?? []).map((repair) => capital(repairRecord(repair)?.words ?? '')).join(', '),
);
function place(channel: Channel | null): string {
  return channel ? `, ${sayChannel(channel, values.sides, job.file?.vehicle.steeringSide)}` : '';
}
</script>

<template>
  <section class="debrief" data-test="debrief">
    <div v-if="trouble" class="warning" role="alert" data-test="debrief-trouble">
      <p>{{ texts.theLookBackCould(trouble) }}</p>
      <button class="tap" type="button" @click="lookBack">{{ texts.tryAgain }}</button>
    </div>
    <p v-else-if="!debrief" class="told" role="status">{{ texts.lookingBackOverEvery }}</p>
    <template v-else>
      <h1>
        {{ texts.itWas }}
        <template v-for="(fault, at) in debrief.faults" :key="fault.fault"
          >{{ at > 0 ? texts.andAlso : '' }}{{ faultName(fault.fault) }}{{ place(fault.channel) }}</template
        >
      </h1>
      <p :class="debrief.isRight ? 'told' : 'warning'">
        {{ debrief.isRight ? texts.repairedRightlyTheLamps : texts.notRepairedTheLamps }}
      </p>
      <dl class="sums">
        <div>
          <dt>{{ texts.you }}</dt>
          <dd class="figure">{{ money(debrief.cost) }}</dd>
          <dd class="muted">{{ texts.minPartsForNothing(debrief.minutes.toFixed(0), debrief.partsForNothing) }}</dd>
        </div>
        <div>
          <dt>{{ texts.theAdviser }}</dt>
          <dd class="figure">{{ money(debrief.adviser.cost) }}</dd>
          <dd class="muted">{{ debrief.adviser.isRight ? texts.repairedRightly : texts.wouldHaveFailedToo }}</dd>
        </div>
        <div>
          <dt>{{ texts.whoKnowsTheFault }}</dt>
          <dd class="figure">{{ money(debrief.leastCost) }}</dd>
          <dd class="muted">
            {{ leastRepairs }}
          </dd>
        </div>
      </dl>
      <div class="roads">
        <div>
          <h2>{{ texts.yourRoad }}</h2>
          <ol class="rows">
            <li v-for="(move, at) in debrief.moves" :key="at" class="move">
              <span>{{ sentence(move.move) }}</span>
              <span class="figure">{{ money(move.cost) }}</span>
              <span
                class="muted worth"
                :class="{
                  up: isGone(move) || move.after > move.before + 0.05,
                  down: !isGone(move) && move.after < move.before - 0.05,
                }"
                >{{ worth(move) }}</span
              >
            </li>
            <li v-if="debrief.moves.length === 0" class="muted">{{ texts.nothingWasDone }}</li>
          </ol>
        </div>
        <div>
          <h2>{{ texts.theAdvisersRoad }}</h2>
          <ol class="rows">
            <li v-for="(entry, at) in debrief.adviser.road" :key="at" class="move">
              <span>{{ sentence(entry.move) }}</span><span class="figure">{{ money(entry.cost) }}</span>
            </li>
          </ol>
        </div>
      </div>
    </template>
  </section>
</template>

<style scoped>
.debrief {
  display: grid;
  gap: 16px;
}

.sums {
  margin: 0;
  display: flex;
  flex-wrap: wrap;
  gap: 14px 44px;
}

.sums dt {
  color: var(--muted);
}

.sums dd {
  margin: 0;
}

.sums .figure {
  font-size: 1.7rem;
  font-weight: 680;
}

.roads {
  display: grid;
  grid-template-columns: repeat(auto-fit, minmax(300px, 1fr));
  gap: 18px 40px;
}

.roads ol {
  margin: 0;
  padding: 0;
}

.move {
  display: grid;
  grid-template-columns: minmax(0, 1fr) auto;
  gap: 2px 14px;
}

.worth {
  grid-column: 1 / -1;
  font-size: 0.92rem;
}

.worth.up {
  color: var(--proved);
}

.worth.down {
  color: var(--fault);
}
</style>
