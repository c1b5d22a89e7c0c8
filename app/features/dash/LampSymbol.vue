<script setup lang="ts">
/** Zelf's own lamp drawings: what the lamp means, in even line. */
defineProps<{ lamp: string }>();
</script>

<template>
  <svg class="symbol" viewBox="0 0 48 48" aria-hidden="true">
    <g v-if="lamp === 'abs'">
      <circle cx="24" cy="24" r="15" />
      <path d="M12 36 36 12M24 9v5M24 34v5M9 24h5M34 24h5" />
    </g>
    <g v-else-if="lamp === 'stability'"><path d="M17 10h14l3 9H14zM10 40c6-6-2-10 4-16M38 40c-6-6 2-10-4-16" /></g>
    <g v-else-if="lamp === 'brake'">
      <circle cx="24" cy="24" r="13" />
      <path d="M7 14a20 20 0 0 0 0 20M41 14a20 20 0 0 1 0 20" />
    </g>
    <g v-else-if="lamp === 'brake-red'">
      <circle cx="24" cy="24" r="13" />
      <path d="M7 14a20 20 0 0 0 0 20M41 14a20 20 0 0 1 0 20M24 16v10M24 31v1" />
    </g>
    <g v-else-if="lamp === 'pad-wear'">
      <circle cx="24" cy="24" r="12" />
      <path d="M8 16v16M40 16v16M14 39h4M22 39h4M30 39h4" />
    </g>
    <g v-else-if="lamp === 'parking-brake'"><path d="M10 38h28M16 38 34 14M34 14l4 4M18 20h-6M22 14h-6" /></g>
    <g v-else-if="lamp === 'hill-start'"><path d="M6 40 42 18M14 28l6-4 6 2 6-8M30 10h8v8" /></g>
    <g v-else-if="lamp === 'hill-descent'"><path d="M6 18 42 40M16 16l6 4M38 24v8h-8" /></g>
    <g v-else-if="lamp === 'tyre-pressure'">
      <path d="M12 12c-4 10-2 18 4 26h16c6-8 8-16 4-26M18 38v-4M24 38v-4M30 38v-4M24 14v12M24 30v1" />
    </g>
    <g v-else-if="lamp === 'airbag'">
      <circle cx="30" cy="24" r="9" />
      <path d="M12 10v4M12 18l-2 14h10l4 10" />
    </g>
    <g v-else-if="lamp === 'engine'"><path d="M10 20h6l4-5h10v5h6l4 6v10H18l-4-4h-4zM22 11h8" /></g>
    <g v-else-if="lamp === 'service'">
      <path d="M32 10a9 9 0 0 0-11 12L9 34l5 5 12-12a9 9 0 0 0 12-11l-5 5-5-1-1-5z" />
    </g>
    <g v-else><path d="M8 12h32v20H26l-8 8v-8H8zM15 19h18M15 25h12" /></g>
  </svg>
</template>

<style scoped>
.symbol {
  width: 38px;
  height: 38px;
  fill: none;
  stroke: currentcolor;
  stroke-width: 2.4;
  stroke-linecap: round;
  stroke-linejoin: round;
  flex: none;
}
</style>
