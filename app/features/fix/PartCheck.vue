<script setup lang="ts">
import { inFigures } from '../../../core/words/figures';
import { computed } from 'vue';
import {
  newPartVerdict,
  typedNewPart,
  PART_TRAITS,
  traitKey,
  traitsOf,
  wrongPartKey,
  type PartTrait,
} from '../../../core/guide/newPart';
import { workState } from '../../../core/guide/workState';
import { useDraft } from '../../stores/useDraft';
import type { useFix } from './useFix';
import { texts } from '#words/screens/fix';

/** The new part beside the old one, trait by trait, and measured before it is fitted. */
const props = defineProps<{ fix: ReturnType<typeof useFix> }>();
const { job, channel } = props.fix;
const said = computed(() => (job.file ? traitsOf(job.file, channel.value) : {}));
const others = computed(() => PART_TRAITS.filter((trait) => said.value[trait] === 'other'));
const isReturned = computed(() => (job.file ? workState(job.file, wrongPartKey(channel.value)).done : false));
const reading = useDraft(() => `${job.record?.id}.new-part`);
const verdict = computed(() => {
  if (!job.file || !channel.value || reading.value.trim() === '') return null;
  const read = typedNewPart(job.file, channel.value, reading.value);
  if (read.is !== 'read') return { isBad: read.is === 'refused', words: read.words };
  const is = newPartVerdict(read.verdict);
  return { isBad: is === 'open' || is === 'shorted', words: texts.newPart[is] };
});
const say = (trait: PartTrait, is: 'same' | 'other'): Promise<unknown> =>
  job.dispatch({ do: 'work', step: traitKey(trait, is, channel.value), state: 'done' });
const sendBack = (): Promise<unknown> =>
  job.dispatch({ do: 'work', step: wrongPartKey(channel.value), state: 'done', note: others.value.join(', ') });
</script>

<template>
  <section class="part" data-test="part-check">
    <h2 class="overline">{{ texts.besideTheOld }}</h2>
    <div v-for="trait in PART_TRAITS" :key="trait" class="trait">
      <span>{{ texts.traits[trait] }}</span>
      <span class="chips">
        <button
          v-for="is in ['same', 'other'] as const"
          :key="is"
          type="button"
          class="tap"
          :aria-pressed="said[trait] === is"
          :data-test="`${trait}-${is}`"
          @click="say(trait, is)"
        >
          {{ is === 'same' ? texts.theSame : texts.another }}
        </button>
      </span>
    </div>
    <div v-if="others.length > 0" class="warning" role="alert" data-test="wrong-part">
      <p>{{ texts.wrongPart }}</p>
      <button v-if="!isReturned" type="button" class="tap" data-test="send-back" @click="sendBack">
        {{ texts.sendItBack }}
      </button>
      <p v-else>{{ texts.sentBack }}</p>
    </div>
    <label v-if="channel"
      >{{ texts.newPartReads
      }}<el-input v-model="reading" size="large" :placeholder="inFigures('1.1 kΩ')" data-test="new-reading"
    /></label>
    <p v-if="verdict" :class="verdict.isBad ? 'warning' : 'told'" role="status" data-test="new-verdict">
      {{ verdict.words }}
    </p>
  </section>
</template>

<style scoped>
.part {
  display: grid;
  gap: 6px;
}

.trait {
  display: flex;
  flex-wrap: wrap;
  justify-content: space-between;
  align-items: center;
  gap: 6px 16px;
  border-bottom: 1px solid var(--line);
  padding-bottom: 6px;
}

label {
  display: grid;
  gap: 4px;
  max-width: 260px;
  margin-top: 8px;
}
</style>
