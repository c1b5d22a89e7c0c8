<script setup lang="ts">
import { computed } from 'vue';
import type { Channel } from '../../../core/casefile/words';
import type { LogReport } from '../../../core/livelog/analyse';
import { joinWords } from '#words/language';
import { usePreferences } from '../../stores/preferences';
import { clock, keyOf, sentenceOf, soundKey, titleOf } from './logView';
import { texts } from '#words/screens/log';

/** What a recording shows, finding by finding, each one tap from being evidence. */
const props = defineProps<{ report: LogReport; used: ReadonlySet<string>; say: (channel: Channel) => string }>();
const emit = defineEmits<{ use: [finding: LogReport['findings'][number] | null] }>();
const { values } = usePreferences();
const cards = computed(() =>
  props.report.findings.map((finding) => ({
    finding,
    key: keyOf(finding),
    title: titleOf(finding, props.say(finding.channel)),
    words: sentenceOf(finding, props.say(finding.channel), values.distance),
    span: texts.fromTo(clock(finding.from), clock(finding.to)),
    sure: Math.round(100 * finding.confidence),
  })),
);
const others = computed(() => joinWords(props.report.sound.map(props.say)));
const areOthersUsed = computed(() => props.report.sound.some((channel) => props.used.has(soundKey(channel))));
</script>

<template>
  <ul class="findings" data-test="log-findings">
    <li v-for="card in cards" :key="card.key">
      <span class="sign" aria-hidden="true" />
      <div>
        <h3>{{ card.title }}</h3>
        <p>{{ card.words }} {{ card.span }}</p>
        <div class="foot">
          <span class="sure"
            ><meter min="0" max="100" :value="card.sure" aria-hidden="true" /> {{ texts.confidence(card.sure) }}</span
          ><button
            type="button"
            class="tap"
            :disabled="used.has(card.key)"
            :data-test="`use-${card.finding.channel}`"
            @click="emit('use', card.finding)"
          >
            {{ used.has(card.key) ? texts.used : texts.use }}
          </button>
        </div>
      </div>
    </li>
    <li v-if="report.sound.length > 0" class="good">
      <span class="sign" aria-hidden="true" />
      <div>
        <h3>{{ cards.length > 0 ? texts.othersAgree : texts.nothingFound }}</h3>
        <p>{{ texts.othersAgreeMore(others) }} {{ cards.length > 0 ? '' : texts.nothingFoundMore }}</p>
        <div class="foot">
          <span /><button
            type="button"
            class="tap"
            :disabled="areOthersUsed"
            data-test="use-sound"
            @click="emit('use', null)"
          >
            {{ areOthersUsed ? texts.used : texts.use }}
          </button>
        </div>
      </div>
    </li>
  </ul>
</template>

<style scoped>
.findings {
  list-style: none;
  margin: 0;
  padding: 0;
}

li {
  display: grid;
  grid-template-columns: 30px minmax(0, 1fr);
  gap: 12px;
  padding: 12px 0;
  border-top: 1px solid var(--line);
}

.sign {
  display: grid;
  place-items: center;
  width: 28px;
  height: 28px;
  border: 2px solid var(--suspect);
  border-radius: 6px;
  background: var(--suspect-fill);
  color: var(--suspect);
  font-weight: 800;
}

.sign::before {
  content: '!';
}

.good .sign::before {
  content: '✓';
}

.good .sign {
  border-color: var(--proved);
  border-radius: 50%;
  background: none;
  color: var(--proved);
}

h3 {
  margin: 0;
  color: var(--ink);
  font-size: 1.1rem;
}

p {
  margin: 4px 0 8px;
}

.foot {
  display: flex;
  flex-wrap: wrap;
  justify-content: space-between;
  align-items: center;
  gap: 8px 14px;
}

.sure {
  display: flex;
  gap: 8px;
  align-items: center;
  color: var(--muted);
}

meter {
  width: 70px;
}
</style>
