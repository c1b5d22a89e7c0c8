<script setup lang="ts">
import { computed } from 'vue';
import type { CheckDrawing } from '../../../core/knowledge/checks/check';

/** What to do, drawn: where the probes go, which sign on the dial. */
const props = defineProps<{ drawing: CheckDrawing }>();
const METERS: readonly CheckDrawing[] = [
  'meter-sensor',
  'meter-body',
  'meter-spin',
  'meter-supply',
  'meter-module',
  'meter-wire',
  'meter-battery',
  'meter-current',
];
const isMeter = computed(() => METERS.includes(props.drawing));
const sign = computed(
  () =>
    ({ 'meter-spin': 'V~', 'meter-supply': 'V=', 'meter-battery': 'V=', 'meter-current': 'mA' })[
      props.drawing as string
    ] ?? 'Ω',
);
</script>

<template>
  <svg class="drawing" viewBox="0 0 360 110" aria-hidden="true">
    <g v-if="isMeter">
      <rect x="14" y="8" width="74" height="94" rx="9" class="paper" />
      <rect x="23" y="17" width="56" height="22" rx="4" />
      <circle cx="51" cy="70" r="20" />
      <path d="M51 70l11-13" />
      <text x="60" y="54">{{ sign }}</text>
      <path d="M88 84c40 0 48-50 92-46M88 92c44 2 62-34 92-34" />
      <path class="probe" d="M180 38l26 8M180 58l26-3" />
    </g>
    <g v-if="drawing === 'meter-sensor' || drawing === 'meter-spin'">
      <path class="paper" d="M212 36h34v30h-34zM206 45h6M206 56h6" />
      <path d="M246 51c16 0 18 28 40 28" />
      <rect x="286" y="66" width="26" height="26" class="paper" />
      <g v-if="drawing === 'meter-spin'">
        <circle cx="334" cy="50" r="18" />
        <path d="M322 36a20 20 0 0 1 26 6M348 34v9h-9" />
      </g>
    </g>
    <g v-else-if="drawing === 'meter-body'">
      <path class="paper" d="M212 30h34v24h-34z" />
      <path d="M246 42c14 0 20 18 34 18" />
      <rect x="280" y="46" width="44" height="30" class="paper" />
      <path class="probe" d="M206 62c30 24 56 20 74 10" />
    </g>
    <g v-else-if="drawing === 'meter-supply'">
      <path class="paper" d="M212 32h40v38h-40zM206 45h6M206 56h6" />
      <path d="M252 45c40 0 50-14 100-14M252 56c40 0 50-8 100-8" />
    </g>
    <g v-else-if="drawing === 'meter-module'">
      <rect x="212" y="24" width="86" height="54" rx="5" class="paper" />
      <path d="M222 36h10M238 36h10M254 36h10M270 36h10M222 52h10M238 52h10M254 52h10M270 52h10M222 66h10M238 66h10" />
    </g>
    <g v-else-if="drawing === 'meter-wire'">
      <path d="M206 46h130M206 46v10M336 46v14" />
      <path class="paper" d="M198 56h20v22h-20zM322 60h30v26h-30z" />
    </g>
    <g v-else-if="drawing === 'meter-battery'">
      <rect x="214" y="34" width="96" height="56" rx="4" class="paper" />
      <path d="M228 34v-9h14v9M282 34v-9h14v9M231 54h10M284 54h10M289 49v10" />
    </g>
    <g v-else-if="drawing === 'meter-current'">
      <path d="M206 46h40M206 57h-8M262 46h60" />
      <path class="paper" d="M246 34h16v24h-16zM316 34h26v26h-26z" />
    </g>
    <g v-else-if="drawing === 'eye'">
      <path d="M110 55c30-40 110-40 140 0-30 40-110 40-140 0z" class="paper" />
      <circle cx="180" cy="55" r="18" />
      <circle cx="180" cy="55" r="5" />
    </g>
    <g v-else-if="drawing === 'spin'">
      <circle cx="130" cy="55" r="42" class="paper" />
      <circle cx="130" cy="55" r="12" />
      <path d="M86 34a48 48 0 0 1 62-22M148 4v10h-11" />
      <rect x="220" y="24" width="96" height="62" rx="6" class="paper" />
      <path d="M232 68c12-30 18-30 28-6s16 6 24-14 14-10 22 4" />
    </g>
    <g v-else-if="drawing === 'blade'">
      <circle cx="110" cy="55" r="34" class="paper" />
      <path d="M144 55h8M156 40v30h44V40zM150 16v78" />
      <path d="M150 16h110v10H150z" class="paper" />
    </g>
    <g v-else-if="drawing === 'swap'">
      <rect x="70" y="36" width="50" height="38" class="paper" />
      <rect x="240" y="36" width="50" height="38" class="paper" />
      <path d="M130 44h98l-10-7M230 66h-98l10 7" />
    </g>
    <g v-else-if="drawing === 'plug'">
      <path class="paper" d="M90 36h60v38H90zM196 30h70v50h-70z" />
      <path d="M150 46h20M150 62h20M60 55h30M266 55h40M180 30v50" />
    </g>
    <g v-else-if="drawing === 'road'"><path d="M80 100 150 12M280 100 210 12M180 96V80M180 66V52M180 40V28" /></g>
    <g v-else>
      <circle cx="180" cy="50" r="40" class="paper" />
      <path d="M166 40c0-18 28-18 28 0 0 12-14 10-14 24M180 74v2" />
    </g>
  </svg>
</template>

<style scoped>
.drawing {
  width: 100%;
  max-width: 420px;
  max-height: 132px;
  fill: none;
  stroke: var(--ink);
  stroke-width: 2;
  stroke-linecap: round;
  stroke-linejoin: round;
}

.paper {
  fill: var(--raised);
}

.probe {
  stroke-width: 4;
}

text {
  font: 700 14px var(--text);
  fill: var(--ink);
  stroke: none;
}
</style>
