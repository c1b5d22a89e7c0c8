import { describe, expect, test } from 'vitest';
import { car, caseOf } from '../../../tests/support/caseBuilder';
import type { CaseFile, Cost } from '../../casefile/contract';
import { ALL_FAULTS, faultName, faultRow, formsOf } from '../faults';
import { ALL_REPAIRS, cureChance, curesFully, priceOf, repairRecord, repairsFor, workshopPrice } from './all';

const fileWith = (extra: Partial<CaseFile>): CaseFile => caseOf(car('passive'), [], [], extra);
const chance = (repair: string, fault: Parameters<typeof cureChance>[1]): number => {
  const [action, segment] = repair.split(':') as [never, never];
  return cureChance({ action, segment }, fault);
};

describe('faults by name', () => {
  test('a fault, none, and a word that is no fault', () => {
    expect(faultName('gap-wide')).toBe('gap too wide');
    expect(faultName('none')).toMatch(/^nothing/);
    expect(faultName('nobody-knows')).toBe('nobody-knows');
    expect(() => faultRow('nobody-knows' as never)).toThrow(/no fault "nobody-knows"/);
  });
  test('shares of a fault’s forms sum to one; one without forms is its own', () => {
    for (const { id } of ALL_FAULTS)
      expect(
        formsOf(id).reduce((sum, { share }) => sum + share, 0),
        id,
      ).toBeCloseTo(1, 9);
    expect(formsOf('gap-wide')).toEqual([{ form: 'gap-wide', share: 1 }]);
    expect(formsOf('sensor-open').length).toBeGreaterThan(1);
  });
});

describe('what cures what', () => {
  test('every fault but an old code has a repair, and each of them cures it fully and likely', () => {
    for (const { id } of ALL_FAULTS)
      for (const { repair } of repairsFor(id)) {
        expect(curesFully(repair, id), `${repair} for ${id}`).toBe(true);
        if (id !== 'stale-code') expect(chance(repair, id), `${repair} for ${id}`).toBeGreaterThanOrEqual(0.95);
      }
    expect(repairsFor('sensor-open').map(({ repair }) => repair)).toContain('replaced:sensor');
  });
  test('a lead is mended first, though a new sensor brings one with it', () => {
    for (const fault of ['lead-open', 'lead-intermittent', 'lead-short'] as const)
      expect(repairsFor(fault)[0]?.repair, fault).toBe('repaired-wire:lead');
    expect(repairsFor('sensor-open')[0]?.repair).toBe('replaced:sensor');
  });
  test('how surely: new parts more than mended wires, these more than reseating, that more than cleaning', () => {
    expect([
      chance('replaced:sensor', 'sensor-open'),
      chance('repaired-wire:lead', 'lead-open'),
      chance('reseated:plug', 'plug-loose'),
      chance('cleaned:plug', 'plug-corroded'),
    ]).toEqual([0.985, 0.975, 0.97, 0.95]);
  });
  test('what a repair was not made for: a new part nearly always, other work every second time, elsewhere never', () => {
    expect(chance('replaced:lead', 'lead-open')).toBeGreaterThanOrEqual(0.9);
    expect(chance('replaced:plug', 'plug-loose')).toBe(0.9);
    expect(chance('other:plug', 'plug-loose')).toBe(0.5);
    expect(chance('other:supply', 'battery-low')).toBe(0.5);
    expect(chance('replaced:supply', 'battery-low')).toBeLessThan(1);
    expect(chance('cleaned:ring', 'plug-loose')).toBe(0);
    expect(chance('replaced:sensor', 'loom-open')).toBe(0);
  });
  test('a form of a fault is cured as the fault', () => {
    expect(curesFully('replaced:sensor', 'sensor-open/high')).toBe(true);
    expect(curesFully('cleaned:plug', 'sensor-open/high')).toBe(false);
    expect(curesFully('no:repair', 'gap-wide')).toBe(false);
    expect(repairRecord('no:repair')).toBeNull();
  });
});

describe('prices', () => {
  const sensor = ALL_REPAIRS.find(({ repair }) => repair === 'replaced:sensor');
  const price = (prices: Readonly<Record<string, unknown>>, schools?: Readonly<Record<string, unknown>>) =>
    sensor && priceOf(sensor, fileWith({ owner: { prices, ...(schools ? { schools } : {}) } }));
  test('the chosen kind’s, else the repair’s, else the part’s, else the table’s', () => {
    expect(price({})).toBe(sensor?.price);
    expect(price({ sensor: 55 })).toBe(55);
    expect(price({ sensor: 55, 'replaced:sensor': 60 })).toBe(60);
    expect(price({ sensor: 55, 'replaced:sensor': 60, 'replaced:sensor@used': 20 }, { part: 'used' })).toBe(20);
    expect(price({ sensor: 55, 'replaced:sensor@used': 20 })).toBe(55);
  });
  test('a price of nothing is one; words, less than nothing and no number are none', () => {
    expect(price({ sensor: 0 })).toBe(0);
    for (const wrong of ['55', -1, Number.NaN, Infinity, null]) expect(price({ sensor: wrong })).toBe(sensor?.price);
  });
  test('a part’s price is no price of cleaning it', () => {
    const cleaned = repairRecord('cleaned:sensor');
    expect(cleaned && priceOf(cleaned, fileWith({ owner: { prices: { sensor: 55 } } }))).toBe(cleaned?.price);
  });
  test('a workshop: the quote for the usual case, else the first, else a generic price', () => {
    const cost = (amount: number, use: Cost['use'], more: Partial<Cost> = {}): Cost => ({
      id: `c${amount}`,
      item: 'workshop',
      amount,
      use,
      ...more,
    });
    const of = (...costs: Cost[]): number => workshopPrice(fileWith({ costs }));
    const generic = workshopPrice(fileWith({}));
    expect(generic).toBeGreaterThan(100);
    expect(of(cost(40, 'needed'))).toBe(generic);
    expect(of(cost(40, 'needed'), cost(400, 'quote', { case: 'worst' }), cost(180, 'quote', { case: 'best' }))).toBe(
      400,
    );
    expect(of(cost(400, 'quote', { case: 'worst' }), cost(250, 'quote', { case: 'usual' }))).toBe(250);
  });
});
