import { computed, ref, type Ref } from 'vue';
import { useRoute, useRouter } from 'vue-router';
import { checkNameOf } from '../../../core/knowledge/checks/nameOf';
import { checkRecord, isOfCar } from '../../../core/knowledge/checks/all';
import { kindIn } from '../../../core/evidence/sensorKind';
import { openFor } from '../../../core/knowledge/setups';
import { standingOpen } from '../../../core/planning/seen';
import { contextWith, timelineOf } from '../../../core/evidence/timeline';
import type { CaseFile, Observation } from '../../../core/casefile/contract';
import type { Channel, JUMPS_AT, Quantity } from '../../../core/casefile/words';
import { sheetFor, type CheckSheet } from '../../../core/knowledge/checks/sheets';
import type { Verdict } from '../../../core/evidence/verdict';
import { verdictOf } from '../../../core/evidence/verdictOf';
import { fromOwn, type OwnUnits } from '../../../core/quantities/ownUnits';
import { typedReading, UNITS_OF } from '../../../core/evidence/typedReading';
import { useJob, type NewObservation } from '../../stores/job';
import { usePreferences } from '../../stores/preferences';
import { useDraft } from '../../stores/useDraft';
import { numberIn } from '../../shared/numberIn';
import { meterObservation } from './meterObservation';

type JumpsAt = (typeof JUMPS_AT)[number];

/** The set-up lines that are still to do: what stands open is not asked again. */
function setupOf(sheet: CheckSheet, file: CaseFile, channel: Channel | null): readonly string[] {
  const open = standingOpen(file, timelineOf(file).stages.at(-1)?.observations ?? []);
  return sheet.setup
    .filter((line) => !line.opens || ![...openFor([line.opens], file, channel)].every((key) => open.has(key)))
    .map((line) => line.text);
}

/** A temperature as typed, in °C; undefined where it is none. */
function celsiusOf(typed: string, unit: OwnUnits['temperature']): number | undefined {
  const value = numberIn(typed);
  return value === undefined ? undefined : fromOwn(value, unit);
}

/** What a reading would mean if it were kept now: the verdict that it will have then. */
function verdictNow(said: NewObservation, file: CaseFile): Verdict | null {
  const reading = { ...said, id: '' } as Observation;
  return verdictOf(reading, contextFor(file)(reading));
}

/** The stage that a reading would be kept in, the reading in it. */
function contextFor(file: CaseFile) {
  const timeline = timelineOf(file);
  return (reading: Observation) => contextWith(timeline, reading);
}

/** The observation that the sheet says again, where it was opened to correct one; what is kept then takes its place. */
function useCorrection(id: () => string) {
  const job = useJob();
  const corrects = computed(() => job.file?.observations.find((observation) => observation.id === id()) ?? null);
  async function record(found: readonly NewObservation[]): Promise<string[]> {
    const [first, ...more] = found;
    if (!corrects.value || !first) return job.observe(...found);
    const { id } = corrects.value;
    await job.dispatch({ do: 'correct', id, said: first });
    return [id, ...(more.length > 0 ? await job.observe(...more) : [])];
  }
  return { corrects, record };
}

/** What is typed of a reading: kept as drafts until it is recorded. */
function useTyped(key: (part: string) => string, startsWiggling: boolean) {
  const draft = (part: string) => useDraft(() => key(part));
  const texts = {
    text: draft('text'),
    unit: draft('unit'),
    temperature: draft('temperature'),
    leads: draft('leads'),
    range: draft('range'),
  };
  const isUnsteady = ref(false);
  const isWiggling = ref(startsWiggling);
  const jumpsAt = ref<JumpsAt | ''>('');
  function clear(): void {
    for (const text of Object.values(texts)) text.value = '';
    [isUnsteady.value, isWiggling.value, jumpsAt.value] = [false, false, ''];
  }
  return { ...texts, isUnsteady, isWiggling, jumpsAt, clear };
}

/** What a reading that is typed comes to: its unit, what is asked or refused, the reading and its verdict. */
function useReading(
  answer: Ref<CheckSheet['answer'] | null>,
  channel: Ref<Channel | null>,
  file: Ref<CaseFile | null>,
  typed: ReturnType<typeof useTyped>,
) {
  const { text, unit, temperature, leads, range, isUnsteady, isWiggling, jumpsAt } = typed;
  const { values } = usePreferences();
  const quantity = computed<Quantity | null>(() => (answer.value?.is === 'meter' ? answer.value.quantity : null));
  const units = computed(() => (quantity.value ? UNITS_OF[quantity.value] : []));
  const beside = computed(() => ({
    leads: leads.value,
    range: range.value,
    celsius: celsiusOf(temperature.value, values.temperature),
    isUnsteady: isUnsteady.value,
    isWiggling: isWiggling.value,
    jumpsAt: jumpsAt.value,
  }));
  const chosen = computed(() => (units.value.includes(unit.value) ? unit.value : null));
  const typedNow = computed(() =>
    answer.value?.is === 'meter' && file.value && text.value !== ''
      ? typedReading(
          text.value,
          chosen.value,
          meterObservation(answer.value, channel.value, { value: 0, quantity: null, resolution: null }, beside.value),
          contextFor(file.value),
        )
      : null,
  );
  const problem = computed(() => (typedNow.value && typedNow.value.is !== 'read' ? typedNow.value.words : ''));
  /** As the display shows it: chosen, or told by the figure. */
  const shownUnit = computed({
    get: () => chosen.value ?? (typedNow.value?.is === 'read' ? typedNow.value.unit : ''),
    set: (now: string) => (unit.value = now),
  });

  const meter = computed(() =>
    typedNow.value?.is === 'read' && answer.value?.is === 'meter'
      ? meterObservation(answer.value, channel.value, typedNow.value.reading, beside.value)
      : null,
  );
  const verdict = computed(() => (meter.value && file.value ? verdictNow(meter.value, file.value) : null));
  const asksUnit = computed(() => typedNow.value?.is === 'asks');
  return { units, unit: shownUnit, problem, asksUnit, meter, verdict };
}

/** A check sheet as opened from its address: what is asked, what was typed, what it would mean. */
export function useCheck() {
  const [route, router, job] = [useRoute(), useRouter(), useJob()];
  const name = computed(() => String(route.query['do'] ?? ''));
  const sheet = computed(() => sheetFor(name.value));
  const channel = computed<Channel | null>(() => {
    const named = String(route.query['at'] ?? '') as Channel;
    if (isOfCar(name.value) || route.query['at'] === 'unknown') return null;
    return job.file?.vehicle.channels.includes(named) ? named : job.subject;
  });
  const typed = useTyped(
    (part) => `${job.record?.id}.${name.value}.${channel.value}.${part}`,
    route.query['while'] === 'wiggle',
  );
  const moveTo = (at: Channel | 'unknown'): void => void router.replace({ query: { ...route.query, at } });
  const answer = computed(() => sheet.value?.answer ?? null);
  const setup = computed(() => (sheet.value && job.file ? setupOf(sheet.value, job.file, channel.value) : []));
  const reading = useReading(
    answer,
    channel,
    computed(() => job.file),
    typed,
  );
  const isSame = (observation: Observation): boolean =>
    !observation.withdrawn &&
    checkNameOf(observation) === name.value &&
    (observation.channel ?? null) === channel.value;
  const earlier = computed(() => (job.file?.observations ?? []).filter(isSame));

  const { corrects, record } = useCorrection(() => String(route.query['correct'] ?? ''));

  async function keep(...found: readonly NewObservation[]): Promise<string[]> {
    const ids = await record(found);
    typed.clear();
    return ids;
  }

  return {
    job,
    name,
    sheet,
    channel,
    answer,
    setup,
    ...typed,
    ...reading,
    moveTo,
    /** Whether the check is of a wheel, so that another may be meant. */
    canMove: computed(
      () => sheet.value !== null && !isOfCar(name.value) && (corrects.value === null || !corrects.value.channel),
    ),
    /** The reading means something on one kind of sensor only, and nobody knows which sits here. */
    asksKind: computed(
      () =>
        sheet.value !== null &&
        channel.value !== null &&
        checkRecord(sheet.value.check)?.only !== undefined &&
        job.file !== null &&
        kindIn(job.file, channel.value) === null,
    ),
    earlier,
    corrects,
    keep,
  };
}
