<script setup lang="ts">
import { fixed, inFigures } from '../../../core/words/figures';
import { computed } from 'vue';
import { halve, type Probe } from '../../../core/planning/halving';
import { useJob } from '../../stores/job';
import { useDraft } from '../../stores/useDraft';
import SentenceWith from '../../shared/words/SentenceWith.vue';
import { texts } from '#words/screens/find';

/** A break found by halves: the wire drawn, what is left of it, where to probe next, and how many probes that takes. */
const props = defineProps<{ segment: 'lead' | 'loom'; at: string }>();
const job = useJob();
const draft = useDraft(() => `${job.record?.id}.halves.${props.segment}.${props.at}`);

interface Kept {
  readonly length: string;
  readonly probes: readonly Probe[];
}

const kept = computed<Kept>(() => {
  try {
    const data = JSON.parse(draft.value || '{}') as Partial<Kept>;
    return { length: data.length ?? '', probes: Array.isArray(data.probes) ? data.probes : [] };
  } catch {
    return { length: '', probes: [] };
  }
});
const length = computed({
  get: () => kept.value.length,
  set: (now: string) => (draft.value = JSON.stringify({ ...kept.value, length: now })),
});
const metres = computed(() => Number(length.value.replace(',', '.')));
const found = computed(() => halve(metres.value, kept.value.probes));
const isAsked = computed(() => Number.isFinite(metres.value) && metres.value > 0);
const place = (atMetre: number): number => 20 + (520 * atMetre) / Math.max(0.01, metres.value);
const show = (metre: number): string => fixed(metre, 2);

function note(whole: boolean): void {
  const atMetre = found.value.nextMetre;
  if (atMetre === null) return;
  draft.value = JSON.stringify({ ...kept.value, probes: [...kept.value.probes, { atMetre, whole }] });
}

function back(): void {
  draft.value = JSON.stringify({ ...kept.value, probes: kept.value.probes.slice(0, -1) });
}
</script>

<template>
  <details class="halves" data-test="halves">
    <summary>{{ texts.findTheBreakBy }}</summary>
    <p class="muted">
      {{ texts.putOneProbeAt(segment === 'lead' ? 'sensor' : 'plug') }}
    </p>
    <label class="length"
      >{{ texts.lengthOfTheWire }}
      <el-input v-model="length" inputmode="decimal" :placeholder="inFigures('4.2')" data-test="wire-length"
    /></label>
    <template v-if="isAsked">
      <svg
        viewBox="0 0 560 50"
        role="img"
        :aria-label="texts.breakBetweenAndM(show(found.fromMetre), show(found.toMetre))"
      >
        <path class="whole" :d="`M20 34H${place(found.fromMetre)}`" />
        <path class="open" :d="`M${place(found.fromMetre)} 34H${place(found.toMetre)}`" />
        <path class="beyond" :d="`M${place(found.toMetre)} 34H540`" />
        <g v-for="probe in kept.probes" :key="probe.atMetre">
          <path :class="probe.whole ? 'tick' : 'cross'" :d="`M${place(probe.atMetre)} 24v20`" />
        </g>
        <path v-if="found.nextMetre !== null" class="next" :d="`M${place(found.nextMetre)} 4v22m-6-8 6 8 6-8`" />
      </svg>
      <p class="ends figure">
        <span>0 m</span><span>{{ show(metres) }} m</span>
      </p>
      <p v-if="found.nextMetre !== null" data-test="halves-next">
        <SentenceWith :text="texts.probeAt"
          ><template #place
            ><b class="figure">{{ show(found.nextMetre) }} m</b></template
          ></SentenceWith
        >
        {{ texts.probesMore(found.probesLeft) }}
      </p>
      <p v-else data-test="halves-found">
        <SentenceWith :text="texts.theBreakLiesBetween"
          ><template #from
            ><b class="figure">{{ show(found.fromMetre) }} m</b></template
          ><template #to
            ><b class="figure">{{ show(found.toMetre) }} m</b></template
          ></SentenceWith
        >
      </p>
      <p v-if="found.contradicting.length > 0" class="told" role="alert">
        {{ texts.twoProbesContradictEach(show(found.contradicting[0]?.atMetre ?? 0)) }}
      </p>
      <div class="chips">
        <template v-if="found.nextMetre !== null">
          <button class="tap" type="button" data-test="halves-whole" @click="note(true)">
            {{ texts.connectedUpToHere }}
          </button>
          <button class="tap" type="button" data-test="halves-open" @click="note(false)">
            {{ texts.brokenBeforeThisPoint }}
          </button>
        </template>
        <button v-if="kept.probes.length > 0" class="tap quiet" type="button" @click="back">
          {{ texts.takeTheLastBack }}
        </button>
      </div>
    </template>
  </details>
</template>

<style scoped>
.halves {
  display: grid;
  gap: 10px;
}

summary {
  min-height: var(--target);
  display: flex;
  align-items: center;
  cursor: pointer;
  color: var(--action);
  font-weight: 600;
}

.length {
  display: flex;
  align-items: center;
  gap: 12px;
}

.length .el-input {
  width: 110px;
}

svg {
  width: 100%;
  margin: 8px 0;
}

path {
  fill: none;
  stroke-width: 5;
}

.whole {
  stroke: var(--proved);
}

.open {
  stroke: var(--suspect);
  stroke-dasharray: 10 6;
}

.beyond {
  stroke: var(--line);
}

.tick {
  stroke: var(--proved);
  stroke-width: 3;
}

.cross {
  stroke: var(--fault);
  stroke-width: 3;
}

.next {
  stroke: var(--ink);
  stroke-width: 3;
}

.ends {
  display: flex;
  justify-content: space-between;
  color: var(--muted);
  font-size: 0.88rem;
  margin-bottom: 6px;
}

.chips {
  margin-top: 8px;
}
</style>
