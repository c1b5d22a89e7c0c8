<script setup lang="ts">
import { stepOf } from './spots';
import { computed } from 'vue';
import { RouterLink } from 'vue-router';
import type { GuideStep } from '../../../../core/guide/compose';
import { fastenersAt, missingBehind, stillOut, takenOutBy } from '../../../../core/guide/fasteners';
import { USUAL_FASTENERS, WITHOUT_IT } from '../../../../core/knowledge/guide/fasteners';
import type { useFix } from '../useFix';
import CountBack from './CountBack.vue';
import { texts } from '#words/screens/fix';

/** The fasteners of a step: put on the card as they come out, counted back in on the way back; what is missing is said before the wheel goes on. */
const props = defineProps<{ fix: ReturnType<typeof useFix>; step: GuideStep }>();
const { job, channel } = props.fix;
const own = computed(() => (job.file ? takenOutBy(job.file, channel.value, props.step.undoes ?? props.step.id) : []));
const all = computed(() => (job.file ? fastenersAt(job.file, channel.value) : []));
const usual = computed(() =>
  props.step.undoes === undefined && own.value.length === 0 ? USUAL_FASTENERS[props.step.step] : undefined,
);
const missing = computed(() =>
  job.file && props.step.step === 'wheel-off' && props.step.undoes
    ? missingBehind(job.file, channel.value, props.step.undoes)
    : [],
);
const named = computed(() =>
  missing.value.map((fastener) => texts.fastenerLine(stillOut(fastener), fastener.name)).join(', '),
);
const why = (step: string | undefined): string => WITHOUT_IT[stepOf({ step })] ?? '';

async function note(): Promise<void> {
  if (!usual.value) return;
  await job.dispatch({
    do: 'fastener',
    fastener: { ...usual.value, channel: channel.value, step: props.step.id },
  });
}
</script>

<template>
  <section v-if="missing.length > 0" class="warning" role="alert" data-test="missing">
    <p>
      <b>{{ texts.missingBefore(named) }}</b> {{ texts.lookOnTheGround }}
    </p>
    <div v-for="fastener in missing" :key="fastener.id" class="line">
      <span>{{ fastener.name }}. {{ why(fastener.step) }}</span>
      <CountBack :fastener="fastener" />
      <button
        type="button"
        class="tap"
        @click="job.dispatch({ do: 'fastener-is', id: fastener.id, is: { leftOut: true } })"
      >
        {{ texts.leaveItOut }}
      </button>
    </div>
  </section>
  <section v-if="own.length > 0" class="own" data-test="step-fasteners">
    <div v-for="fastener in own" :key="fastener.id" class="line">
      <b>{{ texts.fastenerLine(fastener.count, fastener.name) }}</b>
      <CountBack v-if="step.undoes" :fastener="fastener" />
    </div>
  </section>
  <div class="chips">
    <button v-if="usual" type="button" class="tap" data-test="note-fasteners" @click="note">
      {{ texts.noteFasteners(usual.name) }}
    </button>
    <RouterLink class="tap quiet" :to="fix.toBoard.value" data-test="open-board">{{
      all.length > 0 ? texts.openBoard(all.length) : texts.board
    }}</RouterLink>
  </div>
</template>

<style scoped>
.line {
  display: flex;
  flex-wrap: wrap;
  gap: 8px 16px;
  align-items: center;
}

.own {
  display: grid;
  gap: 8px;
}
</style>
