import { computed } from 'vue';
import type { Observation, ObservationOf } from '../../../core/casefile/contract';
import { meaningFor } from '../../../core/codes/meaningFor';
import { readerNames } from '../../../core/codes/readerNames';
import { readReaderText, type FoundCode } from '../../../core/codes/readerText/readReaderText';
import { FAILURE_NAMES } from '../../../core/report/names';
import { sayChannel } from '../../../core/vehicle/sides';
import { useJob } from '../../stores/job';
import { usePreferences } from '../../stores/preferences';
import { useDraft } from '../../stores/useDraft';

type Code = ObservationOf<'code'>;

const WHOSE = {
  entered: '',
  owner: 'your own meaning',
  reader: "the reader's wording",
  standard: 'public table',
  none: 'nobody says',
} as const;

/** What a code means, ready to be shown. */
export function shownMeaning(
  code: Omit<Code, 'id'>,
  file: NonNullable<ReturnType<typeof useJob>['file']>,
  sides: Parameters<typeof sayChannel>[1],
): { readonly words: string; readonly whose: string } {
  const { channel, failure, decoded, by } = meaningFor({ id: '', ...code }, file.vehicle, readerNames(file).meaning);
  const where = channel ? sayChannel(channel, sides, file.vehicle.steeringSide) : '';
  const words = [where, failure ? FAILURE_NAMES[failure] : decoded.meaning].filter(Boolean).join(', ');
  return { words: words || 'meaning not known', whose: WHOSE[by] };
}

/** What the Codes stage shows and does. */
export function useCodes() {
  const job = useJob();
  const { values } = usePreferences();
  const text = useDraft(() => `${job.record?.id}.codes`);
  const read = computed(() => readReaderText(text.value, job.file?.vehicle.codeMeanings ?? {}));
  const found = computed<readonly FoundCode[]>(() => (read.value.ok ? read.value.value.found : []));
  const leftover = computed(() => (read.value.ok ? read.value.value.leftover : []));
  const problem = computed(() => (read.value.ok ? '' : (read.value.problems[0]?.message ?? '')));
  const counted = computed<readonly Observation[]>(() => job.file?.observations.filter((one) => !one.withdrawn) ?? []);
  const recorded = computed(() => counted.value.filter((one): one is Code => one.kind === 'code'));
  const clears = computed(() => counted.value.filter((one): one is ObservationOf<'clear'> => one.kind === 'clear'));

  function asObservation(one: FoundCode): Omit<Code, 'id'> {
    return {
      kind: 'code',
      code: one.code,
      status: one.status,
      ...(one.module ? { module: one.module } : {}),
      ...(one.meaning ? { meaning: one.meaning } : {}),
      ...(one.odometer === null ? {} : { odometer: one.odometer }),
    };
  }

  async function record(statuses: ReadonlyMap<string, Code['status']>): Promise<void> {
    const made = found.value.map((one) => ({ ...asObservation(one), status: statuses.get(one.code) ?? one.status }));
    if (made.length === 0) return;
    await job.observe(...made);
    text.value = '';
  }

  const meaningOf = (code: Omit<Code, 'id'>): { readonly words: string; readonly whose: string } =>
    job.file ? shownMeaning(code, job.file, values.sides) : { words: '', whose: '' };
  return { job, text, found, leftover, problem, recorded, clears, counted, record, asObservation, meaningOf };
}
