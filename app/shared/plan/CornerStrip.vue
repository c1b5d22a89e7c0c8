<script setup lang="ts">
import type { Channel } from '../../../core/casefile/words';
import StateMark from '../marks/StateMark.vue';
import { heard } from '../words/heard';
import type { CornerView } from './planView';
import { texts } from '#words/shared/plan';

/** The plan on a phone: a slim strip of corners. */
defineProps<{ corners: readonly CornerView[]; subject: Channel }>();
const emit = defineEmits<{ select: [channel: Channel] }>();
</script>

<template>
  <div class="strip" role="group" :aria-label="texts.corners">
    <button
      v-for="corner in corners"
      :key="corner.channel"
      type="button"
      :class="[corner.state, { subject: corner.channel === subject }]"
      :aria-pressed="corner.channel === subject"
      :aria-label="heard(corner.shortName, `${corner.name}: ${corner.word}`)"
      :data-corner="corner.channel"
      @click="emit('select', corner.channel)"
    >
      <StateMark :state="corner.state" />{{ corner.shortName }}
    </button>
  </div>
</template>

<style scoped>
.strip {
  display: flex;
  gap: 6px;
}

button {
  flex: 1;
  min-height: 48px;
  display: flex;
  align-items: center;
  justify-content: center;
  gap: 6px;
  font-size: 15px;
  font-weight: 600;
  border: 1.5px solid var(--line);
  border-radius: var(--radius);
  background: none;
  color: var(--question);
}

.subject {
  border: 2px solid var(--ink);
  background: var(--raised);
}

.checked-good {
  color: var(--proved);
}

.suspect {
  color: var(--suspect);
}

.at-fault {
  color: var(--fault);
}
</style>
