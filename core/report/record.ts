import type { CaseFile, Observation } from '../casefile/contract';
import { timelineOf } from '../evidence/timeline';
import type { Verdict } from '../evidence/verdict';
import { verdictsOf } from '../evidence/verdictOf';
import { tally } from '../ledger/tally';
import { endingWords } from '../proof/endingWords';
import { REPAIR_RESULT_NAMES } from '../knowledge/names';
import { roundMoney, sayMoney, USUAL_CURRENCY } from '../words/money';
import { describeObservation, describeRepair, type Speech } from './describe';
import { remindersOf } from './reminders';
import { texts } from '#words/core/record';

/** One line of a record. */
export interface RecordLine {
  /** ISO 8601; empty where nobody noted when. */
  readonly at: string;
  readonly words: string;
  readonly figure: string;
  readonly detail: string;
  /** What it amounts to, where it is an answer of a check. */
  readonly verdict?: Verdict;
}

export const RECORD_SECTIONS = [
  'lamps',
  'codes',
  'before',
  'readings',
  'looks',
  'repairs',
  'proof',
  'costs',
  'open',
] as const;
export type RecordSectionId = (typeof RECORD_SECTIONS)[number];

export interface RecordSection {
  readonly id: RecordSectionId;
  readonly heading: string;
  readonly lines: readonly RecordLine[];
}

/** A job on one page, for its owner, a buyer, a workshop or a complaint: nothing that was not seen. */
export interface JobSummary {
  readonly vehicle: string;
  /** How it ended, in a sentence or two. */
  readonly ended: readonly string[];
  readonly sections: readonly RecordSection[];
}

/** Where each kind of observation stands. */
const SECTION_OF: Readonly<Record<Observation['kind'], RecordSectionId>> = {
  lamps: 'lamps',
  symptom: 'lamps',
  code: 'codes',
  'no-code': 'codes',
  'no-answer': 'codes',
  clear: 'codes',
  live: 'readings',
  meter: 'readings',
  distance: 'readings',
  drive: 'proof',
  look: 'looks',
  swap: 'looks',
  substitute: 'looks',
  unplug: 'looks',
  history: 'before',
};

function lineOf(seen: Observation, file: CaseFile, speech: Speech, verdict: Verdict | undefined): RecordLine {
  const { title, figure, detail } = describeObservation(seen, file, speech);
  const said = [detail, seen.note ?? ''].filter(Boolean).join('; ');
  return { at: seen.at ?? '', words: title, figure, detail: said, ...(verdict ? { verdict } : {}) };
}

function costLines(file: CaseFile): readonly RecordLine[] {
  const currency = file.owner?.currency ?? USUAL_CURRENCY;
  const lines = (file.costs ?? []).map((cost): RecordLine => ({
    at: cost.at ?? '',
    words: cost.item,
    figure: sayMoney(cost.amount, cost.currency ?? currency),
    detail: texts.uses[cost.use],
  }));
  if (lines.length === 0) return [];
  const { spent, saved, quote } = tally(file.costs ?? [], file.owner?.currency);
  const sum = (words: string, amount: number): RecordLine => ({
    at: '',
    words,
    figure: sayMoney(amount, currency),
    detail: '',
  });
  const less = saved === null || quote === null ? [] : [sum(texts.saved(sayMoney(quote, currency)), saved)];
  return [...lines, sum(texts.spent, spent), ...less];
}

/**
 * A job in sections, in the order of a printed page.
 * @param file the job. @param speech how the owner speaks. @param withCosts whether money is told.
 * @returns sections that have something to say; withdrawn observations are left out.
 * @example summaryOf({ ...CASE, observations: [], repairs: [] }, { sides: 'left-right' }, false).sections // => []
 */
export function summaryOf(file: CaseFile, speech: Speech, withCosts: boolean): JobSummary {
  const seen = file.observations.filter(({ withdrawn }) => !withdrawn);
  const verdicts = verdictsOf(timelineOf(file));
  const of = (id: RecordSectionId): readonly RecordLine[] =>
    seen
      .filter(({ kind }) => SECTION_OF[kind] === id)
      .map((observation) => lineOf(observation, file, speech, verdicts.get(observation.id)));
  const repairs = (file.repairs ?? []).map((made): RecordLine => ({
    at: made.at ?? '',
    words: describeRepair(made, file, speech),
    figure: '',
    detail: [REPAIR_RESULT_NAMES[made.result], made.note ?? ''].filter(Boolean).join('; '),
  }));
  const open = remindersOf(file, speech.sides)
    .filter(({ done }) => !done)
    .map(({ words, due }): RecordLine => ({ at: '', words, figure: due, detail: '' }));
  const lines: Readonly<Record<RecordSectionId, readonly RecordLine[]>> = {
    lamps: of('lamps'),
    codes: of('codes'),
    before: of('before'),
    readings: of('readings'),
    looks: of('looks'),
    repairs,
    proof: of('proof'),
    costs: withCosts ? costLines(file) : [],
    open,
  };
  return {
    vehicle: [file.vehicle.name, file.vehicle.words].filter(Boolean).join(', '),
    ended: file.ending ? endingWords(file) : [texts.stillOpen],
    sections: RECORD_SECTIONS.filter((id) => lines[id].length > 0).map((id) => ({
      id,
      heading: texts[id],
      lines: lines[id],
    })),
  };
}

/** A cell by RFC 4180; what a spreadsheet would take for a formula is kept as text. */
function cell(value: string): string {
  const isNumber = /^-?\d+([.,]\d+)?$/u.test(value);
  const safe = /^[=+\-@\t\r]/u.test(value) && !isNumber ? `'${value}` : value;
  return /[",\r\n]/u.test(safe) ? `"${safe.replaceAll('"', '""')}"` : safe;
}

const csv = (rows: readonly (readonly string[])[]): string =>
  `${rows.map((row) => row.map(cell).join(',')).join('\r\n')}\r\n`;

/**
 * Readings as comma-separated values (RFC 4180).
 * @param summary of {@link summaryOf}. @returns a header and a row a reading.
 * @example readingsCsv(SUMMARY).includes('1.20') // => true
 */
export function readingsCsv({ sections }: JobSummary): string {
  const lines = sections.find(({ id }) => id === 'readings')?.lines ?? [];
  return csv([texts.csvReadings, ...lines.map(({ at, words, figure, detail }) => [at, words, figure, detail])]);
}

/**
 * The ledger as comma-separated values (RFC 4180), amounts as plain numbers in their currency's decimals.
 * @example ledgerCsv({ ...CASE, costs: [] }).split('\r\n').length // => 2
 */
export function ledgerCsv(file: CaseFile): string {
  const own = file.owner?.currency ?? USUAL_CURRENCY;
  const rows = (file.costs ?? []).map(({ at, item, use, amount, currency = own }) => [
    at ?? '',
    item,
    use,
    String(roundMoney(amount, currency)),
    currency,
  ]);
  return csv([texts.csvLedger, ...rows]);
}

const day = (at: string): string => at.slice(0, 10);
/** Signs that mean something in Markdown are kept as signs. */
const plain = (words: string): string => words.replaceAll(/([\\`*_[\]<>#|])/gu, '\\$1');

/**
 * The record as Markdown.
 * @example summaryMarkdown(SUMMARY, 'ABS lamp').split('\n')[0] // => "# ABS lamp"
 */
export function summaryMarkdown({ vehicle, ended, sections }: JobSummary, title: string): string {
  const blocks = sections.map(({ heading, lines }) =>
    [
      `## ${plain(heading)}`,
      '',
      ...lines.map(({ at, words, figure, detail }) => {
        const said = [words, figure].filter(Boolean).join(': ');
        return `- ${[at ? `${day(at)}:` : '', plain(said), detail ? `(${plain(detail)})` : ''].filter(Boolean).join(' ')}`;
      }),
    ].join('\n'),
  );
  const head = [`# ${plain(title)}`, '', plain(vehicle), '', ...ended.map(plain)].join('\n');
  return `${[head, ...blocks, plain(texts.notASafetyInspection)].join('\n\n')}\n`;
}

/**
 * What is known, and the open question, in a few lines for others who may know. @param likely the likeliest fault in words, with its chance 0 to 1.
 * @example askOthers(SUMMARY, null).split('\n')[0] // => "Tansy: what would you check next?"
 */
export function askOthers(
  { vehicle, sections }: JobSummary,
  likely: { readonly words: string; readonly chance: number } | null,
): string {
  const known = sections
    .filter(({ id }) => id !== 'costs' && id !== 'open')
    .flatMap(({ lines }) =>
      lines.map(({ words, figure, detail }) => `- ${[words, figure, detail].filter(Boolean).join(', ')}`),
    );
  const thought = likely ? [texts.thoughtLikely(likely.words, Math.round(100 * likely.chance))] : [];
  return `${[texts.question(vehicle), '', ...known, '', ...thought].join('\n')}\n`;
}
