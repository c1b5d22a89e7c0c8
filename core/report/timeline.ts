import { byTime } from '../casefile/byTime';
import type { CaseFile } from '../casefile/contract';
import { isNote } from '../casefile/note';
import type { SideSpeech } from '../vehicle/sides';
import { COST_USE_NAMES, QUOTE_CASE_NAMES, REPAIR_RESULT_NAMES } from '../knowledge/names';
import { hasEveryWord } from '../words/hasEveryWord';
import { sayMoney } from '../words/money';
import { describeObservation, describeRepair } from './describe';
import { describeWork } from './workWords';
import { texts } from '#words/core/report';

/** What a thing that happened is: seen, done, paid, written down, or shown. */
export const TIMELINE_KINDS = ['seen', 'done', 'paid', 'note', 'photo'] as const;
export type TimelineKind = (typeof TIMELINE_KINDS)[number];

/** One thing that happened in a job. */
export interface TimelineEntry {
  readonly id: string;
  readonly kind: TimelineKind;
  /** When, ISO 8601; empty where nobody noted it. */
  readonly at: string;
  readonly words: string;
  readonly detail: string;
  /** What its pictures are known by. */
  readonly shownBy: string;
}

const textOr = (value: unknown, other: string): string => (typeof value === 'string' ? value : other);

type Told = { readonly sides: SideSpeech };

const withdrawnOr = (withdrawn: boolean | undefined, detail: string, note: string | undefined): string =>
  [withdrawn ? texts.withdrawn : detail, note].filter(Boolean).join(' · ');

const seenIn = (file: CaseFile, speech: Told): TimelineEntry[] =>
  file.observations.map((observation): TimelineEntry => {
    const { title, figure, detail } = describeObservation(observation, file, speech);
    return {
      id: observation.id,
      kind: 'seen',
      at: observation.at ?? '',
      words: title + (figure ? `: ${figure}` : ''),
      detail: withdrawnOr(observation.withdrawn, detail, observation.note),
      shownBy: observation.id,
    };
  });

const doneIn = (file: CaseFile, speech: Told): TimelineEntry[] => [
  ...(file.repairs ?? []).map((repair): TimelineEntry => ({
    id: repair.id,
    kind: 'done',
    at: repair.at ?? '',
    words: describeRepair(repair, file, speech),
    detail: texts.repair(REPAIR_RESULT_NAMES[repair.result]),
    shownBy: repair.id,
  })),
  ...(file.work ?? []).flatMap((entry): TimelineEntry[] => {
    const words = describeWork(entry, file, speech.sides);
    return words
      ? [{ id: entry.id, kind: 'done', at: entry.at ?? '', words, detail: texts.step, shownBy: entry.step }]
      : [];
  }),
];

const paidIn = (file: CaseFile): TimelineEntry[] =>
  (file.costs ?? []).map((cost): TimelineEntry => ({
    id: cost.id,
    kind: 'paid',
    at: cost.at ?? '',
    words: `${cost.item}: ${sayMoney(cost.amount, cost.currency ?? file.owner?.currency)}`,
    detail: [COST_USE_NAMES[cost.use], cost.case ? QUOTE_CASE_NAMES[cost.case] : ''].filter(Boolean).join(', '),
    shownBy: cost.id,
  }));

const notedIn = (file: CaseFile): TimelineEntry[] =>
  (file.notes ?? []).filter(isNote).map((note, at): TimelineEntry => {
    const id = textOr(note.id, `note-${at}`);
    return { id, kind: 'note', at: textOr(note.at, ''), words: note.text, detail: texts.note, shownBy: id };
  });

/** Pictures that belong to nothing else in the list stand by themselves. */
function shownIn(file: CaseFile, others: readonly TimelineEntry[]): TimelineEntry[] {
  const known = new Set(others.map(({ shownBy }) => shownBy));
  const named = new Set(file.observations.map(({ photo }) => photo));
  return (file.attachments ?? [])
    .filter(({ id, of = '' }) => !known.has(of) && !named.has(id))
    .map(({ id, name, takenAt = '', of }): TimelineEntry => ({
      id,
      kind: 'photo',
      at: takenAt,
      words: name,
      detail: texts.photo,
      shownBy: of ?? id,
    }));
}

/**
 * What happened in a job: what was seen, repaired, taken apart, paid, noted and photographed.
 * @param file the job. @param speech how sides are spoken.
 * @returns the entries, newest first; those without a time come last.
 * @example timelineOf({ ...CASE, observations: [], repairs: [], work: [], costs: [], attachments: [], notes: [{ text: 'wet' }, 5] }, { sides: 'left-right' }).map((entry) => entry.words) // => ["wet"]
 */
export function timelineOf(file: CaseFile, speech: Told): TimelineEntry[] {
  const entries = [...seenIn(file, speech), ...doneIn(file, speech), ...paidIn(file), ...notedIn(file)];
  return [...entries, ...shownIn(file, entries)].sort((a, b) => byTime(b.at, a.at));
}

/**
 * The entries of some kinds in which every word that was typed stands.
 * @param entries any. @param kinds which; none for all. @param typed what was typed.
 * @example timelineWith([], [], 'plug') // => []
 */
export function timelineWith(
  entries: readonly TimelineEntry[],
  kinds: readonly TimelineKind[],
  typed: string,
): readonly TimelineEntry[] {
  return entries.filter(
    ({ kind, words, detail }) =>
      (kinds.length === 0 || kinds.includes(kind)) && hasEveryWord(`${words} ${detail}`, typed),
  );
}
