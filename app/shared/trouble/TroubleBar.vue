<script setup lang="ts">
import { useElementSize } from '@vueuse/core';
import { computed, ref, useTemplateRef, watchEffect } from 'vue';
import { useJob } from '../../stores/job';
import { usePorts } from '../../stores/ports';
import { useTrouble } from '../../stores/trouble';
import { useGarage } from '../../stores/garage';
import { ADVISER_WORDS, FAULT_WORDS } from './troubleWords';
import { saveEverything, saveJob } from './saveWhatIsLeft';
import { texts } from '#words/shared/trouble';

/** What goes wrong behind the screens, said where it cannot be missed, with a way on. */
const trouble = useTrouble();
const job = useJob();
const garage = useGarage();
const ports = usePorts();
const words = computed(() => (trouble.fault ? FAULT_WORDS[trouble.fault] : null));
const said = ref('');
const isUnread = computed(() => !garage.isLoaded && !job.record);
const reload = (): void => location.reload();

/** Pages that fill the screen leave room for it. */
const { height } = useElementSize(useTemplateRef('bars'));
watchEffect(() => document.documentElement.style.setProperty('--trouble', `${height.value}px`));

async function save(): Promise<void> {
  const now = ports.now();
  said.value = job.record ? saveJob(job.record, trouble.unsaved, now) : await saveEverything(now);
}

function workWithoutStorage(): void {
  ports.keepInMemory();
  trouble.isMemoryOnly = true;
  trouble.tryAgain();
}
</script>

<template>
  <div ref="bars" class="bars">
    <aside v-if="words" class="trouble" role="alert" data-test="storage-trouble">
      <div>
        <h2>{{ words.title }}</h2>
        <p>{{ words.help }}</p>
        <p v-if="said" role="status">{{ said }}</p>
      </div>
      <div class="chips">
        <button
          v-if="trouble.canDecide"
          class="tap strong"
          type="button"
          data-test="try-again"
          @click="trouble.tryAgain"
        >
          {{ texts.tryAgain }}
        </button>
        <button v-if="trouble.fault === 'newer' || !trouble.canDecide" class="tap" type="button" @click="reload">
          {{ texts.reloadThePage }}
        </button>
        <button class="tap" type="button" data-test="save-what-is-left" @click="save">
          {{ job.record ? texts.saveThisJobAs : texts.saveEverythingAsA }}
        </button>
        <button
          v-if="isUnread && trouble.canDecide"
          class="tap"
          type="button"
          data-test="without-storage"
          @click="workWithoutStorage"
        >
          {{ texts.workWithoutStorage }}
        </button>
        <button v-if="!isUnread && trouble.canDecide" class="tap quiet" type="button" @click="trouble.giveUp">
          {{ texts.goOnWithoutStoring }}
        </button>
      </div>
    </aside>
    <aside v-else-if="trouble.isMemoryOnly" class="trouble small" role="status" data-test="memory-only">
      <p>{{ texts.nothingIsStoredWhen }}</p>
    </aside>
    <aside v-if="trouble.isNewVersion" class="trouble" role="alert" data-test="new-version">
      <div>
        <h2>{{ texts.thereIsANew }}</h2>
        <p>{{ texts.aPartOfThe }}</p>
      </div>
      <button class="tap strong" type="button" @click="reload">{{ texts.reloadThePage }}</button>
    </aside>
    <aside v-if="trouble.adviser" class="trouble" role="alert" data-test="adviser-trouble">
      <div>
        <h2>{{ ADVISER_WORDS[trouble.adviser.fault] }}</h2>
        <p>
          {{
            texts.everythingYouEnteredIs(
              trouble.adviser.retry ? texts.reason(trouble.adviser.message) : texts.itIsBeingStarted,
            )
          }}
        </p>
      </div>
      <button
        v-if="trouble.adviser.retry"
        class="tap strong"
        type="button"
        data-test="ask-again"
        @click="trouble.adviser.retry"
      >
        {{ texts.startTheAdviserAgain }}
      </button>
    </aside>
  </div>
</template>

<style scoped>
.bars {
  position: sticky;
  top: 0;
  z-index: 20;
}

.trouble {
  display: flex;
  flex-wrap: wrap;
  align-items: center;
  justify-content: space-between;
  gap: 10px 24px;
  padding: 12px 26px;
  background: var(--raised);
  border-bottom: 3px solid var(--fault);
}

.trouble > div:first-child {
  flex: 1 1 320px;
}

.trouble h2 {
  font-size: 1.1rem;
}

.small {
  padding-block: 6px;
}

@media (max-width: 700px) {
  .trouble {
    padding: 10px 16px;
  }
}
</style>
