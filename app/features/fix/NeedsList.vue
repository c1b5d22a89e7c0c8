<script setup lang="ts">
import { computed } from 'vue';
import type { Guide } from '../../../core/guide/compose';
import { inHandKey } from '../../../core/guide/climb';
import { LADDERS } from '../../../core/knowledge/guide/ladders';
import { TOOLS } from '../../../core/knowledge/guide/tools';
import { blockersOf } from '../../../core/knowledge/guide/planB';
import { priceOf, repairRecord } from '../../../core/knowledge/repairs/all';
import { sayMoney } from '../../../core/words/money';
import { workState } from '../../../core/guide/workState';
import { saveText } from '../../shared/saveText';
import { useJob } from '../../stores/job';
import PartPrices from './PartPrices.vue';
import { texts } from '#words/screens/fix';

/** All that the guide needs, ticked off as it is there: what is left is one shopping trip. */
const props = defineProps<{ guide: Guide }>();
const job = useJob();
const record = computed(() => repairRecord(props.guide.repair));
const price = computed(() => (record.value && job.file ? priceOf(record.value, job.file) : 0));
const blockers = computed(() =>
  blockersOf(props.guide.phases.flatMap(({ steps }) => steps.filter(({ done }) => !done).map(({ step }) => step))),
);
const isStuckPossible = computed(() =>
  props.guide.phases.some(({ steps }) => steps.some(({ ladder, done }) => ladder === 'stuck-sensor' && !done)),
);
const needs = computed(() => [
  ...props.guide.needs.parts.map((words) => ({ id: `part-${words}`, words, kind: 'part' as const })),
  ...props.guide.needs.tools.map((tool) => ({ id: `tool-${tool}`, words: TOOLS[tool], kind: 'tool' as const })),
  ...(isStuckPossible.value
    ? LADDERS['stuck-sensor'].inHand.map(({ id, words }) => ({ id, words, kind: 'spare' as const }))
    : []),
]);
const KINDS = [
  ['part', texts.partsToBuy],
  ['tool', texts.toolsAndStuff],
  ['spare', texts.ifItIsStuck],
] as const;
const key = (id: string): string => inHandKey(id, props.guide.channel).slice(0, 200);
const isThere = (id: string): boolean => (job.file ? workState(job.file, key(id)).done : false);
const missing = computed(() => needs.value.filter(({ id }) => !isThere(id)));
const toggle = (id: string): Promise<unknown> =>
  job.dispatch({ do: 'work', step: key(id), state: isThere(id) ? 'open' : 'done' });
const save = (): void =>
  saveText(texts.buyListFile, `${missing.value.map(({ words }) => `- ${words}`).join('\n')}\n`, 'text/plain');
</script>

<template>
  <details class="needs" data-test="needs">
    <summary>{{ texts.neededInAllOf(missing.length, needs.length) }}</summary>
    <p v-if="price > 0" class="muted">{{ texts.partCosts(sayMoney(price, job.file?.owner?.currency)) }}</p>
    <PartPrices v-if="record?.action === 'replaced'" :repair="guide.repair" />
    <template v-if="blockers.length > 0">
      <h3 class="overline">{{ texts.lookBeforeYouBegin }}</h3>
      <ul class="blockers" data-test="blockers">
        <li v-for="blocker in blockers" :key="blocker.id">
          <b>{{ blocker.look }}</b> {{ blocker.then }}
        </li>
      </ul>
    </template>
    <template v-for="[kind, words] in KINDS" :key="kind">
      <h3 v-if="needs.some((need) => need.kind === kind)" class="overline">{{ words }}</h3>
      <button
        v-for="need in needs.filter((entry) => entry.kind === kind)"
        :key="need.id"
        type="button"
        role="checkbox"
        class="need"
        :aria-checked="isThere(need.id)"
        @click="toggle(need.id)"
      >
        <span class="box" aria-hidden="true">{{ isThere(need.id) ? '✓' : '' }}</span>{{ need.words }}
      </button>
    </template>
    <button type="button" class="tap quiet" :disabled="missing.length === 0" data-test="save-needs" @click="save">
      {{ texts.saveBuyList }}
    </button>
  </details>
</template>

<style scoped>
.blockers {
  margin: 0;
  padding: 4px 0 8px 1.1em;
  display: grid;
  gap: 8px;
}

summary {
  min-height: 64px;
  display: flex;
  align-items: center;
  cursor: pointer;
  font-weight: 650;
}

.need {
  display: flex;
  width: 100%;
  gap: 12px;
  align-items: center;
  min-height: 64px;
  background: none;
  border: none;
  border-bottom: 1px solid var(--line);
  text-align: left;
  cursor: pointer;
  color: var(--ink);
}

.box {
  width: 26px;
  height: 26px;
  flex: none;
  border: 2px solid var(--action);
  border-radius: 6px;
  display: grid;
  place-items: center;
  font-weight: 800;
  color: var(--proved);
}
</style>
