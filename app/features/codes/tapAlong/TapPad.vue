<script setup lang="ts">
import { computed, onMounted, onBeforeUnmount, ref, useTemplateRef } from 'vue';
import type { Flash } from '../../../../core/codes/rhythm/flash';
import type { Take } from '../../../../core/codes/rhythm/take';
import FlashDots from './FlashDots.vue';
import { texts } from '#words/screens/codes';

/** The whole screen as one key: tap, or press the space bar, with each flash. */
const props = defineProps<{ read: (flashes: readonly Flash[]) => Take; practice?: readonly Flash[] | null }>();
const emit = defineEmits<{ done: [flashes: Flash[]]; close: [] }>();

const flashes = ref<readonly Flash[]>([]);
const isDown = ref(false);
const isLit = ref(false);
const pad = useTemplateRef<HTMLElement>('pad');
let downAt = 0;
const timers: ReturnType<typeof setTimeout>[] = [];
const soFar = computed(() => props.read(flashes.value));
const KEYS: readonly string[] = [' ', 'Enter', 't', 'T'];

function press(): void {
  if (isDown.value) return;
  isDown.value = true;
  downAt = performance.now() / 1000;
}

function release(): void {
  if (!isDown.value) return;
  isDown.value = false;
  flashes.value = [...flashes.value, { at: downAt, held: performance.now() / 1000 - downAt }];
}

function onKey(event: KeyboardEvent, isPress: boolean): void {
  if (event.key === 'Escape' && isPress) emit('close');
  if (!KEYS.includes(event.key) || event.repeat) return;
  if (event.target instanceof HTMLButtonElement) return;
  event.preventDefault();
  event.stopPropagation();
  if (isPress) press();
  else release();
}

function again(): void {
  flashes.value = [];
  startLamp();
  pad.value?.focus();
}

/** The practice lamp, two seconds after the pad has opened. */
function startLamp(): void {
  timers.splice(0).forEach(clearTimeout);
  isLit.value = false;
  for (const entry of props.practice ?? []) {
    timers.push(setTimeout(() => (isLit.value = true), 2000 + entry.at * 1000));
    timers.push(setTimeout(() => (isLit.value = false), 2000 + (entry.at + entry.held) * 1000));
  }
}

onMounted(again);
onBeforeUnmount(() => timers.forEach(clearTimeout));
</script>

<template>
  <div
    class="cover"
    role="dialog"
    aria-modal="true"
    :aria-label="texts.tapAlongWithThe"
    @keydown="onKey($event, true)"
    @keyup="onKey($event, false)"
  >
    <div
      ref="pad"
      class="pad"
      :class="{ down: isDown }"
      tabindex="0"
      role="button"
      :aria-label="texts.tapWithEachFlash"
      data-test="tap-pad"
      @pointerdown.prevent="press()"
      @pointerup="release()"
      @pointercancel="release()"
      @pointerleave="release()"
      @contextmenu.prevent
    >
      <span v-if="practice" class="lamp" :class="{ lit: isLit }" aria-hidden="true" />
      <p class="call">{{ flashes.length === 0 ? texts.tapHereWithEach : soFar.codes.join('  ') || '…' }}</p>
      <FlashDots v-if="flashes.length > 0" :take="soFar" />
      <p class="hint">
        {{ texts.tapAnywhereHereOr }}
      </p>
    </div>
    <div class="foot">
      <button class="tap quiet" type="button" data-test="tap-close" @click="emit('close')">{{ texts.close }}</button>
      <button class="tap" type="button" :disabled="flashes.length === 0" @click="again">{{ texts.startAgain }}</button>
      <button
        class="tap strong"
        type="button"
        :disabled="flashes.length === 0"
        data-test="tap-done"
        @click="emit('done', [...flashes])"
      >
        {{ texts.done }}
      </button>
    </div>
  </div>
</template>

<style scoped>
.cover {
  position: fixed;
  inset: 0;
  z-index: 60;
  background: var(--ground);
  display: grid;
  grid-template-rows: 1fr auto;
}

.pad {
  display: grid;
  align-content: center;
  justify-items: center;
  gap: 22px;
  padding: 24px;
  text-align: center;
  cursor: pointer;
  touch-action: none;
  user-select: none;
  margin: 14px;
  border: 3px dashed var(--ink);
  border-radius: 18px;
}

.pad.down {
  border: 3px solid var(--action);
  box-shadow: inset 0 0 0 8px var(--action);
  background: var(--raised);
}

.call {
  font: 650 clamp(1.8rem, 7vw, 3.4rem) / 1.1 var(--mono);
}

.hint {
  max-width: 36ch;
  color: var(--muted);
}

.lamp {
  width: 96px;
  height: 96px;
  border-radius: 50%;
  border: 4px solid var(--ink);
}

.lamp.lit {
  background: var(--suspect);
  box-shadow: 0 0 0 14px color-mix(in srgb, var(--suspect) 30%, transparent);
}

.foot {
  display: flex;
  justify-content: flex-end;
  gap: 12px;
  padding: 14px 18px;
  border-top: 1px solid var(--line);
  background: var(--raised);
}

.foot .strong {
  min-width: 140px;
}
</style>
