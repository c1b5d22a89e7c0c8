<script setup lang="ts">
import { computed } from 'vue';
import type { CaseFile } from '../../../core/casefile/contract';
import type { Channel } from '../../../core/casefile/words';
import { HISTORY_NAMES, LAMP_NAMES, PATTERN_NAMES } from '../../../core/knowledge/names';
import { sayChannel, type SideSpeech } from '../../../core/vehicle/sides';
import CarPlan from '../plan/CarPlan.vue';
import type { CornerView } from '../plan/planView';
import { texts } from '#words/shared/shell';

/** The plan at the side of every stage, with what lights and what was done lately under it. */
const props = defineProps<{ corners: readonly CornerView[]; subject: Channel; file: CaseFile; sides: SideSpeech }>();
const emit = defineEmits<{ select: [channel: Channel] }>();

const say = (channel: Channel): string => sayChannel(channel, props.sides, props.file.vehicle.steeringSide);
const lamps = computed(() => {
  const last = props.file.observations
    .filter((observation) => observation.kind === 'lamps' && !observation.withdrawn)
    .at(-1);
  return last?.kind === 'lamps' ? last : null;
});
/** Lamps seen before the last repair describe the car before it. */
const isBefore = computed(() => {
  const last = props.file.repairs?.at(-1);
  const at = props.file.observations.findIndex((observation) => observation.id === lamps.value?.id);
  return (
    last !== undefined &&
    (last.after === undefined ||
      props.file.observations.findIndex((observation) => observation.id === last.after) >= at)
  );
});
const heading = computed(() => {
  if (!lamps.value) return '';
  if (lamps.value.lit.length === 0) return texts.allLampsOut;
  const pattern = lamps.value.pattern?.[0];
  return `${isBefore.value ? texts.litBeforeTheRepair : texts.lit}${pattern ? `, ${PATTERN_NAMES[pattern]}` : ''}`;
});
const lately = computed(() =>
  props.file.observations.flatMap((observation) =>
    observation.kind === 'history' && !observation.withdrawn
      ? [
          {
            id: observation.id,
            text: `${HISTORY_NAMES[observation.event]}${observation.channel ? `, ${say(observation.channel)}` : ''}${observation.ago === undefined ? '' : texts.daysBefore(observation.ago)}`,
          },
        ]
      : [],
  ),
);
</script>

<template>
  <aside class="side">
    <p class="overline">{{ texts.lookingAt(say(subject)) }}</p>
    <CarPlan :corners="corners" :subject="subject" @select="emit('select', $event)" />
    <template v-if="lamps">
      <p class="overline">{{ heading }}</p>
      <p class="lit">
        <span v-for="lamp in lamps.lit" :key="lamp">{{ LAMP_NAMES[lamp] }}</span>
      </p>
    </template>
    <template v-if="lately.length > 0">
      <p class="overline">{{ texts.lately }}</p>
      <p v-for="entry in lately" :key="entry.id">{{ entry.text }}</p>
    </template>
  </aside>
</template>

<style scoped>
.side {
  /* The plan grows with the text that stands beside its wheels. */
  width: min(19.53rem, 34vw);
  flex: none;
  padding: 14px 18px;
  border-right: 1px solid var(--line);
  overflow-y: auto;
  display: grid;
  align-content: start;
  gap: 8px;
}

.lit {
  display: flex;
  flex-wrap: wrap;
  gap: 8px;
}

.lit span {
  border: 1.5px solid var(--ink);
  border-radius: 5px;
  padding: 1px 8px;
  font-size: 0.88rem;
}

.side > .overline:not(:first-child) {
  margin-top: 10px;
}
</style>
