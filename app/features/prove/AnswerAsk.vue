<script setup lang="ts">
import { usePreferences } from '../../stores/preferences';
import type { useProve } from './useProve';
import { texts } from '#words/screens/prove';
import { inSentence } from '#words/language';

/** What an answer still needs: which codes came back, or how far was driven. */
const props = defineProps<{ prove: ReturnType<typeof useProve> }>();
const { values } = usePreferences();
const { asked, codes, chosen, kilometres, trips } = props.prove;

function keep(): void {
  if (asked.value) void props.prove.record(asked.value.key, asked.value.answer);
}
</script>

<template>
  <section v-if="asked" class="ask" data-test="proof-ask">
    <template v-if="asked.answer.asks === 'codes'">
      <p>{{ texts.whichOfThem }}</p>
      <div class="chips">
        <button
          v-for="code in codes"
          :key="code"
          type="button"
          class="tap"
          :aria-pressed="chosen.includes(code)"
          @click="prove.toggle(code)"
        >
          {{ code }}
        </button>
      </div>
    </template>
    <div v-else class="fields">
      <label
        >{{ texts.distanceDriven(values.distance)
        }}<el-input v-model="kilometres" inputmode="decimal" placeholder="5" data-test="proof-km"
      /></label>
      <label
        >{{ texts.tripsLikeThis }}<el-input v-model="trips" inputmode="numeric" placeholder="1" data-test="proof-trips"
      /></label>
    </div>
    <button
      class="tap strong"
      type="button"
      data-test="proof-keep"
      :disabled="asked.answer.asks === 'codes' && chosen.length === 0"
      @click="keep"
    >
      {{ texts.note(inSentence(asked.answer.words)) }}
    </button>
  </section>
</template>

<style scoped>
.ask {
  display: grid;
  gap: 10px;
  justify-items: start;
  padding: 12px 14px;
  background: var(--raised);
  border: 1px solid var(--line);
}

.fields {
  display: flex;
  flex-wrap: wrap;
  gap: 12px;
}

label {
  display: grid;
  gap: 4px;
  width: 150px;
  font-weight: 600;
}
</style>
