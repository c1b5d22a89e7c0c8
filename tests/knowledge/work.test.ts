import { describe, expect, test } from 'vitest';
import { CHECKS, checkRecord } from '../../core/knowledge/checks/all';
import type { CheckRecord } from '../../core/knowledge/checks/check';
import { ERASE, READ_CODES } from '../../core/knowledge/checks/questions';
import { cureChance, priceOf, REPAIRS, repairRecord, workshopPrice } from '../../core/knowledge/repairs/all';
import type { FaultId } from '../../core/knowledge/faults';
import { caseOf, car } from '../support/caseBuilder';

/** How long work takes an owner at home, in words; both ends are minutes. */
const LASTS = {
  'a moment': [1, 2],
  'a few minutes': [3, 6],
  'a while': [7, 12],
  'a good while': [13, 25],
  'half an hour or more': [26, 45],
  'an hour or more': [46, 90],
  hours: [91, 200],
} as const;

function lasts(minutes: number): string {
  return Object.entries(LASTS).find(([, [least, most]]) => minutes >= least && minutes <= most)?.[0] ?? 'out of range';
}

/** Check, what has to be open, how long the check itself takes. */
const CHECK_WORK: readonly (readonly [string, string, keyof typeof LASTS])[] = [
  ['look:fluid', '', 'a moment'],
  ['look:battery', '', 'a moment'],
  ['look:fuse', '', 'a few minutes'],
  ['look:ground-point', '', 'a while'],
  ['look:brake-switch', '', 'a moment'],
  ['look:tyres', '', 'a moment'],
  ['look:lead', '', 'a few minutes'],
  ['look:plug', 'plug-apart', 'a moment'],
  ['look:loom', '', 'a while'],
  ['look:ring', 'wheel-off', 'a few minutes'],
  ['look:gap', 'wheel-off', 'a moment'],
  ['look:bearing', 'raised', 'a few minutes'],
  ['look:sensor', 'sensor-out', 'a moment'],
  ['look:module', 'module-plug-apart', 'a moment'],
  ['meter:sensor:resistance', 'plug-apart', 'a few minutes'],
  ['meter:sensor-to-ground:resistance', 'plug-apart', 'a moment'],
  ['meter:sensor:ac-voltage', 'plug-apart raised', 'a while'],
  ['meter:supply-at-plug:dc-voltage', 'plug-apart', 'a few minutes'],
  ['meter:sensor-current:dc-current', 'plug-apart', 'a while'],
  ['meter:module-end:resistance', 'module-plug-apart', 'a few minutes'],
  ['meter:module-end:ac-voltage', 'module-plug-apart raised', 'a while'],
  ['meter:wire-1:resistance', 'plug-apart module-plug-apart', 'a few minutes'],
  ['meter:wire-2:resistance', 'plug-apart module-plug-apart', 'a few minutes'],
  ['meter:wire-1-to-ground:resistance', 'plug-apart module-plug-apart', 'a moment'],
  ['meter:wire-2-to-ground:resistance', 'plug-apart module-plug-apart', 'a moment'],
  ['meter:wire-to-wire:resistance', 'plug-apart module-plug-apart', 'a moment'],
  ['meter:wire-1-to-ground:dc-voltage', 'plug-apart module-plug-apart', 'a few minutes'],
  ['meter:battery:dc-voltage', '', 'a moment'],
  ['meter:module-supply:dc-voltage', 'module-plug-apart', 'a while'],
  ['distance:air-gap', 'wheel-off', 'a few minutes'],
  ['distance:ring-runout', 'wheel-off', 'a few minutes'],
  ['distance:flange-void', 'wheel-off', 'a few minutes'],
  ['live:stationary', 'reader', 'a moment'],
  ['live:hand-spin', 'reader raised', 'a few minutes'],
  ['live:drive', 'reader', 'a while'],
  ['swap', 'sensor-out plug-apart', 'half an hour or more'],
  ['substitute', 'plug-apart reader', 'a few minutes'],
  ['unplug', 'plug-apart reader', 'a few minutes'],
  ['ask:history', '', 'a moment'],
  ['ask:specs', '', 'a while'],
  ['code', 'reader', 'a few minutes'],
  ['clear', 'reader', 'a while'],
];

describe('what a check needs open, and how long it takes', () => {
  const plain: readonly Pick<CheckRecord, 'check' | 'setups' | 'minutes'>[] = [
    ...CHECKS.filter((record) => record.manner !== 'wiggle'),
    READ_CODES,
    ERASE,
  ];
  test('every check has its line', () =>
    expect(plain.map((record) => record.check).sort()).toEqual(CHECK_WORK.map(([check]) => check).sort()));
  test.each(CHECK_WORK)('%s', (check, setups, words) => {
    const record = plain.find((candidate) => candidate.check === check);
    expect([record?.setups.join(' '), lasts(record?.minutes ?? 0)]).toEqual([setups, words]);
  });
  test('pulling an old sensor out may break it; swapping it, more so; nothing else does', () => {
    const risks = Object.fromEntries(
      CHECKS.flatMap((record) => (record.mayBreakSensor ? [[record.check, record.mayBreakSensor]] : [])),
    );
    expect(Object.keys(risks).sort()).toEqual(['look:sensor', 'swap']);
    expect(risks['look:sensor']).toBeGreaterThanOrEqual(0.08);
    expect(risks['look:sensor']).toBeLessThan(risks['swap'] as number);
    expect(risks['swap']).toBeLessThanOrEqual(0.35);
  });
});

/** Repair, what has to be open, how long it takes with that open, most that its parts cost. */
const REPAIR_WORK: readonly (readonly [string, string, keyof typeof LASTS, readonly [number, number]])[] = [
  ['replaced:ring', 'wheel-off', 'hours', [20, 60]],
  ['cleaned:ring', 'sensor-out', 'a while', [0, 0]],
  ['reseated:gap', 'sensor-out', 'a good while', [0, 3]],
  ['replaced:gap', 'wheel-off', 'hours', [50, 130]],
  ['replaced:sensor', 'sensor-out plug-apart', 'a good while', [25, 60]],
  ['cleaned:sensor', 'sensor-out', 'a few minutes', [0, 0]],
  ['repaired-wire:lead', 'wheel-off plug-apart', 'half an hour or more', [3, 10]],
  ['cleaned:plug', 'plug-apart', 'a while', [2, 8]],
  ['reseated:plug', 'plug-apart', 'a few minutes', [0, 0]],
  ['repaired-wire:loom', 'plug-apart', 'an hour or more', [3, 12]],
  ['cleaned:module', 'module-plug-apart', 'a good while', [2, 8]],
  ['replaced:module', 'module-plug-apart', 'an hour or more', [300, 700]],
  ['charged:supply', '', 'a good while', [0, 0]],
  ['repaired-wire:supply', '', 'half an hour or more', [3, 10]],
  ['replaced:elsewhere', '', 'a good while', [15, 60]],
  ['topped-up:elsewhere', '', 'a few minutes', [4, 12]],
  ['clear', 'reader', 'a few minutes', [0, 0]],
];

describe('what a repair needs open, how long it takes and what it costs', () => {
  test('every repair has its line', () =>
    expect(REPAIRS.map((record) => record.repair).sort()).toEqual(REPAIR_WORK.map(([repair]) => repair).sort()));
  test.each(REPAIR_WORK)('%s', (repair, setups, words, [least, most]) => {
    const record = repairRecord(repair);
    expect([record?.setups.join(' '), lasts(record?.minutes ?? 0)]).toEqual([setups, words]);
    expect(record?.price).toBeGreaterThanOrEqual(least);
    expect(record?.price).toBeLessThanOrEqual(most);
  });
  test('a place already found saves a third to a half of the search in a wire', () => {
    for (const repair of ['repaired-wire:lead', 'repaired-wire:loom']) {
      const record = repairRecord(repair);
      const share = (record?.locating?.minutes ?? 0) / (record?.minutes ?? 1);
      expect([share >= 0.3, share <= 0.55, record?.locating?.look]).toEqual([true, true, repair.split(':')[1]]);
    }
  });
  test("the owner's price outranks the generic one, by repair before segment; nonsense does not", () => {
    const sensor = repairRecord('replaced:sensor');
    if (!sensor) throw new Error('no record');
    const price = (prices: Record<string, number>): number =>
      priceOf(sensor, caseOf(car(null), [], [], { owner: { prices } }));
    expect([price({ sensor: 70 }), price({ 'replaced:sensor': 25, sensor: 70 }), price({ sensor: -1 })]).toEqual([
      70,
      25,
      sensor.price,
    ]);
  });
  test('a workshop costs what it quoted for the usual case, else a generic price', () => {
    const quote = (amount: number, of: 'best' | 'usual') => ({ id: of, use: 'quote', amount, case: of }) as never;
    expect(workshopPrice(caseOf(car(null), [], [], { costs: [quote(90, 'best'), quote(310, 'usual')] }))).toBe(310);
    const generic = workshopPrice(caseOf(car(null), []));
    expect([generic >= 180, generic <= 350]).toEqual([true, true]);
  });
});

/** Repair, fault, and how surely the one cures the other. */
const CURES: readonly (readonly [string, FaultId, number, number])[] = [
  ['replaced:sensor', 'sensor-open', 0.97, 1],
  ['replaced:sensor', 'lead-intermittent', 0.97, 1],
  ['replaced:sensor', 'sensor-dirty', 0.9, 1],
  ['replaced:sensor', 'plug-loose', 0.45, 0.75],
  ['replaced:sensor', 'plug-corroded', 0.25, 0.5],
  ['replaced:sensor', 'gap-wide', 0.15, 0.45],
  ['replaced:sensor', 'ring-debris', 0.05, 0.25],
  ['replaced:sensor', 'loom-open', 0, 0],
  ['replaced:sensor', 'ring-damaged', 0, 0],
  ['replaced:gap', 'bearing-play', 0.97, 1],
  ['replaced:gap', 'ring-wrong', 0.8, 0.97],
  ['replaced:gap', 'ring-damaged', 0.35, 0.65],
  ['replaced:gap', 'gap-wide', 0.8, 0.97],
  ['replaced:ring', 'ring-debris', 0.8, 0.97],
  ['cleaned:sensor', 'ring-debris', 0.15, 0.45],
  ['cleaned:sensor', 'gap-wide', 0.15, 0.45],
  ['cleaned:sensor', 'sensor-open', 0, 0],
  ['cleaned:plug', 'plug-corroded', 0.85, 0.98],
  ['cleaned:plug', 'plug-loose', 0.8, 0.97],
  ['reseated:plug', 'plug-corroded', 0.15, 0.45],
  ['reseated:plug', 'plug-loose', 0.85, 0.98],
  ['repaired-wire:loom', 'loom-open', 0.85, 0.98],
  ['replaced:module', 'module-plug-corroded', 0.8, 0.97],
  ['replaced:loom', 'loom-open', 0.85, 1],
  ['replaced:lead', 'lead-open', 0.85, 1],
  ['other:sensor', 'sensor-open', 0.3, 0.7],
];

test.each(CURES)('%s of %s works in %d to %d', (repair, fault, least, most) => {
  const [action, segment] = repair.split(':') as [never, never];
  const chance = cureChance({ action, segment }, fault);
  expect(chance).toBeGreaterThanOrEqual(least);
  expect(chance).toBeLessThanOrEqual(most);
});

test('every check of a move has a record by its name', () => {
  for (const [check] of CHECK_WORK.filter(([name]) => !['code', 'clear'].includes(name)))
    expect(checkRecord(check)?.check).toBe(check);
});
