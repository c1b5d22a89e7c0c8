<script setup lang="ts">
import { stepOf } from './spots';
import { computed, ref, watch } from 'vue';
import { VueDraggable } from 'vue-draggable-plus';
import type { Fastener } from '../../../../core/casefile/contract';
import { fastenersAt, isDue, stillOut } from '../../../../core/guide/fasteners';
import { WITHOUT_IT } from '../../../../core/knowledge/guide/fasteners';
import type { useFix } from '../useFix';
import CountBack from './CountBack.vue';
import FastenerCard from './FastenerCard.vue';
import FastenerFields from './FastenerFields.vue';
import FastenerGlyph from './FastenerGlyph.vue';
import { texts } from '#words/screens/fix';

/** The card on which everything lies that was taken out, in its order; it counts back in. */
const props = defineProps<{ fix: ReturnType<typeof useFix> }>();
const { job, channel, current } = props.fix;
const opened = ref<string | null>(null);
const placed = computed(() => (job.file ? fastenersAt(job.file, channel.value) : []));
const order = (ids: readonly string[]): Promise<unknown> => job.dispatch({ do: 'order-fasteners', ids });
const rows = computed<Fastener[]>({
  get: () => [...placed.value],
  set: (now) => void order(now.map(({ id }) => id)),
});

function move(at: number, by: number): void {
  const ids = placed.value.map(({ id }) => id);
  const [id] = ids.splice(at, 1);
  if (id) ids.splice(at + by, 0, id);
  void order(ids);
}

async function add(): Promise<void> {
  const fastener = { kind: 'hex', name: texts.kinds.hex, count: 1, channel: channel.value } as const;
  const step = current.value && !current.value.undoes ? { step: current.value.id } : {};
  isAdding = true;
  await job.dispatch({ do: 'fastener', fastener: { ...fastener, ...step } });
}
/** What was added is opened as soon as it lies on the card. */
let isAdding = false;
watch(
  () => placed.value.length,
  (now, before) => {
    if (isAdding && now > before) opened.value = placed.value.at(-1)?.id ?? null;
    isAdding = false;
  },
);

/** The number that is being put on the picture. */
const picked = ref<string | null>(null);
const pick = (id: string | null): void => {
  picked.value = picked.value === id ? null : id;
};
const allDue = computed(() => placed.value.filter(isDue));
const sumOf = (of: (fastener: Fastener) => number): number => allDue.value.reduce((sum, entry) => sum + of(entry), 0);
const due = computed(() => sumOf(({ count }) => count));
const backSoFar = computed(() => due.value - sumOf(stillOut));

const why = (fastener: Fastener): string => WITHOUT_IT[stepOf(fastener)] ?? '';
const details = ({ size, thread, put, state, renew, locker, empty, leftOut }: Fastener): string =>
  [
    size,
    thread,
    state && state !== 'sound' ? texts.states[state] : '',
    renew ? texts.renewIt : '',
    locker ? texts.threadLocker : '',
    empty ? texts.holeWasEmpty : '',
    leftOut ? texts.leaveItOut : '',
    put,
  ]
    .filter(Boolean)
    .join(' · ');
</script>

<template>
  <section class="board" data-test="board">
    <header>
      <h1>{{ texts.board }}</h1>
      <p v-if="due > 0" class="figure" :class="{ all: backSoFar === due }" data-test="back-in-all">
        {{ texts.backIn(backSoFar, due) }}
      </p>
    </header>
    <p class="muted">{{ placed.length === 0 ? texts.boardEmpty : texts.boardLead }}</p>
    <FastenerCard class="fastener-card" :fasteners="placed" :channel="channel" :picked="picked" @pick="pick" />
    <div class="list">
      <VueDraggable v-model="rows" tag="ol" handle=".place" :animation="120" class="rows">
        <li v-for="(fastener, at) in rows" :key="fastener.id" data-test="fastener">
          <div class="row">
            <span class="place figure" :title="texts.placeOf(at + 1)">{{ at + 1 }}</span>
            <FastenerGlyph :kind="fastener.kind" />
            <div class="words">
              <b>{{ texts.fastenerLine(fastener.count, fastener.name) }}</b><span class="muted">{{
                details(fastener) || texts.kinds[fastener.kind]
              }}</span>
            </div>
            <button
              type="button"
              class="tap quiet"
              :aria-expanded="opened === fastener.id"
              @click="opened = opened === fastener.id ? null : fastener.id"
            >
              {{ opened === fastener.id ? texts.close : texts.change }}
            </button>
            <CountBack class="back" :fastener="fastener" />
          </div>
          <template v-if="opened === fastener.id">
            <p v-if="why(fastener)" class="muted">{{ why(fastener) }}</p>
            <div class="chips">
              <button type="button" class="tap" :disabled="at === 0" data-test="up" @click="move(at, -1)">
                {{ texts.moveUp }}
              </button>
              <button
                type="button"
                class="tap"
                :disabled="at === rows.length - 1"
                data-test="down"
                @click="move(at, 1)"
              >
                {{ texts.moveDown }}
              </button>
            </div>
            <FastenerFields :fastener="fastener" />
          </template>
        </li>
      </VueDraggable>
      <button type="button" class="tap" data-test="add-fastener" @click="add">{{ texts.addPlace }}</button>
    </div>
  </section>
</template>

<style scoped>
.back {
  flex-basis: 100%;
  padding-left: 80px;
}

.board {
  flex: 1;
  min-width: 0;
  padding: 22px 34px;
  display: grid;
  grid-template-columns: minmax(0, 1fr);
  gap: 14px;
  align-content: start;
}

header {
  display: flex;
  flex-wrap: wrap;
  justify-content: space-between;
  align-items: baseline;
  gap: 0 18px;
}

header p {
  margin: 0;
  font-size: 1.2rem;
}

header .all {
  color: var(--proved);
}

.list {
  display: grid;
  gap: 14px;
  align-content: start;
  justify-items: start;
}

.rows {
  justify-self: stretch;
}

@media (min-width: 1000px) {
  .board {
    grid-template-columns: minmax(0, 1fr) minmax(0, 1fr);
    gap: 10px 28px;
  }

  .board > header,
  .board > .muted {
    grid-column: 1 / -1;
  }

  .board > .fastener-card {
    position: sticky;
    top: 12px;
  }
}

.rows {
  list-style: none;
  margin: 0;
  padding: 0;
}

li {
  border-bottom: 1px solid var(--line);
  background: var(--ground);
}

.row {
  display: flex;
  flex-wrap: wrap;
  gap: 8px 16px;
  align-items: center;
  padding: 8px 0;
}

.place {
  width: 64px;
  height: 64px;
  flex: none;
  display: grid;
  place-items: center;
  cursor: grab;
  font-size: 1.3rem;
  border: 2px solid var(--ink);
  border-radius: 50%;
  touch-action: none;
  transform: scale(0.7);
}

.words {
  flex: 1 1 200px;
  display: grid;
}

.words b {
  font-size: 1.1rem;
}

@media (max-width: 999px) {
  .board {
    padding: 14px 16px;
  }

  .back {
    padding-left: 0;
  }
}
</style>
