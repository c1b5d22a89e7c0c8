import { createHash } from 'node:crypto';
import { describe, expect, test } from 'vitest';
import { assessFully, printAssessment, type FullAssessment } from '../../core/judgement/assess';
import { moveSentence } from '../../core/judgement/sentence';
import { meaningsOf } from '../../core/judgement/meanings';
import { possibleAnswers } from '../../core/judgement/possibleAnswers';
import { composeGuide } from '../../core/guide/compose';
import { decode } from '../../core/codes/decode';
import { CHECKS } from '../../core/knowledge/checks/all';
import { sheetFor, answersOf } from '../../core/knowledge/checks/sheets';
import { answerText } from '../../core/knowledge/outcomes/words';
import { faultName, ALL_FAULTS } from '../../core/knowledge/faults';
import { PARTS } from '../../core/knowledge/parts';
import { ALL_REPAIRS } from '../../core/knowledge/repairs/all';
import type { CaseFile } from '../../core/casefile/contract';
import { drivePlan } from '../../core/proof/drivePlan';
import { endingWords } from '../../core/proof/endingWords';
import { remindersOf } from '../../core/report/reminders';
import { askOthers, ledgerCsv, readingsCsv, summaryMarkdown, summaryOf } from '../../core/report/record';
import { describeObservation, describeRepair } from '../../core/report/describe';
import { describeWork } from '../../core/report/workWords';
import { caseFileJsonSchema } from '../../core/casefile/jsonSchema';
import { validate } from '../../core/casefile/validate';
import * as words from '../../core/casefile/words';
import { CIRCUIT_CASES } from '../cases/circuit';
import { BESIDE } from '../cases/beside';
import { WHEEL_SIDE } from '../cases/wheelSide';
import { after } from '../cases/writtenCase';
import { HISTORIES } from '../judgements/histories';
import { unmarkedIn } from './unmarked';

/**
 * Core with a catalogue of marked words, once in each language (projects `words-en` and `words-de`): a word without a mark
 * stands outside the catalogue, whatever the linter thinks of it.
 */

const SPEECH = { sides: 'left-right' } as const;
const NAMES = ['Tansy', 'Bertie', 'Pebble'];

/** Texts that leave core for an eye, each with where it came from. */
type Said = readonly (readonly [where: string, words: string])[];

function judged(file: CaseFile, full: FullAssessment): Said {
  const { next, bar, stop, cautions, doubtful, ignored, verdicts } = full;
  return [
    ...next.flatMap(({ move, why }) => [['why', why] as const, ['move', moveSentence(move, file)] as const]),
    ['bar', `${bar?.sentence ?? ''} ${bar?.why ?? ''}`],
    ['stop', stop?.reason ?? ''],
    ...cautions.map(({ text }) => ['caution', text] as const),
    ...[...doubtful, ...ignored].map(({ why }) => ['ignored', why] as const),
    ...Object.values(verdicts).map(({ heading, detail }) => ['verdict', `${heading} ${detail}`] as const),
  ];
}

function inRecord(file: CaseFile): Said {
  const summary = summaryOf(file, SPEECH, true);
  return [
    ...file.observations.map((seen) => {
      const { title, figure, detail } = describeObservation(seen, file, SPEECH);
      return ['observation', `${title} ${figure} ${detail}`] as const;
    }),
    ...(file.repairs ?? []).map((repair) => ['repair', describeRepair(repair, file, SPEECH)] as const),
    ...(file.work ?? []).map((entry) => ['work', describeWork(entry, file, 'left-right') ?? ''] as const),
    ['ending', endingWords(file).join(' ')],
    ['markdown', summaryMarkdown(summary, '')],
    ['csv', readingsCsv(summary) + ledgerCsv(file)],
    ['question', askOthers(summary, null)],
    ...remindersOf(file, 'left-right').map(({ words, why }) => ['reminder', `${words} ${why}`] as const),
    ...drivePlan(file, { ranking: [], cautions: [] }).legs.map(({ words, why }) => ['leg', `${words} ${why}`] as const),
  ];
}

/** What the owner wrote and the reader printed is kept as it came. */
const asItCame = (file: CaseFile): readonly string[] =>
  file.observations.flatMap((seen) => [
    ...('shownAs' in seen && seen.shownAs ? [seen.shownAs] : []),
    ...(seen.kind === 'code' && seen.meaning ? [seen.meaning] : []),
  ]);

function wrong(said: Said, came: readonly string[] = []): readonly string[] {
  return said.flatMap(([where, words]) => {
    const own = came.reduce((rest, word) => rest.replaceAll(word, ''), words);
    const left = unmarkedIn(own).filter((word) => !NAMES.includes(word));
    return left.length > 0 ? [`${where}: ${left.join(' ')} in "${words}"`] : [];
  });
}

const WRITTEN = [...WHEEL_SIDE, ...CIRCUIT_CASES, ...BESIDE, ...HISTORIES];
const JUDGED = WRITTEN.map((written) => {
  const file = after(written, written.steps.length);
  return { file, full: assessFully(file) };
});

/** A judgement without what is said in it: whatever wears a mark. */
const wordless = (full: FullAssessment): string =>
  JSON.stringify(printAssessment(full), (_key, value: unknown) =>
    typeof value === 'string' && value.includes('⟦') ? '' : value,
  );

test('what is judged is the same in every language: one file holds it for all of them', async () => {
  const judgements = JUDGED.map(({ full }) => wordless(full));
  expect(judgements.join('').length).toBeGreaterThan(10_000);
  const print = createHash('sha256').update(judgements.join('\n')).digest('hex');
  await expect(print).toMatchFileSnapshot('judged.sha256');
});

describe('what core says has a mark', () => {
  test('judgements, records and files of every written case', () => {
    expect(WRITTEN.length).toBeGreaterThan(50);
    const found = JUDGED.flatMap(({ file, full }) =>
      wrong([...judged(file, full), ...inRecord({ ...file, ending: 'solved' })], asItCame(file)),
    );
    expect([...new Set(found)]).toEqual([]);
  });
  test('sheets, answers and meanings of every check', () => {
    const file = after(WRITTEN[0] as (typeof WRITTEN)[number], 1);
    const said = CHECKS.flatMap((record): Said => {
      const move = { is: 'check', check: record.check, channel: record.of === 'car' ? null : 'front-left' } as const;
      const sheet = sheetFor(record.check);
      return [
        ['check', `${record.name} ${record.words}`],
        ['ifs', record.ifs.map((entry) => (typeof entry === 'string' ? entry : entry.text)).join(' ')],
        [
          'sheet',
          `${sheet?.title ?? ''} ${sheet?.caution ?? ''} ${sheet?.setup.map(({ text }) => text).join(' ') ?? ''}`,
        ],
        ...(sheet ? answersOf(sheet.answer).map((word) => ['answer', answerText(sheet.answer, word)] as const) : []),
        ...possibleAnswers(move, file).map(({ words }) => ['possible', words] as const),
        ...meaningsOf(move, file).map(
          ({ figure, verdict }) => ['meaning', `${figure} ${verdict.heading} ${verdict.detail}`] as const,
        ),
      ];
    });
    expect(said.length).toBeGreaterThan(200);
    expect(wrong(said)).toEqual([]);
  });
  test('faults, parts, repairs and their guides', () => {
    const file = after(WRITTEN[0] as (typeof WRITTEN)[number], 1);
    const guides = ALL_REPAIRS.flatMap((record): Said => {
      const guide = composeGuide(file, record.repair, record.ofCar ? null : 'front-left');
      const steps = guide?.phases.flatMap((phase) => phase.steps) ?? [];
      return [
        ['repair', record.words],
        ['parts', (record.parts ?? []).join(' ')],
        ...steps.map(
          ({ text, why, cautions }) => ['step', [text, why, ...cautions.map((entry) => entry.text)].join(' ')] as const,
        ),
      ];
    });
    const named: Said = [
      ...ALL_FAULTS.map(({ id }) => ['fault', faultName(id)] as const),
      ...Object.values(PARTS).map(({ name }) => ['part', name] as const),
      ...['C0031', 'C0034-13', '5DB0', '33', 'DF12'].map((code) => ['code', decode(code, {}).meaning] as const),
    ];
    expect(guides.length).toBeGreaterThan(100);
    expect(wrong([...guides, ...named])).toEqual([]);
  });
  test('what is refused says why', () => {
    const file = after(WRITTEN.at(-1) as (typeof WRITTEN)[number], 9) as unknown as Record<string, unknown>;
    const refused = brokenOnce(file).flatMap((broken) => {
      const result = validate(broken);
      return result.ok ? [] : result.problems.map(({ message }) => ['refused', ofTheFormat(message)] as const);
    });
    expect(refused.length).toBeGreaterThan(100);
    expect([...new Set(wrong(refused))]).toEqual([]);
  });
});

/** Words of the format are named as it has them, in every language. */
const OF_THE_FORMAT = new Set(
  JSON.stringify([words, caseFileJsonSchema()])
    .split(/[^\w-]+/u)
    .flatMap((word) => [word, ...word.split('-')]),
);
const ofTheFormat = (message: string): string =>
  message.replace(/[\w-]+/gu, (word) => (OF_THE_FORMAT.has(word) ? '' : word));

const ODD: readonly unknown[] = [undefined, null, -1, 'what', {}, []];

/** The same data with one place broken, each place in each way. */
function brokenOnce(value: unknown): readonly unknown[] {
  const inside = (
    entries: readonly (readonly [string | number, unknown])[],
    rebuild: (key: string | number, made: unknown) => unknown,
  ) =>
    entries.flatMap(([key, inner]) => [
      ...ODD.map((odd) => rebuild(key, odd)),
      ...brokenOnce(inner).map((made) => rebuild(key, made)),
    ]);
  if (Array.isArray(value)) {
    const list = value as readonly unknown[];
    return inside([...list.entries()], (key, made) => list.with(Number(key), made));
  }
  if (value === null || typeof value !== 'object') return [];
  return inside(Object.entries(value), (key, made) => ({ ...value, [key]: made }));
}
