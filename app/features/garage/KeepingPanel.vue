<script setup lang="ts">
import { computed, onMounted, shallowRef } from 'vue';
import { usePorts, type Room } from '../../stores/ports';
import { sayBytes } from '../../shared/sayBytes';
import { nudgeOf } from './useBackUps';
import { texts } from '#words/shared/bundle';

/** Where everything lies, how much room it takes, and whether a back-up is due. */
const { room, askToStay, now } = usePorts();
const props = defineProps<{ last: string; changed: readonly string[] }>();
const emit = defineEmits<{ save: [] }>();
const space = shallowRef<Room | null>(null);
const look = async (): Promise<void> => void (space.value = await room());
onMounted(look);

async function keep(): Promise<void> {
  await askToStay();
  await look();
}

const nudge = computed(() => nudgeOf(props.last, props.changed, now()));
</script>

<template>
  <section class="keeping">
    <p v-if="nudge" class="told" data-test="back-up-nudge">
      {{ nudge }}
      <button type="button" class="tap" @click="emit('save')">{{ texts.saveAll }}</button>
    </p>
    <p class="muted">
      {{ texts.everythingStays }}
      <template v-if="space">{{ texts.room(sayBytes(space.used), sayBytes(space.quota)) }}</template>
      <template v-if="space && !space.isKept">
        {{ texts.mayBeCleared }}
        <button type="button" class="tap quiet" data-test="ask-to-stay" @click="keep">{{ texts.askToKeep }}</button>
      </template>
    </p>
    <progress v-if="space" :value="space.used" :max="space.quota" :aria-label="texts.roomUsed" />
  </section>
</template>

<style scoped>
.keeping {
  display: grid;
  gap: 8px;
}

.told {
  display: flex;
  flex-wrap: wrap;
  gap: 8px 16px;
  align-items: center;
}

progress {
  width: min(320px, 100%);
  height: 8px;
  accent-color: var(--action);
}
</style>
