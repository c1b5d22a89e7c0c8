<script setup lang="ts">
import { RouterLink } from 'vue-router';
import { sayMoney } from '../../../core/words/money';
import type { MoveView } from './moveView';
import { texts } from '#words/shared/nextMove';

/** The foot of every stage: one recommended action. */
defineProps<{
  view: MoveView | null;
  currency: string;
  isThinking: boolean;
  isStale: boolean;
  isCompact: boolean;
  reminder: string;
}>();
const emit = defineEmits<{ why: [] }>();
</script>

<template>
  <footer class="bar" :class="{ stop: view?.isStop, compact: isCompact }" aria-live="polite">
    <div class="words">
      <p v-if="reminder" class="reminder" data-test="reminder">{{ reminder }}</p>
      <p v-if="isStale" class="reminder" data-test="stale">{{ texts.thisAdviceIsFrom }}</p>
      <p class="heading">{{ view?.heading ?? texts.thinking }}<span v-if="isThinking && view"> …</span></p>
      <p class="sentence" data-test="next-move">{{ view?.sentence ?? texts.workingOutTheNext }}</p>
      <p v-if="view" class="facts">
        <span v-if="view.minutes !== null"
          ><b class="figure">{{ view.minutes }} min</b></span
        >
        <span v-if="view.cost !== null"
          ><b class="figure">{{ sayMoney(view.cost, currency) }}</b> {{ texts.toSpend }}</span
        >
        <span v-if="view.why" class="why">{{ view.why }}</span>
      </p>
      <!-- Room for what is coming: nothing moves when the adviser has answered. -->
      <p v-else class="facts" aria-hidden="true">&nbsp;</p>
    </div>
    <button class="second" type="button" :disabled="!view" @click="emit('why')">
      <b>{{ texts.whyThis }}</b><span>{{ texts.andOtherMoves }}</span>
    </button>
    <RouterLink v-if="view && view.button !== ''" class="first" :to="view.to" data-test="do-move"
      >{{ view.button }}<kbd>{{ texts.n }}</kbd></RouterLink
    >
    <span v-else-if="!view" class="first blank" aria-hidden="true" />
  </footer>
</template>

<style scoped>
.bar {
  background: var(--bar);
  color: var(--bar-text);
  display: grid;
  grid-template-columns: minmax(0, 1fr) auto auto;
  gap: 20px;
  align-items: center;
  padding: 14px 24px;
  min-height: 128px;
}

.heading {
  font-size: 0.85rem;
  color: var(--bar-muted);
}

.reminder {
  font-weight: 650;
  color: var(--bar-action);
}

.sentence {
  font-size: 1.35rem;
  font-weight: 650;
  line-height: 1.2;
}

.stop .sentence {
  font-size: 1.1rem;
}

.facts {
  margin-top: 5px;
  display: flex;
  flex-wrap: wrap;
  gap: 2px 18px;
  font-size: 0.92rem;
  color: var(--bar-muted);
}

.facts b {
  color: var(--bar-text);
}

.second,
.first {
  min-height: 62px;
  border-radius: 10px;
  padding: 8px 18px;
  cursor: pointer;
}

.second {
  border: 1px solid var(--bar-line);
  background: none;
  color: var(--bar-text);
  display: grid;
  font-size: 0.88rem;
}

.second span {
  color: var(--bar-muted);
}

.first {
  background: var(--bar-action);
  color: var(--bar-action-text);
  font-size: 1.15rem;
  font-weight: 650;
  padding-inline: 28px;
  display: flex;
  align-items: center;
  gap: 12px;
  text-decoration: none;
}

.first.blank {
  background: none;
}

kbd {
  font: 600 0.75rem var(--mono);
  border: 1.5px solid currentcolor;
  border-radius: 4px;
  padding: 0 5px;
}

.bar.compact {
  grid-template-columns: minmax(0, 1fr) auto auto;
  gap: 10px;
  padding: 6px 12px calc(6px + env(safe-area-inset-bottom));
  min-height: 0;
}

.compact .words {
  grid-column: auto;
}

.compact .heading,
.compact .facts,
.compact .second span,
.compact kbd {
  display: none;
}

.compact .sentence {
  font-size: 1rem;
  overflow: hidden;
  display: -webkit-box;
  -webkit-box-orient: vertical;
  -webkit-line-clamp: 2;
}

.compact .second {
  align-content: center;
}

.compact .second,
.compact .first {
  min-height: 48px;
  padding: 4px 14px;
  font-size: 1rem;
}

.bar :focus-visible {
  outline-color: var(--bar-text);
}

@media (max-width: 520px) {
  .compact .second {
    display: none;
  }

  .bar.compact {
    grid-template-columns: minmax(0, 1fr) auto;
  }
}

@media (max-width: 700px) {
  .bar:not(.compact) {
    grid-template-columns: auto minmax(0, 1fr);
    gap: 8px 10px;
    padding: 10px 16px calc(12px + env(safe-area-inset-bottom));
    min-height: 0;
  }

  .bar:not(.compact) .words {
    grid-column: 1 / -1;
  }

  .bar:not(.compact) .sentence {
    font-size: 1.12rem;
  }

  .why,
  kbd {
    display: none;
  }

  .bar:not(.compact) .first {
    justify-content: center;
    min-height: 56px;
    padding-inline: 12px;
  }

  .bar:not(.compact) .second {
    min-height: 56px;
    padding: 4px 12px;
  }
}
</style>
