import type { OwnMeaning } from '../casefile/contract';
import { SEGMENTS, type Channel, type Failure, type Segment } from '../casefile/words';
import { FAILURE_TYPES, type FailureType } from './failureTypes';
import { readForm, type CodeForm } from './forms';
import { STANDARD_MEANINGS, type StandardMeaning } from './standardMeanings';
import { failureFromWords } from './wording';
import { texts } from '#words/core/codes';

/** A code, decoded, and whose meaning it is. */
export interface DecodedCode {
  readonly input: string;
  readonly form: CodeForm;
  readonly code: string;
  readonly channel: Channel | null;
  readonly segments: readonly Segment[];
  readonly failureType: { readonly byte: string; readonly meaning: string } | null;
  readonly failure: Failure | null;
  readonly meaning: string;
  readonly source: 'standard' | 'owner' | 'none';
  readonly alsoRead?: string;
}

export type OwnMeanings = Readonly<Record<string, OwnMeaning>>;

const ELECTRICAL: readonly Segment[] = ['sensor', 'lead', 'plug', 'loom', 'module'];
const SIGNAL: readonly Segment[] = ['ring', 'gap', 'sensor'];
const ELECTRICAL_FAILURES: readonly (Failure | null)[] = [
  'open',
  'short-to-ground',
  'short-to-supply',
  'circuit',
  'intermittent',
  'supply',
];

function segmentsOf(
  standard: StandardMeaning | undefined,
  type: FailureType | undefined,
  failure: Failure | null,
): readonly Segment[] {
  if (ELECTRICAL_FAILURES.includes(failure) || type?.nature === 'electrical') return ELECTRICAL;
  if (failure !== null || type?.nature === 'signal') return SIGNAL;
  if (standard?.names === 'tone-wheel') return ['ring', 'gap'];
  if (standard?.names === 'sensor-supply') return ['lead', 'plug', 'loom', 'module'];
  return standard?.names === 'sensor' ? SEGMENTS : [];
}

/** The owner's meanings by the code as written, whatever its case and marks. */
function ownMeaningOf(keys: readonly string[], own: OwnMeanings): OwnMeaning | undefined {
  const plain = (code: string): string => code.toUpperCase().replace(/[^0-9A-Z]/g, '');
  for (const wanted of keys.map(plain)) {
    const key = Object.keys(own).find((word) => plain(word) === wanted);
    if (key !== undefined && Object.hasOwn(own, key)) return own[key];
  }
  return undefined;
}

function meaningOf(standard: StandardMeaning | undefined, type: FailureType | undefined): string {
  return [standard?.meaning, type?.meaning].filter(Boolean).join(', ');
}

/**
 * Decodes one trouble code: its form, wheel, what it points at, and whose meaning that is.
 * @param input the code as shown, such as `C0034`, `C0034-13`, `5DB0`, `33`; only its first 100 characters count.
 * @param own the owner's own meanings for this vehicle; they outrank the standard table (SAE J2012 / ISO 15031-6).
 * @returns the decoded code; nothing known gives `source: "none"` and empty fields.
 * @example decode('C0034-13').failure // => "open"
 * @example decode('4034').alsoRead // => "C0034"
 */
export function decode(input: string, own: OwnMeanings = {}): DecodedCode {
  const form = readForm(input);
  const type = form.byte === null ? undefined : FAILURE_TYPES.get(form.byte);
  const standard = form.form === 'standard' ? STANDARD_MEANINGS.get(form.code) : undefined;
  const mine = ownMeaningOf([input.slice(0, 100), form.byte ? form.code + form.byte : form.code, form.code], own);
  const failure = mine?.failure ?? type?.failure ?? (mine?.text ? failureFromWords(mine.text) : null);
  const known = standard !== undefined || type !== undefined;
  return {
    input,
    form: form.form,
    code: form.code,
    channel: mine?.channel ?? standard?.channel ?? null,
    segments: mine?.segment && isSegment(mine.segment) ? [mine.segment] : segmentsOf(standard, type, failure),
    failureType: form.byte === null ? null : { byte: form.byte, meaning: type?.meaning ?? texts.notInThePublic },
    failure,
    meaning: mine ? (mine.text ?? meaningOf(standard, type)) : meaningOf(standard, type),
    source: mine ? 'owner' : known ? 'standard' : 'none',
    ...(form.alsoRead === null ? {} : { alsoRead: form.alsoRead }),
  };
}

function isSegment(word: string): word is Segment {
  return (SEGMENTS as readonly string[]).includes(word);
}
