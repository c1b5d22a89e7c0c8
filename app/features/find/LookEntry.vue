<script setup lang="ts">
import { computed, ref, watch } from 'vue';
import { ALONE } from '../../../core/commands/answered';
import type { LookPart } from '../../../core/casefile/words';
import { texts } from '#words/screens/find';
import FindingCard from './FindingCard.vue';
import SideBySide from './SideBySide.vue';

/** What an eye finds, by picture: several findings of one part are kept together; "sound" and "can't see it" stand alone. */
const props = defineProps<{
  part: LookPart;
  findings: readonly string[];
  wordsFor: (finding: string) => string;
}>();
const emit = defineEmits<{ keep: [found: readonly string[], isUnsure?: boolean] }>();
const chosen = ref<readonly string[]>([]);
const isUnsure = ref(false);
const damage = computed(() => props.findings.filter((finding) => !ALONE.includes(finding)));
watch(
  () => props.findings,
  () => (chosen.value = []),
);

function toggle(finding: string): void {
  chosen.value = chosen.value.includes(finding)
    ? chosen.value.filter((other) => other !== finding)
    : [...chosen.value, finding];
}
</script>

<template>
  <section class="looks">
    <h2 class="overline">{{ texts.whatDoYouFind }}</h2>
    <div class="cards" role="group" :aria-label="texts.findings">
      <FindingCard
        :part="part"
        finding="sound"
        :words="wordsFor('sound')"
        :is-chosen="false"
        @choose="emit('keep', ['sound'])"
      />
      <FindingCard
        v-for="finding in damage"
        :key="finding"
        :part="part"
        :finding="finding"
        :words="wordsFor(finding)"
        :is-chosen="chosen.includes(finding)"
        @choose="toggle(finding)"
      />
      <button type="button" class="hidden-here" data-answer="hidden" @click="emit('keep', ['hidden'])">
        <svg viewBox="0 0 48 32" aria-hidden="true">
          <path d="M3 16C14 1 34 1 45 16 34 31 14 31 3 16ZM8 30 40 2" />
          <circle cx="24" cy="16" r="7" />
        </svg>
        <span
          ><b>{{ texts.cantSeeItFrom }}</b
          ><span class="muted">{{ texts.thenAnotherCheck }}</span></span
        >
      </button>
    </div>
    <SideBySide
      v-model="isUnsure"
      :part="part"
      :findings="['sound', ...chosen]"
      :words-for="wordsFor"
      @keep="emit('keep', chosen, true)"
    />
    <Teleport defer to="#own-bar">
      <footer class="bar">
        <p>{{ chosen.length > 0 ? chosen.map(wordsFor).join(', ') : texts.chooseWhatYouSee }}</p>
        <button
          type="button"
          class="second"
          :disabled="chosen.length === 0"
          data-test="not-sure"
          @click="isUnsure = true"
        >
          {{ texts.notSure }}
        </button>
        <button type="button" :disabled="chosen.length === 0" data-test="keep" @click="emit('keep', chosen)">
          {{ texts.keepWhatISaw }}
        </button>
      </footer>
    </Teleport>
  </section>
</template>

<style scoped>
.looks {
  display: grid;
  gap: 10px;
}

.cards {
  display: grid;
  grid-template-columns: repeat(auto-fill, minmax(min(196px, 100%), 1fr));
  gap: 14px;
}

.hidden-here {
  display: flex;
  align-items: center;
  gap: 16px;
  min-height: max(88px, var(--target));
  padding: 14px 16px;
  border: 2px dashed var(--ink);
  border-radius: 10px;
  background: none;
  color: inherit;
  font: inherit;
  text-align: left;
  cursor: pointer;
}

.hidden-here svg {
  flex: none;
  width: 48px;
  fill: none;
  stroke: currentcolor;
  stroke-width: 2.4;
  stroke-linecap: round;
}

.hidden-here b,
.hidden-here .muted {
  display: block;
}

.bar {
  background: var(--bar);
  color: var(--bar-text);
  display: flex;
  flex-wrap: wrap;
  justify-content: space-between;
  align-items: center;
  gap: 8px 16px;
  padding: 12px 24px calc(12px + env(safe-area-inset-bottom));
}

.bar button {
  min-height: 56px;
  border: none;
  border-radius: 10px;
  padding: 8px 28px;
  background: var(--bar-action);
  color: var(--bar-action-text);
  font-size: 1.1rem;
  font-weight: 650;
  cursor: pointer;
}

.bar p {
  flex: 1 1 12rem;
}

.bar .second {
  background: none;
  border: 1.5px solid currentcolor;
  color: inherit;
}

.bar button:disabled {
  opacity: 0.5;
  cursor: not-allowed;
}

@media (max-width: 560px) {
  .bar {
    padding-inline: 16px;
    gap: 6px 10px;
  }

  .bar p {
    flex-basis: 100%;
  }

  .bar button {
    flex: 1;
    padding-inline: 12px;
    font-size: 1.05rem;
  }

  .cards {
    grid-template-columns: 1fr 1fr;
    gap: 10px;
  }

  .hidden-here {
    grid-column: 1 / -1;
  }
}
</style>
