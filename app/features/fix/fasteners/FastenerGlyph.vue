<script setup lang="ts">
import type { Fastener } from '../../../../core/casefile/contract';

/** A fastener by its kind, seen from the side. */
defineProps<{ kind: Fastener['kind'] }>();
const SHAPES: Readonly<Record<Fastener['kind'], string>> = {
  hex: 'M9 8h14v8H9zM13 8v8M19 8v8M13 16h6v12h-6zM13 20h6M13 24h6',
  'inner-hex': 'M10 6h12v9H10zM13 6l1.5 4h3L19 6M13 15h6v13h-6zM13 20h6M13 24h6',
  star: 'M7 14c0-6 18-6 18 0zM14 9l4 2M18 9l-4 2M13 14h6v14h-6zM13 19h6M13 23h6',
  nut: 'M16 5l10 6v10l-10 6-10-6V11zM16 11a5 5 0 1 0 .01 0z',
  screw: 'M7 12c0-5 18-5 18 0zM13 12h6l-1 12-2 5-2-5zM13 17h6M13 21h5',
  rivet: 'M6 8h20l-3 5H9zM12 13h8v14h-8zM16 8v19M13 5h6v3h-6z',
  clip: 'M7 13c0-7 18-7 18 0zM14 13h4v5h4l-6 10-6-10h4z',
  other: 'M16 6a10 10 0 1 0 .01 0zM16 12v8M12 16h8',
};
</script>

<template>
  <svg viewBox="0 0 32 32" aria-hidden="true"><path :d="SHAPES[kind]" /></svg>
</template>

<style scoped>
svg {
  width: 42px;
  height: 42px;
  flex: none;
  fill: var(--board);
  stroke: var(--ink);
  stroke-width: 1.7;
  stroke-linejoin: round;
  stroke-linecap: round;
}
</style>
