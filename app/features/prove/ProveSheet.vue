<script setup lang="ts">
import WhenOpened from '../../shared/WhenOpened.vue';
import { capital } from '../../../core/words/capital';
import { computed } from 'vue';
import { RouterLink } from 'vue-router';
import { howOftenKey } from '../../../core/proof/before';
import { LAMP_PROOF } from '../../../core/proof/proofSteps';
import { showOwn } from '../../../core/quantities/ownUnits';
import { usePreferences } from '../../stores/preferences';
import AnswerAsk from './AnswerAsk.vue';
import VerdictPanel from './VerdictPanel.vue';
import DrivePlan from '../../shared/drive/DrivePlan.vue';
import StateMark from '../../shared/marks/StateMark.vue';
import { useProve } from './useProve';
import { texts } from '#words/screens/prove';
import { inSentence } from '#words/language';

const prove = useProve();
const { values } = usePreferences();
const ending = computed(() => prove.job.file?.ending ?? null);
const OTHER_ENDINGS = [
  ['unverified', texts.noTimeToProve],
  ['unsolved', texts.iGiveUpFor],
  ['handed-over', texts.itIsWithA],
] as const;
const MARKS = { good: 'checked-good', bad: 'at-fault', open: 'not-checked' } as const;
</script>

<template>
  <div class="prove">
    <header>
      <h1>{{ texts.proveThatItStays }}</h1>
      <p v-if="prove.repairs.value.length > 0" class="muted">{{ texts.after(prove.repairs.value.join('; ')) }}</p>
      <p v-else class="muted">
        {{ texts.noRepairIsRecorded }}
        <RouterLink :to="{ name: 'fix' }">{{ texts.recordARepair }}</RouterLink> {{ texts.ifOneWasMade }}
      </p>
    </header>
    <VerdictPanel
      v-if="prove.view.value && prove.job.file"
      :view="prove.view.value"
      :file="prove.job.file"
      @end="prove.end"
      @not-cured="prove.notCured"
      @came-back="prove.cameBack"
      @often="(id) => prove.job.dispatch({ do: 'work', step: howOftenKey(id), state: 'done' })"
    />
    <label v-if="!ending" class="switch">
      <el-switch
        :model-value="prove.noReader.value !== ''"
        data-test="no-reader"
        @change="(now: unknown) => (prove.noReader.value = now ? 'yes' : '')"
      />
      {{ texts.noCodeReaderAt }}
    </label>
    <p v-if="prove.noReader.value !== '' && !ending" class="muted">
      {{ texts.lampsOutAfterThe(LAMP_PROOF.trips, showOwn(LAMP_PROOF.kilometres, values.distance)) }}
    </p>
    <ol class="steps">
      <li
        v-for="row in prove.shown.value"
        :key="row.key"
        :class="row.step.state"
        :data-test="`proof-step-${row.step.id}`"
      >
        <div class="words">
          <h2 class="title">
            <StateMark v-if="row.step.by" :state="MARKS[row.step.state]" />
            <span>{{ row.where ? `${capital(row.where)}: ${inSentence(row.title)}` : row.title }}</span>
          </h2>
          <p class="muted">{{ row.text }}</p>
          <p v-if="row.answer" class="said" data-test="proof-said">
            <b>{{ row.answer.words }}.</b> {{ row.answer.meaning }}
          </p>
        </div>
        <div class="chips">
          <button
            v-for="choice in row.answers"
            :key="choice.id"
            type="button"
            class="tap"
            :aria-pressed="row.answer?.id === choice.id"
            :data-test="`proof-${row.step.id}-${choice.id}`"
            @click="prove.answer(row.key, choice)"
          >
            {{ choice.words }}
          </button>
          <button
            v-if="row.step.by"
            type="button"
            class="tap quiet"
            data-test="take-back"
            @click="prove.takeBack(row.step)"
          >
            {{ texts.takeBack }}
          </button>
        </div>
        <details v-if="row.step.id === 'drive' && !ending" class="plan" data-test="open-drive-plan">
          <summary>{{ texts.planTheDrive }}</summary>
          <WhenOpened><DrivePlan /></WhenOpened>
        </details>
        <AnswerAsk v-if="prove.asked.value?.key === row.key" :prove="prove" />
      </li>
    </ol>
    <details v-if="!ending">
      <summary>{{ texts.endTheJobAnother }}</summary>
      <div class="chips">
        <button v-for="[id, words] in OTHER_ENDINGS" :key="id" class="tap" type="button" @click="prove.end(id)">
          {{ words }}
        </button>
      </div>
    </details>
  </div>
</template>

<style scoped>
.prove {
  padding: 20px 26px 30px;
  display: grid;
  gap: 22px;
  max-width: 920px;
}

.steps {
  list-style: none;
  margin: 0;
  padding: 0;
  border-top: 1px solid var(--line);
}

.steps li {
  display: grid;
  gap: 10px;
  padding: 14px 0 14px 16px;
  border-bottom: 1px solid var(--line);
  border-left: 6px dotted var(--question);
}

.steps li.good {
  border-left: 6px solid var(--proved);
}

.steps li.bad {
  border-left: 6px solid var(--fault);
}

.good .mark {
  color: var(--proved);
}

.bad .mark {
  color: var(--fault);
}

.title {
  display: flex;
  gap: 8px;
  align-items: baseline;
}

.said {
  margin-top: 4px;
}

.switch {
  display: flex;
  gap: 12px;
  align-items: center;
  min-height: var(--target);
}

summary {
  min-height: var(--target);
  display: flex;
  align-items: center;
  color: var(--action);
  font-weight: 600;
  cursor: pointer;
}

@media (max-width: 700px) {
  .prove {
    padding: 14px 16px 24px;
  }
}
</style>
