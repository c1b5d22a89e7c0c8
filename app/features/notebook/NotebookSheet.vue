<script setup lang="ts">
import { computed, ref, watch } from 'vue';
import { RouterLink } from 'vue-router';
import { writeCaseFile, caseFileName } from '../../../core/casefile/write';
import { reminderKey, remindersOf } from '../../../core/report/reminders';
import { faultName } from '../../../core/knowledge/faults';
import { tally } from '../../../core/ledger/tally';
import { sayChannel } from '../../../core/vehicle/sides';
import InTurns from '../../shared/InTurns';
import PhotosOf from '../../shared/photos/PhotosOf.vue';
import ReminderList from '../../shared/reminders/ReminderList.vue';
import { saveText } from '../../shared/saveText';
import { endingWords } from '../../../core/proof/endingWords';
import { sayMoney, USUAL_CURRENCY } from '../../../core/words/money';
import { percent } from '../../../core/words/percent';
import { useJob } from '../../stores/job';
import { usePorts } from '../../stores/ports';
import { usePreferences } from '../../stores/preferences';
import LedgerPanel from './LedgerPanel.vue';
import TimelineList from './TimelineList.vue';
import { useDraft, withoutRecorded } from '../../stores/useDraft';
import { texts } from '#words/screens/notebook';

/** The record of the job: what was believed, what happened when, what it cost; and its file. */
const job = useJob();
const { now } = usePorts();
const { values } = usePreferences();
const text = useDraft(() => `${job.record?.id}.note`, true);

/** The name as it is typed; what another tab makes of it comes in when nobody types here. */
const title = ref('');
const isNaming = ref(false);
watch([() => job.record?.title, isNaming], ([now]) => isNaming.value || (title.value = now ?? ''), { immediate: true });
const currency = computed(() => job.file?.owner?.currency ?? USUAL_CURRENCY);
const sums = computed(() => tally(job.file?.costs ?? [], currency.value));
const top = computed(() => job.assessment?.ranking[0]);

const reminders = computed(() =>
  job.file
    ? remindersOf(job.file, values.sides).map((reminder) => ({
        job: job.record?.id ?? '',
        vehicle: job.file?.vehicle.name ?? '',
        reminder,
      }))
    : [],
);
const seeTo = (_job: string, id: string): Promise<unknown> =>
  job.dispatch({ do: 'work', step: reminderKey(id), state: 'done' });

function save(): void {
  const { file } = job;
  if (file)
    saveText(
      caseFileName(`${file.vehicle.name ?? ''} ${job.record?.title ?? ''}`, now().slice(0, 10)),
      writeCaseFile(file),
    );
}

async function addNote(): Promise<void> {
  const before = text.value;
  if (before.trim() === '') return;
  await job.dispatch({ do: 'note', text: before.trim() });
  text.value = withoutRecorded(text.value, before);
}
</script>

<template>
  <div class="notebook">
    <InTurns>
      <header class="top">
        <div>
          <h1>{{ texts.theRecord(job.file?.vehicle.name ?? '') }}</h1>
          <p v-if="top" class="muted">
            {{ texts.mostLikelyNow(faultName(top.fault))
            }}<template v-if="top.channel"
              >, {{ sayChannel(top.channel, values.sides, job.file?.vehicle.steeringSide) }}</template
            >{{ texts.spent(percent(top.probability), sayMoney(sums.spent, currency)) }}
          </p>
          <p v-else-if="job.isThinking" class="muted" aria-hidden="true">&nbsp;</p>
          <p v-if="job.file?.ending" data-test="ended">{{ endingWords(job.file).join(' ') }}</p>
        </div>
        <div class="chips">
          <RouterLink class="tap strong" :to="{ name: 'record' }" data-test="open-record">{{
            texts.record
          }}</RouterLink>
          <button class="tap" type="button" data-test="export" @click="save">{{ texts.saveTheJobAs }}</button>
        </div>
      </header>
      <section>
        <h2 class="overline">{{ texts.thisJobIsCalled }}</h2>
        <el-input
          v-model="title"
          :aria-label="texts.nameOfTheJob"
          maxlength="60"
          @input="(now: string) => job.setTitle(now)"
          @focus="isNaming = true"
          @blur="isNaming = false"
        />
      </section>
      <section class="note">
        <el-input
          v-model="text"
          type="textarea"
          :rows="2"
          :placeholder="texts.aNoteWithThe"
          :aria-label="texts.aNote"
        />
        <div class="chips">
          <button class="tap" type="button" :disabled="text.trim() === ''" @click="addNote">{{ texts.noteIt }}</button>
          <PhotosOf of="job" :what="texts.theJob" />
        </div>
      </section>
      <ReminderList :entries="reminders" @done="seeTo" />
      <LedgerPanel />
      <TimelineList />
    </InTurns>
  </div>
</template>

<style scoped>
.notebook {
  padding: 20px 26px 30px;
  display: grid;
  gap: 20px;
  max-width: 920px;
}

.top {
  display: flex;
  flex-wrap: wrap;
  justify-content: space-between;
  gap: 14px;
  align-items: center;
}

.top > :first-child {
  flex: 1 1 300px;
}

.note {
  display: grid;
  gap: 10px;
}

@media (max-width: 700px) {
  .notebook {
    padding: 14px 16px 24px;
  }
}
</style>
