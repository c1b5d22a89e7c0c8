<script setup lang="ts">
import { RouterLink } from 'vue-router';
import type { PathPiece } from '../../shared/path/pathView';
import { computed } from 'vue';
import type { Channel, PLUG_PLACES } from '../../../core/casefile/words';
import PlateImage from '../../shared/drawings/PlateImage.vue';
import { checkPlate } from '../../shared/drawings/plates/checks';
import WithTerms from '../../shared/terms/WithTerms.vue';
import WireHalves from './WireHalves.vue';
import { texts } from '#words/screens/find';

export interface PanelCheck {
  readonly check: string;
  readonly manner: 'wiggle' | undefined;
  readonly words: string;
  readonly minutes: number;
  readonly done: boolean;
}

/** One segment: what it is, what may be wrong there, what is left to check. */
const props = defineProps<{
  places: { readonly sensor?: string; readonly plug?: (typeof PLUG_PLACES)[number] };
  piece: PathPiece;
  where: string;
  at: string;
  explained: string;
  faults: readonly { readonly words: string; readonly share: string }[];
  checks: readonly PanelCheck[];
}>();
/** The part at its place on this car. */
const plate = computed(() => checkPlate(`look:${props.piece.segment}`, props.at as Channel, props.places));
</script>

<template>
  <section class="panel" :class="piece.state">
    <h2>{{ piece.name }}, {{ where }}</h2>
    <PlateImage class="picture" :plate="plate" />
    <p><WithTerms :text="explained" /></p>
    <template v-if="faults.length > 0">
      <h3>{{ texts.whatItMayBe }}</h3>
      <ul class="rows">
        <li v-for="fault in faults" :key="fault.words" class="row">
          <span>{{ fault.words }}</span><span class="figure">{{ fault.share }}</span>
        </li>
      </ul>
    </template>
    <h3>{{ texts.stillToCheckHere }}</h3>
    <ul class="rows" data-test="segment-checks">
      <li v-for="check in checks" :key="`${check.check}${check.manner}`">
        <RouterLink
          class="row check"
          :to="{ name: 'check', query: { do: check.check, at, ...(check.manner ? { while: check.manner } : {}) } }"
          ><span
            >{{ check.words }} <span v-if="check.done" class="muted">{{ texts.madeAgain }}</span></span
          ><span class="figure">{{ check.minutes }} min</span></RouterLink
        >
      </li>
    </ul>
    <WireHalves
      v-if="piece.segment === 'lead' || piece.segment === 'loom'"
      :key="`${piece.segment}.${at}`"
      :segment="piece.segment"
      :at="at"
    />
  </section>
</template>

<style scoped>
.picture {
  border: 1.4px solid var(--line);
  border-radius: 8px;
}

.panel {
  border-left: 6px double var(--question);
  padding-left: 18px;
  display: grid;
  gap: 10px;
  align-content: start;
  min-width: 0;
}

.suspect {
  border-color: var(--suspect);
}

.at-fault {
  border-color: var(--fault);
}

.checked-good {
  border-color: var(--proved);
}

.rows > li {
  padding: 0;
}

.row {
  display: flex;
  justify-content: space-between;
  gap: 12px;
  padding: 7px 0;
}

.check {
  min-height: var(--target);
  align-items: center;
  text-decoration: none;
  color: var(--ink);
}

.check:hover {
  color: var(--action);
}

.figure {
  font-size: 0.92rem;
}
</style>
