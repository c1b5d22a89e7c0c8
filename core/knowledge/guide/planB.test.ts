import { describe, expect, test } from 'vitest';
import { car, caseOf } from '../../../tests/support/caseBuilder';
import { composeGuide } from '../../guide/compose';
import { run } from '../../commands/command';
import { partPriceKey, priceOf, repairRecord } from '../repairs/all';
import { BLOCKERS, blockersOf } from './planB';
import type { StepId } from './stepIds';

const stepsOf = (repair: string, sensor?: 'behind-disc'): readonly StepId[] => {
  const vehicle = car('passive', sensor ? { places: { 'front-right': { sensor } } } : {});
  const guide = composeGuide(caseOf(vehicle, []), repair, 'front-right');
  return guide?.phases.flatMap(({ steps }) => steps.map(({ step }) => step)) ?? [];
};
const ids = (steps: readonly StepId[]): readonly string[] => blockersOf(steps).map(({ id }) => id);

describe('what would stop the work half way', () => {
  test('is asked where the guide goes there, and nowhere else', () => {
    expect(ids(stepsOf('replaced:sensor'))).toEqual(['locking-key', 'sensor-breaks']);
    expect(ids(stepsOf('replaced:sensor', 'behind-disc'))).toContain('bracket');
    expect(ids(stepsOf('replaced:gap'))).toContain('hub-nut');
    expect(ids([])).toEqual([]);
  });
  test('each is met by some guide', () => {
    const met = new Set(
      ['replaced:sensor', 'replaced:gap', 'replaced:ring'].flatMap((repair) => [
        ...ids(stepsOf(repair)),
        ...ids(stepsOf(repair, 'behind-disc')),
      ]),
    );
    expect(BLOCKERS.filter(({ id }) => !met.has(id)).map(({ id }) => id)).toEqual([]);
    expect(BLOCKERS.length).toBe(8);
  });
});

describe('the price of a part', () => {
  const sensor = repairRecord('replaced:sensor');
  if (!sensor) throw new Error('no such repair');
  const withPrices = (prices: Record<string, number>, part?: string) => ({
    ...caseOf(car('passive'), []),
    owner: { prices, ...(part ? { schools: { part } } : {}) },
  });
  test('is that of the kind that was chosen; another kind asked for does not matter', () => {
    const prices = { [partPriceKey('replaced:sensor', 'used')]: 12, [partPriceKey('replaced:sensor', 'genuine')]: 140 };
    expect(priceOf(sensor, withPrices(prices, 'used'))).toBe(12);
    expect(priceOf(sensor, withPrices(prices, 'genuine'))).toBe(140);
    expect(priceOf(sensor, withPrices(prices))).toBe(sensor.price);
    expect(priceOf(sensor, withPrices({ sensor: 55 }, 'used'))).toBe(55);
  });
  test('is kept and forgotten by a command, beside the others', () => {
    const stamp = { newId: () => 'n', at: '' };
    const kept = run(withPrices({ sensor: 55 }), { do: 'part-price', key: 'replaced:sensor@used', amount: 12 }, stamp);
    expect(kept.owner?.prices).toEqual({ sensor: 55, 'replaced:sensor@used': 12 });
    const without = run(kept, { do: 'part-price', key: 'replaced:sensor@used', amount: null }, stamp);
    expect(without.owner?.prices).toEqual({ sensor: 55 });
  });
});
