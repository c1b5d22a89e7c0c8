import { parse } from 'csv-parse/sync';
import { describe, expect, test } from 'vitest';
import { car, caseOf, type Loose } from '../../tests/support/caseBuilder';
import type { CaseFile, Repair } from '../casefile/contract';
import { askOthers, ledgerCsv, readingsCsv, summaryMarkdown, summaryOf } from './record';

const SEEN: Loose[] = [
  { kind: 'history', event: 'sensor-replaced' as never, channel: 'rear-right' },
  { kind: 'lamps', lit: ['abs'] },
  { kind: 'code', code: 'C003A', status: 'current' },
  {
    kind: 'meter',
    point: 'sensor',
    quantity: 'resistance',
    value: 392,
    channel: 'rear-right',
    temperature: 9,
    note: '=cmd',
  },
  { kind: 'meter', point: 'sensor', quantity: 'resistance', value: 'overload', channel: 'rear-right', withdrawn: true },
  { kind: 'drive', result: 'lamps-stayed-out', distance: 12 },
];
const file = (more: Partial<CaseFile> = {}, seen: readonly Loose[] = SEEN.slice(1)): CaseFile => ({
  ...caseOf(car('passive', { name: 'Tansy', specs: { sensorResistance: { min: 1000, max: 1400, at: 20 } } }), seen),
  ...more,
});
const SPEECH = { sides: 'left-right' } as const;
const headings = (of: CaseFile, withCosts = false): readonly string[] =>
  summaryOf(of, SPEECH, withCosts).sections.map(({ id }) => id);

describe('a record', () => {
  test('has a section for what was seen, and none for what was not', () => {
    expect(headings(file())).toEqual(['lamps', 'codes', 'readings', 'proof']);
    expect(headings(file({}, []))).toEqual([]);
  });
  test('leaves out what was withdrawn, and brings a coil to the band’s temperature', () => {
    const readings = summaryOf(file(), SPEECH, false).sections.find(({ id }) => id === 'readings');
    expect(readings?.lines).toHaveLength(1);
    const verdict = readings?.lines[0]?.verdict;
    expect(verdict?.figure).toMatchObject({
      min: { value: 1000, from: 'manual' },
      max: { value: 1400, from: 'manual' },
    });
    expect(verdict?.tone).toBe('bad');
    expect(verdict?.figure?.value).toBeCloseTo(392 * ((1 + 0.00393 * 0) / (1 + 0.00393 * -11)), 0);
  });
  test('tells money only on request, and its sums agree with its lines', () => {
    const costs: CaseFile['costs'] = [
      { id: 'a', item: 'sensor', amount: 40, use: 'needed' },
      { id: 'b', item: 'brush', amount: 6.5, use: 'kept' },
      { id: 'q', item: 'workshop', amount: 280, use: 'quote' },
    ];
    expect(headings(file({ costs }))).not.toContain('costs');
    const lines = summaryOf(file({ costs }), SPEECH, true).sections.find(({ id }) => id === 'costs')?.lines ?? [];
    expect(lines.map(({ words, figure }) => `${words} ${figure.replaceAll(/\s/gu, ' ')}`)).toEqual([
      'sensor 40 EUR',
      'brush 6.50 EUR',
      'workshop 280 EUR',
      'Spent 46.50 EUR',
      expect.stringContaining('240 EUR'),
    ]);
  });
  test('says of each repair what came of it', () => {
    const repair: Repair = { id: 'r', action: 'cleaned', segment: 'plug', channel: 'rear-right', result: 'no-change' };
    const lines = summaryOf(file({ repairs: [repair] }), SPEECH, false).sections.find(
      ({ id }) => id === 'repairs',
    )?.lines;
    expect(lines?.[0]?.detail).toBe('changed nothing');
  });
});

describe('for other programs', () => {
  test('readings are read back by another parser, and no cell begins a formula', () => {
    const rows = parse<Record<string, string>>(readingsCsv(summaryOf(file(), SPEECH, false)), { columns: true });
    expect(rows).toHaveLength(1);
    expect(rows[0]?.['value']).toBe('392 Ω');
    expect(rows[0]?.['detail']).toContain('=cmd');
    const bad = file({
      costs: [{ id: 'x', item: '=HYPERLINK("a"),\n"b"', amount: 3.5, use: 'needed', currency: 'EUR' }],
    });
    const [line] = parse<Record<string, string>>(ledgerCsv(bad), { columns: true });
    expect(line).toMatchObject({ item: `'=HYPERLINK("a"),\n"b"`, amount: '3.5', currency: 'EUR', use: 'needed' });
  });
  test('Markdown keeps signs as signs', () => {
    const text = summaryMarkdown(
      summaryOf(file({}, [{ kind: 'symptom', symptom: 'kicks-in' as never, note: '# <b>*x*' }]), SPEECH, false),
      'a_b',
    );
    expect(text.split('\n')[0]).toBe('# a\\_b');
    expect(text).not.toMatch(/[^\\]<b>/u);
  });
  test('the question for others tells what is known, and what Zelf thinks', () => {
    const text = askOthers(summaryOf(file(), SPEECH, true), { words: 'water in the sensor', chance: 0.914 });
    expect(text).toMatch(/^Tansy: what would you check next\?/u);
    expect(text).toContain('392 Ω');
    expect(text).toContain('water in the sensor most likely (91 %)');
    expect(askOthers(summaryOf(file(), SPEECH, true), null)).not.toContain('most likely');
  });
});
