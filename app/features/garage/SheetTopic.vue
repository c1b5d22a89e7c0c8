<script setup lang="ts">
import WhenOpened from '../../shared/WhenOpened.vue';
/** One topic of the spec sheet, folded until it is wanted, with where to find its figures. */
defineProps<{ title: string; where: string }>();
</script>

<template>
  <details class="topic">
    <summary>
      <b>{{ title }}</b><span class="muted">{{ where }}</span>
    </summary>
    <div class="inner">
      <WhenOpened><slot /></WhenOpened>
    </div>
  </details>
</template>

<style scoped>
.topic {
  width: 100%;
  border-top: 1px solid var(--line);
}

summary {
  min-height: var(--target);
  padding: 10px 0 10px 26px;
  display: grid;
  gap: 2px;
  cursor: pointer;
  position: relative;
  list-style: none;
}

summary::-webkit-details-marker {
  display: none;
}

summary::before {
  content: '';
  position: absolute;
  left: 4px;
  top: 18px;
  width: 9px;
  height: 9px;
  border-right: 2.5px solid var(--action);
  border-bottom: 2.5px solid var(--action);
  transform: rotate(-45deg);
}

.topic[open] summary::before {
  transform: rotate(45deg);
}

summary b {
  font-size: 1.1rem;
}

.inner {
  display: grid;
  gap: 12px;
  padding: 4px 0 20px 26px;
}

@media (max-width: 700px) {
  .inner {
    padding-left: 0;
  }
}
</style>
