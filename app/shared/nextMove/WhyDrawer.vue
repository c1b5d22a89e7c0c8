<script setup lang="ts">
import { computed, ref, shallowRef, watch } from 'vue';
import { RouterLink } from 'vue-router';
import type { FullAssessment } from '../../../core/judgement/assess';
import type { Overturn } from '../../../core/judgement/overturn';
import { moveSentence } from '../../../core/judgement/sentence';
import type { CaseFile } from '../../../core/casefile/contract';
import type { Channel } from '../../../core/casefile/words';
import { faultName } from '../../../core/knowledge/faults';
import { sayChannel, type SideSpeech } from '../../../core/vehicle/sides';
import { sayMoney } from '../../../core/words/money';
import { useJob } from '../../stores/job';
import { moveKey } from '../../../core/knowledge/moves';
import { percent } from '../../../core/words/percent';
import AnswerPaths from './AnswerPaths.vue';
import { placeOfMove } from './moveView';
import { texts } from '#words/shared/nextMove';

/** Why the recommended move, what else could be done, and what is believed at the moment. */
const props = defineProps<{
  assessment: FullAssessment;
  file: CaseFile;
  subject: Channel;
  sides: SideSpeech;
  currency: string;
}>();
const job = useJob();
const isOpen = defineModel<boolean>({ required: true });

const moves = computed(() =>
  props.assessment.next.slice(0, 9).map((move) => ({
    ...move,
    key: moveKey(move.move),
    words: moveSentence(move.move, props.file, props.sides),
    check: move.move.is === 'check' ? move.move : null,
    to: placeOfMove(move.move),
  })),
);
const beliefs = computed(() =>
  props.assessment.ranking.slice(0, 6).map((entry) => ({
    key: `${entry.channel}.${entry.fault}`,
    fault: entry.fault,
    channel: entry.channel ?? '',
    words: faultName(entry.fault),
    where: entry.channel ? sayChannel(entry.channel, props.sides, props.file.vehicle.steeringSide) : '',
    share: entry.probability,
  })),
);
const imagined = ref<string | null>(null);
const notice = shallowRef<readonly Overturn[] | null>(null);
watch(
  [isOpen, () => props.file],
  async ([open, file]) => {
    if (!open) return;
    notice.value = null;
    const found = await job.overturns(file);
    if (file === props.file) notice.value = found;
  },
  { immediate: true },
);
const overturns = computed(() =>
  (notice.value ?? []).map((entry) => ({
    key: `${moveKey(entry.move)}.${entry.answer}`,
    answer: entry.answer,
    check: moveSentence(entry.move, props.file, props.sides),
    instead: [
      faultName(entry.instead.fault),
      entry.instead.channel ? sayChannel(entry.instead.channel, props.sides, props.file.vehicle.steeringSide) : '',
    ]
      .filter(Boolean)
      .join(', '),
    chance: percent(entry.chance),
  })),
);
const size = computed(() => (window.innerWidth < 700 ? '100%' : '560px'));
</script>

<template>
  <el-drawer v-model="isOpen" :title="texts.whyThisAndWhat" direction="rtl" :size="size" :append-to-body="true">
    <section>
      <h3>{{ texts.whatIsMostLikely }}</h3>
      <ul class="rows" data-test="beliefs">
        <li
          v-for="belief in beliefs"
          :key="belief.key"
          class="belief"
          :data-fault="belief.fault"
          :data-channel="belief.channel"
          :data-probability="belief.share"
        >
          <span
            ><b>{{ belief.words }}</b
            ><span v-if="belief.where" class="muted">, {{ belief.where }}</span></span
          >
          <span class="bar"><span :style="{ width: `${Math.max(1, belief.share * 100)}%` }" /></span>
          <span class="figure">{{ percent(belief.share) }}</span>
        </li>
      </ul>
    </section>
    <AnswerPaths v-if="isOpen && moves[0]?.check" :move="moves[0].check" :file="file" :subject="subject" />
    <section>
      <h3>{{ texts.movesBestFirst }}</h3>
      <p class="muted small">
        {{ texts.theBestMoveIs }}
      </p>
      <ol class="rows">
        <li v-for="(move, index) in moves" :key="move.key">
          <button
            v-if="move.check"
            class="tap quiet whatif"
            type="button"
            :aria-expanded="imagined === move.key"
            @click="imagined = imagined === move.key ? null : move.key"
          >
            {{ texts.whatIf }}
          </button>
          <RouterLink class="move" :to="move.to" @click="isOpen = false">
            <b>{{ index + 1 }}. {{ move.words }}</b>
            <span class="muted">{{ move.why }}</span>
            <span class="figure">{{ texts.min(Math.round(move.minutes), sayMoney(move.cost, currency)) }}</span>
          </RouterLink>
          <AnswerPaths
            v-if="move.check && imagined === move.key"
            class="imagined"
            :move="move.check"
            :file="file"
            :subject="subject"
          />
        </li>
      </ol>
    </section>
    <section v-if="notice" data-test="overturns">
      <h3>{{ texts.whatWouldChangeMy }}</h3>
      <p v-if="notice.length === 0" class="muted">{{ texts.noCheckThatIs }}</p>
      <ul v-else class="rows">
        <li v-for="overturn in overturns" :key="overturn.key">
          <b>{{ overturn.answer }}</b> <span class="muted">{{ texts.from(overturn.check) }}</span>
          <span class="then"
            >{{ texts.thenMoreLikely }} <b>{{ overturn.instead }}</b>
            <span class="muted">{{ ` ${texts.likely(overturn.chance)}` }}</span></span
          >
        </li>
      </ul>
    </section>
    <section v-if="assessment.doubtful.length > 0">
      <h3>{{ texts.unusualBesideYourOther }}</h3>
      <p class="told">
        {{ texts.unusualFindings(assessment.doubtful.length) }}
      </p>
    </section>
  </el-drawer>
</template>

<style scoped>
section {
  margin-bottom: 26px;
}

h3 {
  margin-bottom: 8px;
}

.small {
  font-size: 0.9rem;
  margin-bottom: 8px;
}

ol.rows {
  padding: 0;
}

.belief {
  display: grid;
  grid-template-columns: minmax(0, 1fr) 110px 64px;
  gap: 12px;
  align-items: center;
}

.belief .figure {
  text-align: right;
}

.bar {
  height: 10px;
  border: 1.5px solid var(--ink);
  border-radius: 3px;
  overflow: hidden;
}

.bar span {
  display: block;
  height: 100%;
  background: var(--ink);
}

.move {
  display: grid;
  gap: 2px;
  min-height: var(--target);
  text-decoration: none;
  color: var(--ink);
}

.move b {
  color: var(--action);
}

.move .figure {
  font-size: 0.88rem;
}

.whatif {
  float: right;
}

.imagined {
  margin: 10px 0 0;
  padding-left: 12px;
  border-left: 6px double var(--line);
}

.then {
  display: block;
}
</style>
