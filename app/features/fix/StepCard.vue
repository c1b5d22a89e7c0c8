<script setup lang="ts">
import { computed } from 'vue';
import type { GuideStep } from '../../../core/guide/compose';
import { PROOF_ANSWERS } from '../../../core/proof/answers';
import type { Plate } from '../../shared/drawings/plate';
import PlateImage from '../../shared/drawings/PlateImage.vue';
import PhotosOf from '../../shared/photos/PhotosOf.vue';
import WithTerms from '../../shared/terms/WithTerms.vue';
import StepFasteners from './fasteners/StepFasteners.vue';
import PartCheck from './PartCheck.vue';
import SchoolChoice from './SchoolChoice.vue';
import SpacerSums from './SpacerSums.vue';
import StarTorque from './StarTorque.vue';
import TaperBearing from './TaperBearing.vue';
import TimerCard from './TimerCard.vue';
import TorqueAsked from './TorqueAsked.vue';
import WireOhms from './WireOhms.vue';
import type { useFix } from './useFix';
import { texts } from '#words/screens/fix';

/** One step in large type: its drawing, its why, its figure, and its caution where it belongs. The drawing's edges move on and back. */
const props = defineProps<{
  fix: ReturnType<typeof useFix>;
  step: GuideStep;
  plate: Plate | null;
  overline: string;
  canMoveOn: boolean;
}>();
const emit = defineEmits<{ on: []; back: [] }>();
const torque = computed(() => props.step.torque);
</script>

<template>
  <p class="overline">{{ overline }}</p>
  <h1 class="big" data-test="step-title">{{ step.text }}</h1>
  <div v-if="plate" class="scene">
    <PlateImage class="picture" :plate="plate" />
    <button
      type="button"
      class="edge left"
      data-test="edge-back"
      :aria-label="texts.previousStep"
      @click="emit('back')"
    >
      <svg viewBox="0 0 20 20" aria-hidden="true"><path d="M13 3 5 10l8 7" /></svg>
    </button>
    <button
      v-if="canMoveOn"
      type="button"
      class="edge right"
      data-test="edge-on"
      :aria-label="texts.nextStep"
      @click="emit('on')"
    >
      <svg viewBox="0 0 20 20" aria-hidden="true"><path d="m7 3 8 7-8 7" /></svg>
    </button>
  </div>
  <p class="large"><WithTerms :text="step.why" /></p>
  <TorqueAsked v-if="torque" :point="torque.point" :newton-metre="torque.newtonMetre" />
  <StarTorque v-if="step.step === 'wheel-torqued'" />
  <SpacerSums v-if="step.step === 'spacer-fitted'" :fix="fix" />
  <WireOhms v-if="step.step === 'wire-cut' || step.step === 'wire-measured'" :fix="fix" />
  <TaperBearing v-if="step.step === 'hub-nut-torqued'" />
  <PartCheck v-if="step.step === 'part-compared'" :fix="fix" />
  <SchoolChoice v-if="step.school" :school="step.school" />
  <StepFasteners :fix="fix" :step="step" />
  <TimerCard v-if="step.soakMinutes" :what="step.step" :name="texts.timer" :minutes="step.soakMinutes" />
  <p v-for="caution in step.cautions" :key="caution.id" class="warning">{{ caution.text }}</p>
  <PhotosOf :of="step.undoes ?? step.id" :what="step.text" />
  <section v-if="fix.spin.isDue.value" class="spin" data-test="spin-now">
    <h2>{{ texts.beforeTheWheelGoes }}</h2>
    <p class="muted">{{ texts.readerConnectedIgnitionOn }}</p>
    <div class="chips">
      <button
        v-for="answer in PROOF_ANSWERS.spin"
        :key="answer.id"
        type="button"
        class="tap"
        :aria-pressed="fix.spin.said.value?.id === answer.id"
        @click="fix.spin.spun(answer)"
      >
        {{ answer.words }}
      </button>
    </div>
    <p v-if="fix.spin.said.value" class="told">{{ fix.spin.said.value.meaning }}</p>
  </section>
</template>

<style scoped>
.spin {
  display: grid;
  gap: 8px;
  padding: 12px 14px;
  border-left: 6px dotted var(--question);
  background: var(--raised);
}

.big {
  font-size: 2.1rem;
}

.scene {
  position: relative;
}

.picture {
  /* Below a title of three lines, why it is done still shows. */
  max-height: max(220px, calc(100vh - 430px));
  border: 1.4px solid var(--line);
  border-radius: 10px;
}

.edge {
  position: absolute;
  top: 0;
  bottom: 0;
  width: 64px;
  border: none;
  background: none;
  cursor: pointer;
  display: grid;
  place-items: center;
  color: var(--action);
}

.edge svg {
  width: 26px;
  height: 44px;
  padding: 8px 4px;
  border-radius: 8px;
  background: color-mix(in srgb, var(--raised) 80%, transparent);
  fill: none;
  stroke: currentcolor;
  stroke-width: 2.6;
  stroke-linecap: round;
  stroke-linejoin: round;
}

.left {
  left: 0;
}

.right {
  right: 0;
}

.large {
  font-size: 1.18rem;
  max-width: 36em;
}

@media (max-width: 999px) {
  .big {
    font-size: 1.5rem;
  }
}
</style>
