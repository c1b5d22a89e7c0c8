<script setup lang="ts">
import { computed, ref, watch } from 'vue';
import { ALONE } from '../../../core/commands/answered';
import { texts } from '#words/screens/find';

/** What an eye finds: several findings of one part are kept together; "sound" and "can't see it" stand alone. */
const props = defineProps<{ findings: readonly string[]; wordsFor: (finding: string) => string }>();
const emit = defineEmits<{ keep: [found: readonly string[]] }>();
const chosen = ref<readonly string[]>([]);
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
    <div class="alone">
      <button type="button" class="tap" data-answer="sound" @click="emit('keep', ['sound'])">
        {{ wordsFor('sound') }}
      </button>
      <button type="button" class="tap quiet" data-answer="hidden" @click="emit('keep', ['hidden'])">
        {{ texts.cantSeeItFrom }}
      </button>
    </div>
    <p class="muted">{{ texts.orWhatIsWrong }}</p>
    <div class="answers" role="group" :aria-label="texts.findings">
      <button
        v-for="entry in damage"
        :key="entry"
        type="button"
        class="tap"
        :aria-pressed="chosen.includes(entry)"
        :data-answer="entry"
        @click="toggle(entry)"
      >
        {{ wordsFor(entry) }}
      </button>
    </div>
    <Teleport defer to="#own-bar">
      <footer class="bar">
        <p>{{ chosen.length > 0 ? chosen.map(wordsFor).join(', ') : texts.chooseWhatYouSee }}</p>
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

.alone {
  display: flex;
  flex-wrap: wrap;
  gap: 10px;
}

.answers {
  display: grid;
  grid-template-columns: repeat(auto-fill, minmax(160px, 1fr));
  gap: 10px;
}

.answers .tap,
.alone .tap {
  min-height: max(56px, var(--target));
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

.bar button:disabled {
  opacity: 0.5;
  cursor: not-allowed;
}
</style>
