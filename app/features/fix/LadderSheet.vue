<script setup lang="ts">
import { computed } from 'vue';
import type { Channel } from '../../../core/casefile/words';
import type { Climb } from '../../../core/guide/climb';
import type { Rung } from '../../../core/knowledge/guide/rung';
import { STEP_CAUTIONS } from '../../../core/knowledge/guide/stepCautions';
import PlateImage from '../../shared/drawings/PlateImage.vue';
import { rungPlate } from '../../shared/drawings/plates/steps';
import WithTerms from '../../shared/terms/WithTerms.vue';
import ThreadTable from './ThreadTable.vue';
import TimerCard from './TimerCard.vue';
import { texts } from '#words/screens/fix';

/** One rung: its drawing, what to do and why, its timer; and what to have in hand before something is lost. */
const props = defineProps<{ climb: Climb; rung: Rung; phase: string; channel?: Channel | null | undefined }>();
const emit = defineEmits<{ ready: [id: string]; leave: [] }>();
const at = computed(() => props.climb.ladder.rungs.indexOf(props.rung) + 1);
const cautions = computed(() => props.rung.cautions.map((id) => STEP_CAUTIONS.get(id) ?? id));
const missing = computed(() => props.climb.ladder.inHand.filter(({ id }) => !props.climb.inHand.has(id)).length);
const firstLost = computed(() => props.climb.ladder.rungs.findIndex(({ destroys }) => destroys) + 1);
const needsDrills = computed(() => ['bolt-drill', 'bolt-tap', 'bolt-insert'].includes(props.rung.id));
</script>

<template>
  <section class="ladder" aria-live="polite">
    <p class="overline">{{ phase }} · {{ climb.ladder.title }} {{ texts.rungOf(at, climb.ladder.rungs.length) }}</p>
    <h1 class="big" data-test="step-title">{{ rung.name }}</h1>
    <p v-if="rung.stops" class="warning">{{ rung.text }}</p>
    <PlateImage class="picture" :plate="rungPlate(rung.id, channel)" />
    <div class="words">
      <div>
        <template v-if="!rung.stops">
          <h2 class="overline">{{ texts.doThis }}</h2>
          <p class="large"><WithTerms :text="rung.text" /></p>
        </template>
        <h2 class="overline">{{ texts.whyTitle }}</h2>
        <p class="large"><WithTerms :text="rung.why" /></p>
      </div>
      <TimerCard v-if="rung.soakMinutes" :what="rung.id" :name="rung.name" :minutes="rung.soakMinutes" />
    </div>
    <p v-for="caution in cautions" :key="caution" class="warning">{{ caution }}</p>
    <p v-if="rung.destroys && missing > 0" class="told" role="alert" data-test="not-in-hand">
      {{ texts.notInHand(missing) }}
    </p>
    <ThreadTable v-if="needsDrills" />
    <section v-if="climb.ladder.inHand.length > 0" class="hand" data-test="in-hand">
      <h2 class="overline">{{ texts.haveInHand(firstLost) }}</h2>
      <button
        v-for="need in climb.ladder.inHand"
        :key="need.id"
        type="button"
        role="checkbox"
        class="need"
        :data-test="`need-${need.id}`"
        :aria-checked="climb.inHand.has(need.id)"
        @click="emit('ready', need.id)"
      >
        <span class="box" aria-hidden="true">{{ climb.inHand.has(need.id) ? '✓' : '' }}</span>{{ need.words }}
      </button>
    </section>
    <button type="button" class="tap quiet" @click="emit('leave')">{{ texts.backToTheStep }}</button>
  </section>
</template>

<style scoped>
.ladder {
  flex: 1;
  min-width: 0;
  padding: 22px 34px;
  display: grid;
  grid-template-columns: minmax(0, 1fr);
  gap: 14px;
  align-content: start;
  max-width: 760px;
}

.big {
  font-size: 2.1rem;
}

.picture {
  border: 1.4px solid var(--line);
  border-radius: 10px;
}

.words {
  display: grid;
  grid-template-columns: repeat(auto-fit, minmax(260px, 1fr));
  gap: 12px 26px;
  align-items: start;
}

.large {
  font-size: 1.18rem;
  margin: 2px 0 10px;
}

.hand {
  display: grid;
}

.need {
  display: flex;
  gap: 14px;
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
  width: 30px;
  height: 30px;
  flex: none;
  border: 2px solid var(--action);
  border-radius: 6px;
  display: grid;
  place-items: center;
  font-weight: 800;
  color: var(--proved);
}

@media (max-width: 999px) {
  .ladder {
    padding: 14px 16px;
  }

  .big {
    font-size: 1.5rem;
  }
}
</style>
