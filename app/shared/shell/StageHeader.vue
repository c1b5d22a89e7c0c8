<script setup lang="ts">
import { RouterLink } from 'vue-router';
import BrandMark from './BrandMark.vue';
import { heard } from '../words/heard';
import { STAGES, type StageId } from './stages';
import { texts } from '#words/shared/shell';

/** The five stages, always visible, none locked; the job's name; ways out. */
defineProps<{
  job: string;
  vehicle: string;
  title: string;
  stage: StageId | null;
  visited: readonly StageId[];
  /** Whether the job is of a practice car. */
  isPractice: boolean;
  /** What would be taken back and made again; null for nothing. */
  undoName: string | null;
  redoName: string | null;
}>();
const emit = defineEmits<{ help: []; note: []; undo: []; redo: [] }>();
</script>

<template>
  <header class="head">
    <RouterLink class="home" :to="{ name: 'garage' }" :aria-label="texts.zelfToTheGarage"><BrandMark /></RouterLink>
    <nav class="stages" :aria-label="texts.stages">
      <RouterLink
        v-for="entry in STAGES"
        :key="entry.id"
        :to="{ name: entry.id, params: { job } }"
        class="stage"
        :class="{ here: entry.id === stage, visited: visited.includes(entry.id) }"
        :aria-current="entry.id === stage ? 'step' : undefined"
      >
        <span class="number">{{ entry.number }}</span><span class="name">{{ entry.name }}</span>
      </RouterLink>
    </nav>
    <div class="job">
      <RouterLink
        class="back"
        :to="{ name: 'garage' }"
        :aria-label="heard(vehicle, `${vehicle}: ${texts.backToTheGarage}`)"
        ><svg viewBox="0 0 20 20" aria-hidden="true"><path d="M12.5 4 6.5 10l6 6" /></svg
        ><b>{{ vehicle }}</b></RouterLink
      >
      <p class="which">
        <b>{{ vehicle }}</b><span v-if="title">, {{ title }}</span>
      </p>
      <p class="ways">
        <button
          type="button"
          class="step"
          data-test="undo"
          :disabled="!undoName"
          :aria-label="undoName ? texts.undo(undoName) : texts.nothingToUndo"
          :title="undoName ? texts.undoCtrlZ(undoName) : texts.nothingToUndo"
          @click="emit('undo')"
        >
          <svg viewBox="0 0 20 20" aria-hidden="true">
            <path d="M8 4 3.5 8.5 8 13M3.5 8.5H12a4 4 0 0 1 0 8H9" />
          </svg></button
        ><button
          v-if="redoName"
          type="button"
          class="step"
          data-test="redo"
          :aria-label="texts.redo(redoName)"
          :title="texts.redoCtrlShiftZ(redoName)"
          @click="emit('redo')"
        >
          <svg viewBox="0 0 20 20" aria-hidden="true"><path d="m12 4 4.5 4.5L12 13M16.5 8.5H8a4 4 0 0 0 0 8h3" /></svg>
        </button>
        <RouterLink class="to-garage" :to="{ name: 'garage' }">{{ texts.garage }}</RouterLink>
        <RouterLink v-if="isPractice" :to="{ name: 'bench', params: { job } }" data-test="to-bench">{{
          texts.bench
        }}</RouterLink>
        <button type="button" data-test="note" @click="emit('note')">{{ texts.quickNote }}</button>
        <RouterLink :to="{ name: 'notebook', params: { job } }">{{ texts.notebook }}</RouterLink>
        <button type="button" class="help" @click="emit('help')">{{ texts.settings }}</button>
      </p>
    </div>
  </header>
</template>

<style scoped>
.head {
  display: grid;
  grid-template-columns: auto minmax(0, 1fr) auto;
  align-items: stretch;
  gap: 8px 44px;
  padding: 0 22px;
  border-bottom: 2px solid var(--ink);
  min-height: 62px;
}

.home {
  display: flex;
  align-items: center;
  text-decoration: none;
  color: var(--ink);
}

.stages {
  display: flex;
  gap: 20px;
}

.stage {
  display: flex;
  align-items: center;
  gap: 9px;
  padding: 0 8px;
  min-width: 48px;
  text-decoration: none;
  color: var(--muted);
  font-weight: 600;
  border-bottom: 5px solid transparent;
  border-top: 5px solid transparent;
}

.number {
  width: 24px;
  height: 24px;
  display: grid;
  place-items: center;
  font-size: 0.82rem;
  border: 1.5px solid currentcolor;
  border-radius: 50%;
}

.visited {
  color: var(--proved);
}

.here {
  color: var(--ink);
  border-bottom-color: var(--ink);
}

.job {
  text-align: right;
  align-self: center;
  font-size: 0.92rem;
  line-height: 1.35;
  min-width: 0;
}

/* On a phone the vehicle's name leads back to the garage: a word less in the row. */
.back {
  display: none;
}

.which span {
  color: var(--muted);
}

.which b {
  font-size: 1.02rem;
}

.ways {
  display: flex;
  align-items: center;
  gap: 4px 14px;
  justify-content: flex-end;
}

.ways a,
.ways button {
  color: var(--muted);
  text-decoration: none;
  background: none;
  border: none;
  padding: 2px 0;
  cursor: pointer;
}

.ways a:hover,
.ways button:hover {
  color: var(--action);
  text-decoration: underline;
}

.ways .step {
  width: 34px;
  min-height: 30px;
  display: grid;
  place-items: center;
  color: var(--ink);
}

.ways .step:disabled {
  opacity: 0.35;
  cursor: default;
}

.step svg,
.back svg {
  width: 20px;
  fill: none;
  stroke: currentcolor;
  stroke-width: 2;
  stroke-linecap: round;
  stroke-linejoin: round;
}

@media (max-width: 1100px) {
  .head {
    gap: 8px 18px;
  }

  .stages {
    gap: 4px;
  }
}

@media (max-width: 900px) {
  .head {
    grid-template-columns: minmax(0, 1fr) auto;
    padding: 0 12px;
    gap: 0 8px;
  }

  .home {
    display: none;
  }

  .stages {
    grid-column: 1 / -1;
    grid-row: 2;
    justify-content: space-between;
  }

  .stage {
    flex-direction: column;
    gap: 0;
    padding: 0 2px;
    min-height: 48px;
    justify-content: center;
    font-size: 15px;
    border-top: 0;
    border-bottom-width: 4px;
    min-width: 62px;
  }

  .stage .number {
    display: none;
  }

  .job {
    grid-column: 1 / -1;
    display: flex;
    flex-wrap: wrap;
    justify-content: space-between;
    gap: 0 10px;
    align-items: center;
    text-align: left;
    min-height: 40px;
  }

  .back {
    flex: 1 1 4.6em;
    min-width: 0;
    min-height: 44px;
    display: flex;
    align-items: center;
    gap: 2px;
    margin-left: -6px;
    font-size: 1.02rem;
    text-decoration: none;
    color: var(--ink);
  }

  .back svg {
    flex: none;
  }

  .back b {
    overflow: hidden;
    text-overflow: ellipsis;
    white-space: nowrap;
  }

  .which,
  .ways .to-garage {
    display: none;
  }

  .ways {
    flex: 0 1 auto;
    flex-wrap: wrap;
    gap: 0 12px;
    margin-left: auto;
  }

  .ways a,
  .ways button {
    min-height: 40px;
    display: flex;
    align-items: center;
    font-size: 15px;
  }

  .ways .help {
    font-size: 0;
    width: 40px;
    justify-content: center;
  }

  .ways .step {
    width: 44px;
    justify-content: center;
  }

  .ways .help::after {
    content: '?';
    font-size: 17px;
    font-weight: 700;
    border: 1.5px solid currentcolor;
    border-radius: 50%;
    width: 26px;
    height: 26px;
    display: grid;
    place-items: center;
  }
}
</style>
