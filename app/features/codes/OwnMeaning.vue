<script setup lang="ts">
import { ref } from 'vue';
import type { OwnMeaning, Vehicle } from '../../../core/casefile/contract';
import { FAILURES, type Channel, type Failure } from '../../../core/casefile/words';
import { FAILURE_NAMES } from '../../../core/knowledge/names';
import { sayChannel } from '../../../core/vehicle/sides';
import { usePreferences } from '../../stores/preferences';
import SentenceWith from '../../shared/words/SentenceWith.vue';
import { texts } from '#words/screens/codes';

/** What the owner's reader or manual says of a code: kept with the vehicle, and outranking the public table. */
const props = defineProps<{ code: string; known: OwnMeaning | null; vehicle: Vehicle }>();
const emit = defineEmits<{ keep: [meaning: OwnMeaning | null]; close: [] }>();
const { values } = usePreferences();
const channel = ref<Channel | null>(props.known?.channel ?? null);
const failure = ref<Failure | null>(props.known?.failure ?? null);
const text = ref(props.known?.text ?? '');

function keep(): void {
  const said = text.value.trim();
  emit('keep', {
    ...(props.known ?? {}),
    ...(channel.value ? { channel: channel.value } : { channel: undefined }),
    ...(failure.value ? { failure: failure.value } : { failure: undefined }),
    ...(said ? { text: said } : { text: undefined }),
  });
}
</script>

<template>
  <div class="own" data-test="own-meaning">
    <p>
      <SentenceWith :text="texts.whatDoesYourReader"
        ><template #code
          ><b class="figure">{{ code }}</b></template
        ></SentenceWith
      >
    </p>
    <div class="chips" role="radiogroup" :aria-label="texts.whichCorner">
      <button
        v-for="entry in vehicle.channels"
        :key="entry"
        class="tap"
        type="button"
        role="radio"
        :aria-checked="channel === entry"
        :data-test="`own-${entry}`"
        @click="channel = channel === entry ? null : entry"
      >
        {{ sayChannel(entry, values.sides, vehicle.steeringSide) }}
      </button>
    </div>
    <div class="chips" role="radiogroup" :aria-label="texts.whatFailure">
      <button
        v-for="entry in FAILURES"
        :key="entry"
        class="tap small"
        type="button"
        role="radio"
        :aria-checked="failure === entry"
        @click="failure = failure === entry ? null : entry"
      >
        {{ FAILURE_NAMES[entry] }}
      </button>
    </div>
    <el-input
      v-model="text"
      :placeholder="texts.itsWordsAsPrinted"
      :aria-label="texts.theMeaningInIts"
      maxlength="300"
    />
    <div class="chips">
      <button
        class="tap strong"
        type="button"
        :disabled="!channel && !failure && text.trim() === ''"
        data-test="keep-own"
        @click="keep"
      >
        {{ texts.keepForThisVehicle }}
      </button>
      <button v-if="known" class="tap" type="button" @click="emit('keep', null)">{{ texts.forgetIt }}</button>
      <button class="tap quiet" type="button" @click="emit('close')">{{ texts.leaveIt }}</button>
    </div>
  </div>
</template>

<style scoped>
.own {
  display: grid;
  gap: 12px;
  border-left: 6px double var(--ink);
  padding: 4px 0 4px 14px;
  flex: 1 1 100%;
}

.small {
  padding: 4px 12px;
  font-weight: 500;
}
</style>
