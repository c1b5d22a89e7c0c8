<template>
  <g>
    <path
      class="body"
      d="M150 20c-34 0-46 14-48 40l-4 56 2 130-2 56c2 26 18 36 52 36s50-10 52-36l-2-56 2-130-4-56c-2-26-14-40-48-40z"
    />
    <path class="thin" d="M110 58c26-10 54-10 80 0M122 150v112M178 150v112" />
    <path
      class="glass"
      d="M108 118c28-14 56-14 84 0l-12 30c-20-6-40-6-60 0zM124 268c18 4 34 4 52 0l12 34c-24 8-52 8-76 0z"
    />
    <g class="module">
      <rect x="131" y="68" width="36" height="22" rx="3" />
      <path d="M139 90v6M146 90v6M153 90v6M160 90v6" />
    </g>
  </g>
</template>

<style scoped>
.body {
  fill: var(--raised);
  stroke: var(--ink);
  stroke-width: 2;
  fill-opacity: 0.96;
}

.thin {
  fill: none;
  stroke: var(--ink);
  stroke-opacity: 0.35;
  stroke-width: 1.6;
}

.glass,
.module rect,
.module path {
  fill: var(--ground);
  stroke: var(--ink);
  stroke-width: 2;
  stroke-linejoin: round;
}
</style>
