<script setup lang="ts">
import { computed } from 'vue';
import type { Fastener } from '../../../../core/casefile/contract';
import { FASTENER_KINDS, FASTENER_STATES } from '../../../../core/casefile/words';
import { otherSpanners } from '../../../../core/quantities/spanner';
import { useJob } from '../../../stores/job';
import { texts } from '#words/screens/fix';

/** All that may be said of a fastener; every field is kept as it is left. */
const props = defineProps<{ fastener: Fastener }>();
const job = useJob();
const MOST = 99;
const set = (is: Partial<Omit<Fastener, 'id'>>): Promise<unknown> =>
  job.dispatch({ do: 'fastener-is', id: props.fastener.id, is });
const others = computed(() => otherSpanners(props.fastener.size ?? '').join(', '));
const FLAGS = [
  ['renew', texts.renewIt],
  ['locker', texts.threadLocker],
  ['empty', texts.holeWasEmpty],
  ['leftOut', texts.leaveItOut],
] as const;
</script>

<template>
  <div class="fields">
    <label
      >{{ texts.nameOfIt
      }}<el-input :model-value="fastener.name" @change="(name: string) => name.trim() && set({ name })"
    /></label>
    <label
      >{{ texts.kind
      }}<el-select :model-value="fastener.kind" @update:model-value="(kind: Fastener['kind']) => set({ kind })"
        ><el-option v-for="kind in FASTENER_KINDS" :key="kind" :value="kind" :label="texts.kinds[kind]" /></el-select
    ></label>
    <label
      >{{ texts.howMany
      }}<el-input-number
        :model-value="fastener.count"
        :min="1"
        :max="MOST"
        @update:model-value="(count?: number) => set({ count: count ?? 1 })"
    /></label>
    <label
      >{{ texts.sizeOf
      }}<el-input
        :model-value="fastener.size ?? ''"
        placeholder="10 mm"
        @change="(size: string) => set({ size })"
      /><small v-if="others">{{ texts.alsoFits(others) }}</small></label
    >
    <label
      >{{ texts.threadLength
      }}<el-input
        :model-value="fastener.thread ?? ''"
        placeholder="M6 × 16 mm"
        @change="(thread: string) => set({ thread })"
    /></label>
    <label
      >{{ texts.whereYouPut }}<el-input :model-value="fastener.put ?? ''" @change="(put: string) => set({ put })"
    /></label>
    <label
      >{{ texts.stateOfIt
      }}<el-select
        :model-value="fastener.state ?? 'sound'"
        @update:model-value="(state: NonNullable<Fastener['state']>) => set({ state })"
        ><el-option
          v-for="state in FASTENER_STATES"
          :key="state"
          :value="state"
          :label="texts.states[state]" /></el-select
    ></label>
    <div class="chips">
      <button
        v-for="[flag, words] in FLAGS"
        :key="flag"
        type="button"
        class="tap"
        :aria-pressed="fastener[flag] === true"
        :data-test="`flag-${flag}`"
        @click="set({ [flag]: fastener[flag] !== true })"
      >
        {{ words }}
      </button>
      <button type="button" class="tap quiet" @click="job.dispatch({ do: 'remove-fastener', id: fastener.id })">
        {{ texts.takeOff }}
      </button>
    </div>
  </div>
</template>

<style scoped>
.fields {
  display: grid;
  grid-template-columns: repeat(auto-fill, minmax(190px, 1fr));
  gap: 12px 18px;
  padding: 10px 0;
}

label {
  display: grid;
  gap: 4px;
  color: var(--muted);
}

.chips {
  grid-column: 1 / -1;
}
</style>
