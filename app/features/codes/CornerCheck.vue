<script setup lang="ts">
import { computed } from 'vue';
import type { CaseFile } from '../../../core/casefile/contract';
import type { Channel } from '../../../core/casefile/words';
import type { NameMap } from '../../../core/codes/cornerCheck';
import { readerNames } from '../../../core/codes/readerNames';
import { sayChannel } from '../../../core/vehicle/sides';
import type { NewObservation } from '../../stores/job';
import { usePreferences } from '../../stores/preferences';
import SentenceWith from '../../shared/words/SentenceWith.vue';
import { texts } from '#words/screens/codes';

/** Which wheel is it really? Wheel by wheel: which name did the reader show? Settled before any part is ordered. */
const props = defineProps<{ file: CaseFile }>();
const emit = defineEmits<{ spin: [found: NewObservation]; again: [id: string] }>();
const { values } = usePreferences();

const names = computed(() => readerNames(props.file));
const say = (channel: Channel): string => sayChannel(channel, values.sides, props.file.vehicle.steeringSide);
const made = computed(() =>
  props.file.observations.flatMap((observation) =>
    observation.kind === 'live' &&
    observation.while === 'hand-spin' &&
    !observation.withdrawn &&
    observation.channel &&
    observation.shownAs
      ? [{ id: observation.id, spun: say(observation.channel), shown: say(observation.shownAs as Channel) }]
      : [],
  ),
);
const VERDICTS: Readonly<Record<NameMap['pattern'], string>> = {
  'true-names': texts.theReadersNamesAre,
  'sides-crossed': texts.theReaderHasLeft,
  'ends-crossed': texts.theReaderHasFront,
  'turned-round': texts.theReaderNamesThe,
  own: texts.yourReaderMislabelsWheels,
  open: '',
};

function note(shown: Channel | null): void {
  const spun = names.value.next;
  if (!spun) return;
  if (shown === null) emit('spin', { kind: 'live', while: 'hand-spin', channel: spun, finding: 'zero' });
  else
    emit('spin', {
      kind: 'live',
      while: 'hand-spin',
      channel: spun,
      finding: shown === spun ? 'follows' : 'answers-as-other-channel',
      shownAs: shown,
    });
}
</script>

<template>
  <section class="corners">
    <h2>{{ texts.whichWheelIsIt }}</h2>
    <p class="muted">
      {{ texts.readersAndPeopleMix }}
    </p>
    <ul v-if="made.length > 0" class="rows">
      <li v-for="entry in made" :key="entry.id" class="spin">
        <span
          ><SentenceWith :text="texts.spunShownAs"
            ><template #spun
              ><b>{{ entry.spun }}</b></template
            ><template #shown
              ><b>{{ entry.shown }}</b></template
            ></SentenceWith
          ></span
        >
        <button class="tap quiet" type="button" @click="emit('again', entry.id)">{{ texts.takeBack }}</button>
      </li>
    </ul>
    <p v-if="names.doubled.length > 0" class="told" role="alert">
      {{ texts.twoWheelsWereShown }}
    </p>
    <p v-if="names.pattern !== 'open'" class="verdict" data-test="corner-verdict">
      <b>{{ VERDICTS[names.pattern] }}</b>
    </p>
    <div v-else-if="names.next" class="ask">
      <p>
        <SentenceWith :text="texts.spinWhichNameMoves"
          ><template #wheel
            ><b data-test="spin-next">{{ say(names.next) }}</b></template
          ></SentenceWith
        >
      </p>
      <div class="chips">
        <button
          v-for="channel in file.vehicle.channels"
          :key="channel"
          class="tap"
          type="button"
          :data-test="`shown-${channel}`"
          @click="note(channel)"
        >
          {{ say(channel) }}
        </button>
        <button class="tap quiet" type="button" @click="note(null)">{{ texts.noneMoves }}</button>
      </div>
    </div>
  </section>
</template>

<style scoped>
.corners,
.ask {
  display: grid;
  gap: 12px;
}

.spin {
  display: flex;
  justify-content: space-between;
  align-items: center;
  gap: 12px;
  padding: 2px 0;
}

.verdict {
  border-left: 6px solid var(--proved);
  padding: 4px 0 4px 14px;
}
</style>
