<script setup lang="ts">
import { computed, onBeforeUnmount, ref, shallowRef, useTemplateRef, watch } from 'vue';
import type { Fastener } from '../../../../core/casefile/contract';
import type { Channel } from '../../../../core/casefile/words';
import { cardOf, isDue, stillOut } from '../../../../core/guide/fasteners';
import PlateImage from '../../../shared/drawings/PlateImage.vue';
import PhotosOf from '../../../shared/photos/PhotosOf.vue';
import { useJob } from '../../../stores/job';
import { usePhotos } from '../../../stores/photos';
import { cornerGround, spotOnDrawing, spotOnPhoto, spotWithin, type Spot } from './spots';
import { texts } from '#words/screens/fix';

/** Where each fastener sits: its number on the drawing of the corner or on the owner's own photo, moved by finger, pointer or arrow keys. */
const props = defineProps<{ fasteners: readonly Fastener[]; channel: Channel | null; picked: string | null }>();
const emit = defineEmits<{ pick: [id: string | null] }>();
const job = useJob();
const photos = usePhotos();
const ground = computed(() => cornerGround(props.channel));
const key = computed(() => cardOf(props.channel));
const pictures = computed(() => photos.of(key.value));
/** The photo that lies beneath; none: the drawing. */
const photo = ref<string | null>(null);
watch(
  () => pictures.value.length,
  (now, before = 0) => {
    if (now !== before) photo.value = pictures.value.at(-1)?.id ?? null;
  },
  { immediate: true },
);
const large = ref<string | null>(null);
watch(
  photo,
  async (id) => {
    if (large.value) URL.revokeObjectURL(large.value);
    large.value = null;
    if (id) large.value = await photos.fullOf(id);
  },
  { immediate: true },
);

onBeforeUnmount(() => large.value && URL.revokeObjectURL(large.value));

/** Where a number is while it is being moved; it is kept when it is let go. */
const moving = shallowRef<{ readonly id: string; readonly spot: Spot } | null>(null);
const spotOf = (fastener: Fastener): Spot | null => {
  if (moving.value?.id === fastener.id) return moving.value.spot;
  return photo.value ? spotOnPhoto(fastener, photo.value) : spotOnDrawing(fastener, props.channel);
};
const numbered = computed(() =>
  props.fasteners.map((fastener, at) => ({ fastener, number: at + 1, spot: spotOf(fastener) })),
);
const lookOf = (fastener: Fastener): string => {
  if (!isDue(fastener)) return 'none-due';
  return stillOut(fastener) === 0 ? 'is-in' : 'is-out';
};
const nameOf = (number: number, fastener: Fastener): string => `${texts.placeOf(number)}: ${fastener.name}`;

const keep = (id: string, { x, y }: Spot): Promise<unknown> =>
  job.dispatch({ do: 'fastener-is', id, is: { spot: photo.value ? { x, y, on: photo.value } : { x, y } } });

const box = useTemplateRef<HTMLElement>('box');
function under(event: PointerEvent | MouseEvent): Spot {
  const { left = 0, top = 0, width = 1, height = 1 } = box.value?.getBoundingClientRect() ?? {};
  return spotWithin((event.clientX - left) / width, (event.clientY - top) / height);
}

/** The picked number goes where the picture is tapped. */
async function place(event: MouseEvent): Promise<void> {
  if (props.picked) await keep(props.picked, under(event));
}

function grab(event: PointerEvent, id: string): void {
  (event.currentTarget as HTMLElement).setPointerCapture(event.pointerId);
  emit('pick', id);
}
/** A screen reader clicks without a pointer. */
function clicked(event: MouseEvent, id: string): void {
  if (event.detail === 0) emit('pick', id);
}
function drag(event: PointerEvent, id: string): void {
  if ((event.currentTarget as HTMLElement).hasPointerCapture(event.pointerId))
    moving.value = { id, spot: under(event) };
}
/** What is being kept: a key let go and a focus lost keep it once, and a move made meanwhile stays. */
let keeping: typeof moving.value = null;
async function letGo(): Promise<void> {
  const moved = moving.value;
  if (!moved || moved === keeping) return;
  keeping = moved;
  await keep(moved.id, moved.spot);
  if (moving.value === moved) moving.value = null;
}

const STEP = 0.02;
const WAYS: Readonly<Record<string, Spot>> = {
  ArrowLeft: { x: -STEP, y: 0 },
  ArrowRight: { x: STEP, y: 0 },
  ArrowUp: { x: 0, y: -STEP },
  ArrowDown: { x: 0, y: STEP },
};
function nudge(event: KeyboardEvent, fastener: Fastener): void {
  const way = WAYS[event.key];
  if (!way) return;
  event.preventDefault();
  const from = spotOf(fastener) ?? { x: 0.5, y: 0.5 };
  moving.value = { id: fastener.id, spot: spotWithin(from.x + way.x, from.y + way.y) };
}
</script>

<template>
  <section class="card" data-test="fastener-card">
    <div ref="box" class="ground" data-test="card-ground" @click.self="place">
      <PlateImage v-if="!photo" class="under" :plate="ground" />
      <img v-else-if="large" class="under" :src="large" :alt="texts.yourPhoto" draggable="false" />
      <template v-for="{ fastener, number, spot } in numbered" :key="fastener.id">
        <button
          v-if="spot"
          type="button"
          class="dot figure"
          :class="[lookOf(fastener), { picked: picked === fastener.id }]"
          :style="{ left: `${spot.x * 100}%`, top: `${spot.y * 100}%` }"
          :aria-label="nameOf(number, fastener)"
          :aria-pressed="picked === fastener.id"
          :data-test="`dot-${number}`"
          @pointerdown="grab($event, fastener.id)"
          @pointermove="drag($event, fastener.id)"
          @pointerup="letGo()"
          @pointercancel="moving = null"
          @click="clicked($event, fastener.id)"
          @keydown="nudge($event, fastener)"
          @keyup="letGo()"
          @blur="letGo()"
        >
          <span>{{ number }}</span>
        </button>
      </template>
    </div>
    <p v-if="numbered.some(({ spot }) => !spot)" class="tray">
      <span class="muted">{{ texts.notOnPicture }}</span>
      <template v-for="{ fastener, number, spot } in numbered" :key="fastener.id">
        <button
          v-if="!spot"
          type="button"
          class="dot figure loose"
          :class="{ picked: picked === fastener.id }"
          :aria-label="nameOf(number, fastener)"
          :aria-pressed="picked === fastener.id"
          :data-test="`loose-${number}`"
          @click="emit('pick', fastener.id)"
          @keydown="nudge($event, fastener)"
          @keyup="letGo()"
        >
          <span>{{ number }}</span>
        </button>
      </template>
    </p>
    <p v-if="fasteners.length > 0" class="muted">{{ picked ? texts.tapThePlace : texts.tapANumber }}</p>
    <div class="grounds">
      <button type="button" class="tap" :aria-pressed="photo === null" data-test="on-drawing" @click="photo = null">
        {{ texts.drawing }}
      </button>
      <button
        v-for="(picture, at) in pictures"
        :key="picture.id"
        type="button"
        class="tap"
        :aria-pressed="photo === picture.id"
        data-test="on-photo"
        @click="photo = picture.id"
      >
        {{ pictures.length > 1 ? texts.yourPhotoNumber(at + 1) : texts.yourPhoto }}
      </button>
      <PhotosOf :of="key" :what="texts.board" />
    </div>
  </section>
</template>

<style scoped>
.card {
  display: grid;
  gap: 10px;
  align-content: start;
}

.ground {
  position: relative;
  aspect-ratio: 3 / 2;
  border: 1.5px solid var(--ink);
  border-radius: 10px;
  background: var(--board);
  overflow: hidden;
  touch-action: manipulation;
}

.under {
  position: absolute;
  inset: 0;
  width: 100%;
  height: 100%;
  max-height: none;
  object-fit: contain;
  pointer-events: none;
}

.dot {
  width: 64px;
  height: 64px;
  padding: 0;
  border: 0;
  background: none;
  color: var(--ink);
  font-size: 1.1rem;
  display: grid;
  place-items: center;
  cursor: grab;
  touch-action: none;
}

.ground .dot {
  position: absolute;
  transform: translate(-50%, -50%);
}

.dot span {
  width: 38px;
  height: 38px;
  display: grid;
  place-items: center;
  border: 2.5px solid currentcolor;
  border-radius: 50%;
  background: var(--ground);
  color: inherit;
}

.dot.is-in {
  color: var(--proved);
}

.dot.none-due span {
  border-style: dotted;
}

.dot.picked span {
  background: var(--ink);
  border-color: var(--ink);
  color: var(--ground);
  outline: 3px solid var(--ground);
}

.tray,
.grounds {
  display: flex;
  flex-wrap: wrap;
  gap: 4px 10px;
  align-items: center;
  margin: 0;
}
</style>
