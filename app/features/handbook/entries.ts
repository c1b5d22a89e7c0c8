import { capital } from '../../../core/words/capital';
import MiniSearch from 'minisearch';
import { FAILURE_TYPES } from '../../../core/codes/failureTypes';
import { STANDARD_MEANINGS } from '../../../core/codes/standardMeanings';
import { CHECKS } from '../../../core/knowledge/checks/all';
import { STEP_CAUTIONS } from '../../../core/knowledge/guide/stepCautions';
import type { Plate } from '../../shared/drawings/plate';
import { TERM_PLATES, type TermId } from '../../shared/drawings/plates/terms';
import { texts } from '#words/screens/handbook';
import { texts as trade } from '#words/shared/terms';

export type Topic = keyof typeof texts.topics;

/** A piece of the handbook. */
export interface HandbookEntry {
  readonly id: string;
  readonly topic: Topic;
  readonly title: string;
  readonly text: string;
  readonly plate?: Plate;
}

const sentence = (words: string): string => (/[.!?]$/u.test(words) ? words : `${words}.`);

const listed = (topic: Topic, rows: readonly { readonly title: string; readonly text: string }[]): HandbookEntry[] =>
  rows.map(({ title, text }, at) => ({ id: `${topic}-${at}`, topic, title, text }));

/** Everything that the handbook says, out of the tables that the adviser works with: nothing in it is written twice. */
export const HANDBOOK: readonly HandbookEntry[] = [
  ...listed('meter', texts.meter),
  ...CHECKS.filter(({ manner }) => manner === undefined).map((record): HandbookEntry => ({
    id: `check-${record.check}`,
    topic: 'checks',
    title: capital(record.name),
    text: [
      record.words,
      ...(record.sheet?.lines ?? []),
      ...record.ifs.map((said) => (typeof said === 'string' ? said : said.text)),
    ]
      .map(sentence)
      .join(' '),
  })),
  ...[...STANDARD_MEANINGS].map(([code, { meaning }]): HandbookEntry => ({
    id: `code-${code}`,
    topic: 'codes',
    title: texts.code(code),
    text: texts.codeText(capital(meaning)),
  })),
  ...[...FAILURE_TYPES].map(([byte, { meaning, nature }]): HandbookEntry => ({
    id: `failure-${byte}`,
    topic: 'failure',
    title: texts.failureType(byte, meaning),
    text: texts.natures[nature],
  })),
  ...listed('home', texts.home),
  ...[...STEP_CAUTIONS].map(([id, text]): HandbookEntry => {
    const [title = '', ...rest] = text.split(/(?<=[.:])\s/u);
    return { id: `caution-${id}`, topic: 'cautions', title, text: rest.join(' ') };
  }),
  ...(Object.entries(trade.terms) as [TermId, { forms: readonly string[]; says: string }][]).map(
    ([id, { forms, says }]): HandbookEntry => ({
      id: `word-${id}`,
      topic: 'words',
      title: capital(forms[0] ?? id),
      text: says,
      plate: TERM_PLATES[id],
    }),
  ),
];

/** Words of one letter or sign count, too: Ω, V. */
const WORDS = /[\s,.;:()/"“”’'…-]+/u;
const index = new MiniSearch<HandbookEntry>({
  fields: ['title', 'text'],
  tokenize: (text) => text.split(WORDS).filter(Boolean),
  searchOptions: {
    boost: { title: 3 },
    prefix: true,
    fuzzy: (term) => (term.length > 4 ? 0.2 : false),
    combineWith: 'AND',
  },
});
index.addAll(HANDBOOK);

/**
 * What of the handbook fits some words, best first; all of it for none.
 * @param words as typed.
 */
export function searched(words: string): readonly HandbookEntry[] {
  if (words.trim() === '') return HANDBOOK;
  const byId = new Map(HANDBOOK.map((entry) => [entry.id, entry]));
  return index.search(words).flatMap(({ id }) => byId.get(String(id)) ?? []);
}
