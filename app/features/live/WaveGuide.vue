<script setup lang="ts">
import { texts } from '#words/screens/log';

/** What is usual and what is not, as speeds over time: drawn once, to be laid beside one's own. */
const WAVES: readonly { readonly id: keyof typeof texts.waves; readonly path: string }[] = [
  { id: 'healthy', path: 'M4 24L40 22L76 20L112 21L148 20L196 20' },
  {
    id: 'turn',
    path: 'M4 22H22L26 34L30 22H54L58 34L62 22H84L88 34L92 22H112L116 34L120 22H138L142 34L146 22H162L166 34L170 22H184L188 34L192 22H196',
  },
  { id: 'gap', path: 'M4 44H60L62 26L90 22L130 20L196 20' },
  { id: 'contact', path: 'M4 20H38V44H46V20H96V44H100V20H108V44H120V20H196' },
  { id: 'tyre', path: 'M4 14H196' },
];
</script>

<template>
  <details class="waves" data-test="waves">
    <summary class="overline">{{ texts.healthyAndSick }}</summary>
    <ul>
      <li v-for="wave in WAVES" :key="wave.id">
        <svg viewBox="0 0 200 50" role="img" :aria-label="texts.waves[wave.id].name">
          <path class="road" d="M4 20H196" />
          <path class="own" :class="wave.id" :d="wave.path" />
        </svg>
        <p>
          <b>{{ texts.waves[wave.id].name }}</b><br />{{ texts.waves[wave.id].more }}
        </p>
      </li>
    </ul>
  </details>
</template>

<style scoped>
summary {
  cursor: pointer;
  min-height: var(--target);
  display: flex;
  align-items: center;
}

summary::before {
  content: '+';
  width: 1.2em;
  font-weight: 700;
}

details[open] > summary::before {
  content: '−';
}

ul {
  list-style: none;
  margin: 0;
  padding: 0;
  display: grid;
  grid-template-columns: repeat(auto-fill, minmax(220px, 1fr));
  gap: 12px 20px;
}

svg {
  width: 100%;
  background: var(--raised);
  border: 1px solid var(--line);
  border-radius: 6px;
}

path {
  fill: none;
  stroke-linejoin: round;
}

.road {
  stroke: var(--question);
  stroke-width: 1;
  stroke-dasharray: 3 3;
}

.own {
  stroke: var(--suspect);
  stroke-width: 2.4;
}

.own.healthy {
  stroke: var(--proved);
}

p {
  margin: 6px 0 0;
}
</style>
