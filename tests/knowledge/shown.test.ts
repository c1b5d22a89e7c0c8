import { describe, expect, test } from 'vitest';
import * as beside from '../../core/knowledge/tables/codesBeside';
import * as codeFailure from '../../core/knowledge/tables/codeFailure';
import * as signal from '../../core/knowledge/tables/meterSignal';
import * as lampTables from '../../core/knowledge/tables/lamps';
import * as complaints from '../../core/knowledge/tables/complaints';
import * as codes from '../../core/knowledge/tables/codes';
import * as erase from '../../core/knowledge/tables/erase';
import * as jumps from '../../core/knowledge/tables/jumps';
import * as live from '../../core/knowledge/tables/live';
import { LOOK_TABLES } from '../../core/knowledge/tables/looks';
import * as loom from '../../core/knowledge/tables/meterLoom';
import * as sensor from '../../core/knowledge/tables/meterSensor';
import * as trials from '../../core/knowledge/tables/trials';
import { chancesOf, type Table } from '../../core/knowledge/tables/table';
import { SHOWN } from './shown';

/** Words for how often, by the least share each stands for; the last is not worth a word. */
const WORDS = [
  ['nearly always', 0.9],
  ['mostly', 0.65],
  ['often', 0.4],
  ['sometimes', 0.15],
  ['seldom', 0.03],
] as const;

function wordFor(chance: number): string | null {
  return WORDS.find(([, least]) => chance >= least)?.[0] ?? null;
}

/** Tables of a room, with the sensor type that they stand under. */
function tablesIn(value: unknown, type = ''): readonly (readonly [Table, string])[] {
  if (!value || typeof value !== 'object') return [];
  if ('topic' in value && 'outcomes' in value) return [[value as Table, type]];
  return Object.entries(value).flatMap(([key, inner]) =>
    tablesIn(inner, key === 'passive' || key === 'active' ? key : ''),
  );
}

function named(): ReadonlyMap<string, Table> {
  const types = new Map<Table, string>();
  for (const [table, type] of [
    codes,
    codeFailure,
    beside,
    signal,
    lampTables,
    complaints,
    erase,
    jumps,
    live,
    LOOK_TABLES,
    loom,
    sensor,
    trials,
  ].flatMap((room) => tablesIn(room)))
    types.set(table, types.has(table) ? '' : type);
  const topics = [...types.keys()].map((table) => table.topic);
  const isShared = (topic: string): boolean => topics.indexOf(topic) !== topics.lastIndexOf(topic);
  return new Map(
    [...types].map(([table, type]) => [
      isShared(table.topic) ? `${table.topic}/${type || 'both'}` : table.topic,
      table,
    ]),
  );
}

/** A row in words, outcomes by name. */
function inWords(table: Table, chances: readonly number[]): readonly string[] {
  return table.outcomes
    .flatMap((outcome, index) => {
      const word = wordFor((chances[index] ?? 0) + 1e-9);
      return word ? [`${word} ${outcome}`] : [];
    })
    .sort();
}

const TABLES = named();

test('every table has its second entry, and every entry its table', () => {
  expect([...TABLES.keys()].sort()).toEqual(Object.keys(SHOWN).sort());
});

describe('each table shows what its second entry says', () => {
  test.each(Object.keys(SHOWN))('%s', (name) => {
    const table = TABLES.get(name) as Table;
    const chances = chancesOf(table);
    const entry = SHOWN[name] ?? {};
    const causes = Object.keys(entry).flatMap((key) => (key === 'nothing' ? [] : key.split(' ')));
    expect(causes.sort()).toEqual(table.rows.flatMap((row) => row.for).sort());
    for (const [key, words] of Object.entries(entry)) {
      const rows =
        key === 'nothing'
          ? [chances.otherwise]
          : key.split(' ').map((cause) => [...chances.byFault].find(([known]) => known === cause)?.[1] ?? []);
      for (const row of rows) expect(inWords(table, row), key).toEqual(words.split(', ').sort());
    }
  });
});

test('what proves a fault by definition is hardly ever seen on a sound part', async () => {
  const { PARTS } = await import('../../core/knowledge/parts');
  for (const record of Object.values(PARTS))
    for (const [finding, { usual, is }] of Object.entries(record.findings)) {
      if (is) expect(usual, finding).toBeLessThanOrEqual(1e-4);
      else expect(usual, finding).toBeGreaterThanOrEqual(1e-3);
      expect(usual, finding).toBeLessThanOrEqual(0.1);
    }
});
