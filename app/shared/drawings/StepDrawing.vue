<script setup lang="ts">
import type { Drawing } from '../../../core/knowledge/guide/step';

/** One drawing a kind of step, in even ink line. */
defineProps<{ drawing: Drawing }>();
</script>

<template>
  <svg class="drawing" viewBox="0 0 360 170" aria-hidden="true">
    <g v-if="drawing === 'chock'">
      <path d="M20 146h320" />
      <circle cx="180" cy="96" r="50" class="paper" />
      <circle cx="180" cy="96" r="16" />
      <path class="paper" d="M92 146h38v-34zM268 146h-38v-34z" />
      <path class="arrow" d="M60 120h22l-8-6M82 120l-8 6M300 120h-22l8-6M278 120l8 6" />
    </g>
    <g v-else-if="drawing === 'wheel-nut'">
      <circle cx="150" cy="88" r="66" class="paper" />
      <circle cx="150" cy="88" r="18" />
      <circle
        v-for="a in 5"
        :key="a"
        :cx="150 + 36 * Math.sin(a * 1.2566)"
        :cy="88 - 36 * Math.cos(a * 1.2566)"
        r="7"
      />
      <path d="M184 76l120-40 6 16-118 42" class="paper" />
      <path class="arrow" d="M296 80a50 50 0 0 1-26 40M270 120l2-12M270 120l12-2" />
    </g>
    <g v-else-if="drawing === 'stand'">
      <path d="M20 156h320M60 40h240v22H60z" class="paper" />
      <path d="M150 62v20l-30 74M150 82l30 74M128 136h44M140 62h20" />
      <path d="M250 156v-60M232 156h36M240 96h20" />
      <path class="arrow" d="M150 14v18l-7-8M150 32l7-8" />
    </g>
    <g v-else-if="drawing === 'wheel'">
      <circle cx="120" cy="86" r="64" class="paper" />
      <circle cx="120" cy="86" r="38" />
      <circle cx="120" cy="86" r="10" />
      <path d="M250 30v112M250 60h30M250 86h36M250 112h30" />
      <path class="arrow" d="M196 86h36l-10-8M232 86l-10 8" />
    </g>
    <g v-else-if="drawing === 'liner'">
      <path d="M50 146c0-90 60-124 130-124s130 34 130 124" class="paper" />
      <path d="M84 146c0-64 44-92 96-92s96 28 96 92" />
      <circle
        v-for="n in 5"
        :key="n"
        :cx="180 + 110 * Math.cos((n * Math.PI) / 6)"
        :cy="146 - 106 * Math.sin((n * Math.PI) / 6)"
        r="8"
        class="paper"
      />
    </g>
    <g v-else-if="drawing === 'photo'">
      <rect x="96" y="40" width="168" height="104" rx="10" class="paper" />
      <path d="M144 40l10-16h52l10 16" />
      <circle cx="180" cy="92" r="32" />
      <circle cx="180" cy="92" r="14" />
    </g>
    <g v-else-if="drawing === 'plug'">
      <path d="M70 56h86v60H70zM208 46h92v80h-92z" class="paper" />
      <path d="M156 70h36M156 86h36M156 102h36M20 86h50M300 86h40M100 56V44h30v12" />
      <path class="arrow" d="M115 18v16l-6-7M115 34l6-7" />
    </g>
    <g v-else-if="drawing === 'clip'">
      <path d="M20 120c60-70 100 30 150-30s90-50 170-50" />
      <path d="M92 74l16 30M92 74l-10 6M108 104l-10 6M214 58l14 30M214 58l-10 5M228 88l-10 5" class="strong" />
    </g>
    <g v-else-if="drawing === 'bolt'">
      <path d="M70 30h120v116H70z" class="paper" />
      <path d="M190 62h60v52h-60zM250 74h40v28h-40z" class="paper" />
      <path d="M150 74h40M150 102h40M160 74v28M172 74v28" />
      <path class="arrow" d="M306 60a34 34 0 0 1 0 56M306 116l12-2M306 116l2-12" />
    </g>
    <g v-else-if="drawing === 'turn' || drawing === 'pull'">
      <path d="M70 150V52c0-20 20-30 40-30h90c24 0 40 14 40 40v88z" class="paper" />
      <path d="M156 74h64v68h-64zM168 74v56h40V74M172 44h32v30M188 44c0-24 40-30 60-26" />
      <path d="M144 62h120l22 12-22 12H144z" class="paper" />
      <circle cx="244" cy="74" r="7" />
      <path class="arrow" d="M312 46c14 20 14 40 0 60M312 46l12 4M312 46l-2 12M312 106l12-4M312 106l-2-12" />
    </g>
    <g v-else-if="drawing === 'bore'">
      <path d="M60 26h240v120H60z" class="paper" />
      <circle cx="180" cy="86" r="38" />
      <circle cx="180" cy="86" r="30" stroke-dasharray="3 6" />
      <path d="M214 52l64-40 10 12-60 46" class="paper" />
    </g>
    <g v-else-if="drawing === 'ring'">
      <circle cx="180" cy="86" r="56" class="paper" />
      <circle cx="180" cy="86" r="36" />
      <path
        v-for="n in 16"
        :key="n"
        :d="`M${180 + 56 * Math.cos((n * Math.PI) / 8)} ${86 + 56 * Math.sin((n * Math.PI) / 8)}L${180 + 68 * Math.cos((n * Math.PI) / 8)} ${86 + 68 * Math.sin((n * Math.PI) / 8)}`"
      />
      <path class="arrow" d="M278 40a84 84 0 0 1 6 76M284 116l-2-12M284 116l10-7" />
    </g>
    <g v-else-if="drawing === 'compare'">
      <path d="M40 40h90v34H40zM130 50h30v14h-30zM40 100h90v34H40zM130 110h30v14h-30z" class="paper" />
      <path d="M160 57c60 0 60-14 160-14M160 117c60 0 60-14 160-14M40 26v12M160 26v20M40 32h120" />
    </g>
    <g v-else-if="drawing === 'seat'">
      <path d="M60 92h100v60H60zM200 92h100v60H200z" class="paper" />
      <path d="M164 40h32v104h-32zM140 76h80v14h-80z" class="paper" />
      <path class="arrow" d="M180 8v22l-7-8M180 30l7-8" />
    </g>
    <g v-else-if="drawing === 'torque'">
      <circle cx="92" cy="96" r="32" class="paper" />
      <path d="M92 78l16 9v18l-16 9-16-9V87z" />
      <path d="M120 82l180-44 5 18-178 46" class="paper" />
      <path class="arrow" d="M300 84a60 60 0 0 1-40 46M260 130l5-11M260 130l12 1" />
    </g>
    <g v-else-if="drawing === 'pedal'">
      <path d="M230 20 170 110M150 100l60 34-12 20-60-34z" class="paper" />
      <path class="arrow" d="M100 60l36 26-12 0M136 86l-4-11" />
    </g>
    <g v-else-if="drawing === 'caliper'">
      <circle cx="130" cy="94" r="58" class="paper" />
      <circle cx="130" cy="94" r="18" />
      <path d="M212 70c30-14 60-4 66 26l-20 30c-30 4-50-6-52-30z" class="paper" />
      <path d="M244 66c0-30 10-46 30-52M274 14h26" />
    </g>
    <g v-else-if="drawing === 'wire'">
      <path d="M20 86h120M220 86h120" class="strong" />
      <path d="M134 70h92v32h-92z" class="paper" />
      <path d="M140 86h80M150 78l8 16M164 78l8 16M178 78l8 16M192 78l8 16" />
    </g>
    <g v-else-if="drawing === 'battery'">
      <rect x="90" y="56" width="180" height="90" rx="6" class="paper" />
      <path d="M114 56V42h24v14M222 56V42h24v14M118 92h18M224 92h18M233 83v18" />
    </g>
    <g v-else-if="drawing === 'fluid'">
      <path d="M120 50h120v92H120zM140 50V30h80v20" class="paper" />
      <path d="M120 70h20M120 118h20M120 96h120" />
    </g>
    <g v-else-if="drawing === 'key'">
      <circle cx="110" cy="86" r="34" class="paper" />
      <circle cx="100" cy="86" r="8" />
      <path d="M144 86h130v20h-16V98h-18v14h-16V98h-80" />
    </g>
    <g v-else>
      <path d="M70 86c60-70 160-70 220 0-60 70-160 70-220 0z" class="paper" />
      <circle cx="180" cy="86" r="28" />
      <circle cx="180" cy="86" r="8" />
    </g>
  </svg>
</template>

<style scoped>
.drawing {
  width: 100%;
  max-width: 460px;
  max-height: 210px;
  fill: none;
  stroke: var(--ink);
  stroke-width: 2;
  stroke-linecap: round;
  stroke-linejoin: round;
}

.paper {
  fill: var(--raised);
}

.arrow {
  stroke: var(--action);
  stroke-width: 4;
}

.strong {
  stroke-width: 5;
}
</style>
