import { describe, expect, test } from 'vitest';
import * as words from '../../casefile/words';
import { ALL_FAULTS, FORMS } from '../faults';
import { HISTORY } from '../history';
import { CHECKS } from '../checks/all';
import { ERASE, READ_CODES } from '../checks/questions';
import { REPAIRS, repairsFor } from '../repairs/all';
import { FAULT_PAIRS } from '../pairs';
import * as beside from './codesBeside';
import * as signal from './meterSignal';
import * as codes from './codes';
import * as codeFailure from './codeFailure';
import * as complaints from './complaints';
import * as lampTables from './lamps';
import * as live from './live';
import { LOOK_TABLES } from './looks';
import * as loom from './meterLoom';
import * as sensor from './meterSensor';
import { chancesOf, type Table } from './table';
import * as trials from './trials';

function tablesIn(value: unknown): Table[] {
  if (!value || typeof value !== 'object') return [];
  if ('topic' in value && 'outcomes' in value) return [value as Table];
  return Object.values(value).flatMap(tablesIn);
}

const all = [
  ...new Set(
    [codes, codeFailure, beside, signal, lampTables, complaints, live, LOOK_TABLES, loom, sensor, trials].flatMap(
      tablesIn,
    ),
  ),
];

/** The fault catalogue as the contract lists it. */
const CONTRACT = {
  ring: ['ring-damaged', 'ring-swollen', 'ring-wrong', 'ring-debris'],
  gap: ['gap-wide', 'bearing-play'],
  sensor: [
    'sensor-open',
    'sensor-short',
    'sensor-weak',
    'sensor-damaged',
    'sensor-intermittent',
    'sensor-dead',
    'sensor-dirty',
  ],
  lead: ['lead-open', 'lead-intermittent', 'lead-short'],
  plug: ['plug-corroded', 'plug-loose'],
  loom: [
    'loom-open',
    'loom-intermittent',
    'loom-short-to-ground',
    'loom-short-to-supply',
    'loom-short-across',
    'loom-crossed',
  ],
  module: ['module-plug-corroded', 'module-input'],
  supply: ['battery-low', 'module-supply'],
  elsewhere: ['stale-code', 'tyre-mismatch', 'brake-switch', 'brake-fluid-low'],
} as const;

test('the catalogue is the contract, fault by fault', () => {
  const catalogue = Object.fromEntries(
    Object.keys(CONTRACT).map((segment) => [
      segment,
      ALL_FAULTS.filter((row) => row.segment === segment)
        .map((row) => row.id)
        .sort(),
    ]),
  );
  expect(catalogue).toEqual(
    Object.fromEntries(Object.entries(CONTRACT).map(([segment, faults]) => [segment, [...faults].sort()])),
  );
});

test('every fault has a reason, a repair with its price, and can happen', () => {
  for (const fault of ALL_FAULTS) {
    expect(fault.why.length, fault.id).toBeGreaterThan(5);
    expect(repairsFor(fault.id).length, fault.id).toBeGreaterThan(0);
    expect(fault.often.passive + fault.often.active, fault.id).toBeGreaterThan(0);
  }
  expect(REPAIRS.length).toBe(17);
});

describe('likelihood tables', () => {
  test('there are as many as there are topics', () => expect(all.length).toBeGreaterThanOrEqual(60));

  test.each(all.map((table) => [table.topic, table] as const))(
    '%s: rows sum to 1, name no fault twice, give reasons',
    (_topic, table) => {
      const named = table.rows.flatMap((row) => row.for);
      expect(new Set(named).size).toBe(named.length);
      for (const row of [table.otherwise, ...table.rows]) {
        expect(row.why.length).toBeGreaterThan(2);
        for (const outcome of Object.keys(row.gives)) expect(table.outcomes).toContain(outcome);
        expect(Object.values(row.gives).reduce((sum, give) => sum + give, 0)).toBeLessThanOrEqual(1 + 1e-9);
      }
      const chances = chancesOf(table);
      for (const row of [chances.otherwise, ...chances.byFault.values()]) {
        expect(row.reduce((sum, value) => sum + value, 0)).toBeCloseTo(1, 9);
        for (const value of row) expect(value).toBeGreaterThanOrEqual(0);
      }
    },
  );

  test('every channel fault shows in some direct check', () => {
    const shown = new Set(
      CHECKS.flatMap((entry) =>
        [entry.table.passive, entry.table.active].flatMap((table) => table?.rows.flatMap((row) => row.for) ?? []),
      ),
    );
    const faults = ALL_FAULTS.filter((row) => row.id !== 'stale-code').map((row) => row.id);
    const forms = FORMS.filter((entry) => shown.has(entry.form)).map((entry) => entry.fault as string);
    expect(faults.filter((fault) => !shown.has(fault) && !forms.includes(fault))).toEqual([]);
  });
});

describe('no word of the contract is left out', () => {
  test('findings of every part', () => {
    for (const [part, findings] of Object.entries(words.LOOK_FINDINGS))
      expect([...LOOK_TABLES[part as words.LookPart].outcomes, 'hidden'], part).toEqual(findings);
  });
  test('lamp patterns, symptoms, live findings, failures, results', () => {
    expect(Object.keys(lampTables.LAMP_PATTERN_TABLES).sort()).toEqual([...words.LAMP_PATTERNS].sort());
    expect(Object.keys(complaints.SYMPTOM_TABLES).sort()).toEqual(
      words.SYMPTOMS.filter((word) => word !== 'none').sort(),
    );
    for (const word of words.LIVE_FINDINGS) expect(live.LIVE_SPIN.passive?.outcomes).toContain(word);
    for (const failure of words.FAILURES) expect(codeFailure.CODE_FAILURE.outcomes).toContain(failure);
    expect([...(trials.SWAP.passive?.outcomes ?? [])].sort()).toEqual([...words.SWAP_RESULTS].sort());
    expect([...(trials.SUBSTITUTE.passive?.outcomes ?? [])].sort()).toEqual([...words.SUBSTITUTE_RESULTS].sort());
    expect([...(trials.UNPLUG.passive?.outcomes ?? [])].sort()).toEqual([...words.UNPLUG_RESULTS].sort());
    expect(HISTORY.map((row) => row.event).sort()).toEqual([...words.HISTORY_EVENTS].sort());
  });
  test('every check of the contract is a move', () => {
    const moves = new Set([...CHECKS.map((row) => row.check), READ_CODES.check, ERASE.check, 'ask:sensor-type']);
    const wanted = [
      'code',
      'clear',
      'live:stationary',
      'live:hand-spin',
      'live:drive',
      'swap',
      'substitute',
      'unplug',
      'ask:specs',
      'ask:sensor-type',
      'ask:history',
      ...Object.keys(words.LOOK_FINDINGS).map((part) => `look:${part}`),
      ...['air-gap', 'ring-runout', 'flange-void'].map((point) => `distance:${point}`),
      ...Object.entries(words.METER_QUANTITIES).flatMap(([point, quantities]) =>
        quantities.map((quantity) => `meter:${point}:${quantity}`),
      ),
    ].filter((word) => word !== 'meter:wire-2-to-ground:dc-voltage');
    expect(wanted.filter((word) => !moves.has(word))).toEqual([]);
  });
});

test('pairs are of faults that can stand on one channel', () => {
  const ids: readonly string[] = ALL_FAULTS.map((row) => row.id);
  expect(FAULT_PAIRS.length).toBe(9);
  for (const pair of FAULT_PAIRS)
    expect([ids.includes(pair.cause), ids.includes(pair.consequence), pair.chance > 0 && pair.chance < 0.5]).toEqual([
      true,
      true,
      true,
    ]);
});
