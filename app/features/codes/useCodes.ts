import { computed } from 'vue';
import type { Observation, ObservationOf, OwnMeaning } from '../../../core/casefile/contract';
import { meaningFor } from '../../../core/codes/meaningFor';
import { readerNames } from '../../../core/codes/readerNames';
import { readReaderText, type FoundCode } from '../../../core/codes/readerText/readReaderText';
import { sortCodes } from '../../../core/codes/roles';
import { FAILURE_NAMES } from '../../../core/knowledge/names';
import { sayChannel } from '../../../core/vehicle/sides';
import { useGarage } from '../../stores/garage';
import { useJob, type NewObservation } from '../../stores/job';
import { usePreferences } from '../../stores/preferences';
import { useDraft, withoutRecorded } from '../../stores/useDraft';
import { texts } from '#words/screens/codes';

type Code = ObservationOf<'code'>;

const WHOSE = {
  entered: '',
  owner: texts.yourOwnMeaning,
  reader: texts.theReadersWording,
  standard: texts.publicTable,
  none: texts.noSourceGivenCheck,
} as const;

/** The table's own corner, which stands ahead in the owner's words already. */
const CORNER_AHEAD = /^(left|right) (front|rear) /;

/** What a code means, ready to be shown. */
export function shownMeaning(
  code: Omit<Code, 'id'>,
  file: NonNullable<ReturnType<typeof useJob>['file']>,
  sides: Parameters<typeof sayChannel>[1],
): { readonly words: string; readonly whose: string } {
  const { channel, failure, decoded, by } = meaningFor({ id: '', ...code }, file.vehicle, readerNames(file).meaning);
  const where = channel ? sayChannel(channel, sides, file.vehicle.steeringSide) : '';
  const said = decoded.source === 'standard' ? decoded.meaning.replace(CORNER_AHEAD, '') : decoded.meaning;
  const words = [where, failure ? FAILURE_NAMES[failure] : said].filter(Boolean).join(', ');
  const whose = by === 'none' && decoded.source !== 'none' ? decoded.source : by;
  return { words: words || texts.meaningNotKnown, whose: WHOSE[whose] };
}

function asObservation(foundCode: FoundCode): Omit<Code, 'id'> {
  const { code, status, module, meaning, odometer } = foundCode;
  return {
    kind: 'code',
    code,
    status,
    ...(module ? { module } : {}),
    ...(meaning ? { meaning } : {}),
    ...(odometer === null ? {} : { odometer }),
  };
}

/** What the Codes stage shows and does. */
export function useCodes() {
  const job = useJob();
  const garage = useGarage();
  const { values } = usePreferences();
  const text = useDraft(() => `${job.record?.id}.codes`, true);
  const read = computed(() => readReaderText(text.value, job.file?.vehicle.codeMeanings ?? {}));
  const found = computed<readonly FoundCode[]>(() => (read.value.ok ? read.value.value.found : []));
  const leftover = computed(() => (read.value.ok ? read.value.value.leftover : []));
  const modules = computed(() => (read.value.ok ? read.value.value.modules : []));
  const advice = computed(() => (read.value.ok ? read.value.value.advice : []));
  const problem = computed(() => (read.value.ok ? '' : (read.value.problems[0]?.message ?? '')));
  const counted = computed<readonly Observation[]>(
    () => job.file?.observations.filter((observation) => !observation.withdrawn) ?? [],
  );
  const recorded = computed(() => counted.value.filter((entry): entry is Code => entry.kind === 'code'));
  const sorted = computed(() => (job.file ? sortCodes(job.file) : []));
  const clears = computed(() =>
    counted.value.filter((entry): entry is ObservationOf<'clear'> => entry.kind === 'clear'),
  );

  /** Records what was found: codes, modules without codes or answer, and the reader's advice as a note. */
  async function record(statuses: ReadonlyMap<string, Code['status']>): Promise<void> {
    const before = text.value;
    const made = found.value.map((entry) => ({
      ...asObservation(entry),
      status: statuses.get(entry.code) ?? entry.status,
    }));
    const answers: NewObservation[] = modules.value.map(({ module, answer }) => ({ kind: answer, module }));
    const said = advice.value.map((entry) => entry.text).join(' ');
    if (made.length + answers.length === 0) return;
    const advised = found.value.findLastIndex((entry) => entry.line < (advice.value[0]?.line ?? 0));
    const note = texts.readersAdvice(said).slice(0, 500);
    const noted = made.map((entry, at) => (said && at === Math.max(0, advised) ? { ...entry, note } : entry));
    await job.observe(...noted, ...answers);
    text.value = withoutRecorded(text.value, before);
  }

  async function recordFlashes(list: readonly string[]): Promise<void> {
    await job.observe(
      ...list.map((entry) => ({
        kind: 'code' as const,
        code: entry,
        status: 'unknown' as const,
        module: 'abs' as const,
        note: texts.flashCodeTwoTakes,
      })),
    );
  }

  /** Takes a recorded code back and puts it into the text again, to be typed right. */
  async function correct(code: Code): Promise<void> {
    await job.withdraw(code.id, true);
    const parts = [code.code, code.meaning ?? '', code.status === 'unknown' || code.meaning ? '' : code.status];
    text.value = [parts.filter(Boolean).join(' '), text.value].filter(Boolean).join('\n');
  }

  async function keepMeaning(code: string, meaning: OwnMeaning | null): Promise<void> {
    if (job.record) await garage.keepMeaning(job.record.vehicleId, code, meaning);
  }

  const meaningOf = (code: Omit<Code, 'id'>): { readonly words: string; readonly whose: string } =>
    job.file ? shownMeaning(code, job.file, values.sides) : { words: '', whose: '' };
  return {
    job,
    text,
    found,
    leftover,
    modules,
    advice,
    problem,
    recorded,
    sorted,
    clears,
    counted,
    record,
    recordFlashes,
    correct,
    keepMeaning,
    asObservation,
    meaningOf,
  };
}
