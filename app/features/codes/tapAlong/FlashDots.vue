<script setup lang="ts">
import type { Take } from '../../../../core/codes/rhythm/take';

/** What was counted, drawn: a dot a flash, a bar a long one, digit by digit. */
const props = defineProps<{ take: Take }>();
const isBar = (digit: number): boolean => props.take.scheme === 'long-short' && digit === 0;
</script>

<template>
  <div class="codes" aria-hidden="true">
    <span v-for="(code, at) in take.counts.slice(-6)" :key="at" class="code">
      <span v-for="(count, digit) in code" :key="digit" class="digit">
        <i v-for="entry in Math.min(count, 20)" :key="entry" :class="{ bar: isBar(digit) }" />
      </span>
    </span>
  </div>
</template>

<style scoped>
.codes {
  display: flex;
  flex-wrap: wrap;
  justify-content: center;
  gap: 12px 30px;
}

.code,
.digit {
  display: flex;
  flex-wrap: wrap;
  gap: 5px 16px;
}

.digit {
  gap: 5px;
}

i {
  width: 13px;
  height: 13px;
  border-radius: 50%;
  background: var(--ink);
}

i.bar {
  width: 30px;
  border-radius: 6px;
}
</style>
