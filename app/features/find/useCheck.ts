import { computed, ref } from 'vue';
import { useRoute } from 'vue-router';
import { checkNameOf } from '../../../core/knowledge/checks/nameOf';
import { isOfCar } from '../../../core/knowledge/checks/all';
import { openFor } from '../../../core/knowledge/setups';
import { standingOpen } from '../../../core/planning/seen';
import { contextWith, timelineOf } from '../../../core/evidence/timeline';
import type { CaseFile, ObservationOf } from '../../../core/casefile/contract';
import type { Channel, Quantity } from '../../../core/casefile/words';
import { sheetFor, type CheckSheet } from '../../../core/knowledge/checks/sheets';
import { meterWords, type MeterWords } from '../../../core/evidence/meterWords';
import { parseReading } from '../../../core/quantities/parseReading';
import { useJob, type NewObservation } from '../../stores/job';
import { useDraft } from '../../stores/useDraft';
import { meterObservation } from './meterObservation';

export const UNITS: Readonly<Record<Quantity, readonly string[]>> = {
  resistance: ['kΩ', 'Ω', 'MΩ'],
  'ac-voltage': ['V', 'mV'],
  'dc-voltage': ['V', 'mV'],
  'dc-current': ['mA', 'A'],
};

/** The set-up lines that are still to do: what stands open is not asked again. */
function setupOf(sheet: CheckSheet, file: CaseFile, channel: Channel | null): readonly string[] {
  const open = standingOpen(file, timelineOf(file).stages.at(-1)?.observations ?? []);
  return sheet.setup
    .filter((line) => !line.opens || ![...openFor([line.opens], file, channel)].every((key) => open.has(key)))
    .map((line) => line.text);
}

/** What a reading would mean if it were kept now. */
function verdictOf(meter: Omit<ObservationOf<'meter'>, 'id'>, channel: Channel | null, file: CaseFile): MeterWords {
  const reading = { ...meter, id: '' };
  return meterWords(reading, channel, contextWith(timelineOf(file), reading));
}

/** The observation that the sheet says again, where it was opened to correct one; what is kept then takes its place. */
function useCorrection(id: () => string) {
  const job = useJob();
  const corrects = computed(() => job.file?.observations.find((one) => one.id === id()) ?? null);
  async function record(found: readonly NewObservation[]): Promise<string[]> {
    const [first] = found;
    if (!corrects.value || !first) return job.observe(...found);
    await job.dispatch({ do: 'correct', id: corrects.value.id, said: first });
    return [corrects.value.id];
  }
  return { corrects, record };
}

/** A check sheet as opened from its address: what is asked, what was typed, what it would mean. */
export function useCheck() {
  const route = useRoute();
  const job = useJob();
  const name = computed(() => String(route.query['do'] ?? ''));
  const sheet = computed(() => sheetFor(name.value));
  const channel = computed<Channel | null>(() => {
    const named = String(route.query['at'] ?? '') as Channel;
    if (isOfCar(name.value)) return null;
    return job.file?.vehicle.channels.includes(named) ? named : job.subject;
  });
  const draft = (part: string) => useDraft(() => `${job.record?.id}.${name.value}.${channel.value}.${part}`);
  const text = draft('text');
  const unit = draft('unit');
  const temperature = draft('temperature');
  const leads = draft('leads');
  const range = draft('range');
  const isUnsteady = ref(false);
  const isWiggling = ref(route.query['while'] === 'wiggle');

  const answer = computed(() => sheet.value?.answer ?? null);
  const quantity = computed<Quantity | null>(() => (answer.value?.is === 'meter' ? answer.value.quantity : null));
  const units = computed(() => (quantity.value ? UNITS[quantity.value] : []));
  const chosenUnit = computed({
    get: () => (units.value.includes(unit.value) ? unit.value : (units.value[0] ?? '')),
    set: (now: string) => (unit.value = now),
  });
  const setup = computed(() => (sheet.value && job.file ? setupOf(sheet.value, job.file, channel.value) : []));

  const parsed = computed(() =>
    quantity.value && text.value !== ''
      ? parseReading(text.value === 'OL' ? 'OL' : `${text.value} ${chosenUnit.value}`, quantity.value)
      : null,
  );
  const problem = computed(() => (parsed.value && !parsed.value.ok ? (parsed.value.problems[0]?.message ?? '') : ''));

  const meter = computed(() =>
    parsed.value?.ok && answer.value?.is === 'meter'
      ? meterObservation(answer.value, channel.value, parsed.value.value, {
          leads: leads.value,
          range: range.value,
          temperature: temperature.value,
          isUnsteady: isUnsteady.value,
          isWiggling: isWiggling.value,
        })
      : null,
  );
  const verdict = computed(() => (meter.value && job.file ? verdictOf(meter.value, channel.value, job.file) : null));
  const earlier = computed(() =>
    (job.file?.observations ?? []).filter(
      (one) => !one.withdrawn && checkNameOf(one) === name.value && (one.channel ?? null) === channel.value,
    ),
  );

  const { corrects, record } = useCorrection(() => String(route.query['correct'] ?? ''));

  async function keep(...found: readonly NewObservation[]): Promise<string[]> {
    const ids = await record(found);
    for (const each of [text, unit, temperature, leads, range]) each.value = '';
    isUnsteady.value = false;
    isWiggling.value = false;
    return ids;
  }

  return {
    job,
    name,
    sheet,
    channel,
    answer,
    setup,
    text,
    unit: chosenUnit,
    units,
    temperature,
    leads,
    range,
    isUnsteady,
    isWiggling,
    problem,
    meter,
    verdict,
    earlier,
    corrects,
    keep,
  };
}
