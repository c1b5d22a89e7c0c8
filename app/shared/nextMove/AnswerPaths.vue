<script setup lang="ts">
import { computed, ref, watch } from 'vue';
import type { CheckRef } from '../../../core/knowledge/moves';
import { moveSentence } from '../../../core/judgement/sentence';
import type { CaseFile } from '../../../core/casefile/contract';
import type { Channel } from '../../../core/casefile/words';
import { possibleAnswers } from '../../../core/judgement/possibleAnswers';
import { useJob } from '../../stores/job';
import StateMark from '../marks/StateMark.vue';
import { percent } from '../../../core/words/percent';
import { pathOf, type PathPiece } from '../path/pathView';
import { texts } from '#words/shared/nextMove';
import { inSentence } from '#words/language';

/** What each answer of the recommended check would do to the path, drawn; nothing is recorded. */
const props = defineProps<{ move: CheckRef; file: CaseFile; subject: Channel }>();
const job = useJob();
const paths = ref<readonly (readonly PathPiece[])[]>([]);
const channel = computed(() => props.move.channel ?? props.subject);
const MOST_ANSWERS = 9;
const answers = computed(() => possibleAnswers(props.move, props.file).slice(0, MOST_ANSWERS));

watch(
  answers,
  async (now) => {
    paths.value = [];
    if (now.length === 0) return;
    const views = await job.imagine(
      props.file,
      now.map((entry) => entry.observation),
    );
    if (now === answers.value) paths.value = views.map((view) => pathOf(view, channel.value));
  },
  { immediate: true },
);

/** The two likeliest segments, in words. */
function likeliest(pieces: readonly PathPiece[]): string {
  const sorted = [...pieces].sort((a, b) => b.probability - a.probability).filter((piece) => piece.probability >= 0.05);
  return (
    sorted
      .slice(0, 2)
      .map((entry) => `${inSentence(entry.name)} ${percent(entry.probability)}`)
      .join(', ') || texts.nothingOnThisPath
  );
}
</script>

<template>
  <section v-if="answers.length > 0">
    <h3>{{ texts.whatEachAnswerWould }}</h3>
    <p class="asked">{{ moveSentence(move, file) }}:</p>
    <ul class="rows" data-test="answer-paths">
      <li v-for="(answer, index) in answers" :key="answer.words" class="answer">
        <b>{{ answer.words }}</b>
        <template v-if="paths[index]">
          <span class="path" aria-hidden="true"
            ><i v-for="piece in paths[index]" :key="piece.segment" :class="piece.state"
              ><StateMark :state="piece.state" /></i
          ></span>
          <span class="muted">{{ likeliest(paths[index] ?? []) }}</span>
        </template>
        <span v-else class="muted">…</span>
      </li>
    </ul>
  </section>
</template>

<style scoped>
section {
  margin-bottom: 26px;
}

.asked {
  margin: 4px 0 8px;
}

.answer {
  display: grid;
  grid-template-columns: 130px 150px minmax(0, 1fr);
  gap: 4px 12px;
  align-items: center;
}

.path {
  display: grid;
  grid-template-columns: repeat(7, 1fr);
}

.path i {
  height: 20px;
  display: grid;
  place-items: center;
  font-style: normal;
  font-size: 0.82rem;
  color: var(--question);
  border-bottom: 3px dotted var(--question);
}

.path i.checked-good {
  color: var(--proved);
  border-bottom: 3px solid var(--proved);
}

.path i.cannot-check {
  border-bottom: 3px double var(--question);
}

.path i.suspect {
  color: var(--suspect);
  border-bottom: 3px dashed var(--suspect);
}

.path i.at-fault {
  color: var(--fault);
  border-bottom: 3px double var(--fault);
}

@media (max-width: 700px) {
  .answer {
    grid-template-columns: minmax(0, 1fr) 150px;
  }
}
</style>
