import { describe, expect, it, test } from 'vitest';
import { car, caseOf } from '../../tests/support/caseBuilder';
import { priceOf, repairRecord } from '../knowledge/repairs/all';
import type { CheckMove } from './checkMoves';
import type { Finishing } from './finishing';
import { Prices, repairMoves } from './prices';
import type { Circumstances, RepairOption } from './repairOptions';

const HOUR = 60;
const FILE = caseOf(car('passive'), []);
const SENSOR = priceOf(repairRecord('replaced:sensor') as never, FILE);
const START: Circumstances = { open: new Set(), inHand: null, located: new Set(), isErased: false };
const LIFT = { key: 'lifted:front-left' };

/** Two causes, the first of which a new sensor at the front left would cure. */
function pricesFor(weights: readonly number[], options: readonly Partial<RepairOption>[] = [NEW_SENSOR]) {
  const finishing = {
    options,
    costsAt: () => ({ repair: [123] }),
    states: { weights: Float64Array.from(weights) },
    stakes: { hourValue: HOUR },
  } as unknown as Finishing;
  const prices = new Prices(finishing, FILE);
  return { prices, start: prices.placeAt(START) };
}
const NEW_SENSOR: Partial<RepairOption> = {
  record: { repair: 'replaced:sensor' } as never,
  channel: 'front-left',
  effects: [{ cured: 1 }, { cured: 0 }] as never,
};

const check = (more: Partial<CheckMove>): CheckMove =>
  ({
    kind: 'check',
    name: 'meter:sensor:resistance',
    channel: 'front-left',
    record: { answer: null },
    minutes: 6,
    openings: [],
    buys: null,
    mayBreakSensor: 0,
    ...more,
  }) as unknown as CheckMove;

describe('what a check takes', () => {
  test.each([0, 6, 90])('%d minutes at what an hour is worth', (minutes) => {
    const { prices } = pricesFor([1, 1]);
    expect(prices.ofCheck(check({ minutes }), new Set())).toEqual({
      minutes,
      money: 0,
      total: (HOUR * minutes) / 60,
    });
  });
  it('holds what it buys', () =>
    expect(pricesFor([1, 1]).prices.ofCheck(check({ buys: 'sensor' }), new Set())).toMatchObject({
      money: SENSOR,
      total: SENSOR + 6,
    }));
  test.each([
    [[1, 0], 0],
    [[3, 1], 0.25],
    [[0, 1], 1],
    [[0, 0], 1],
  ] as const)('breaking a sensor costs as much of it as would have been kept: %j', (weights, kept) => {
    const { prices } = pricesFor(weights);
    const { money, total } = prices.ofCheck(check({ mayBreakSensor: 0.1 }), new Set());
    expect(money).toBe(0);
    expect(total).toBeCloseTo(6 + 0.1 * SENSOR * kept, 9);
  });
  it('at a wheel whose sensor nobody would replace is the whole sensor', () => {
    const { prices } = pricesFor([1, 0]);
    const { total } = prices.ofCheck(check({ mayBreakSensor: 0.1, channel: 'rear-left' }), new Set());
    expect(total).toBeCloseTo(6 + 0.1 * SENSOR, 9);
  });
});

describe('where a move leads', () => {
  it('a check that changes nothing stays where it is', () => {
    const { prices, start } = pricesFor([1, 1]);
    expect(prices.afterCheck(check({}), 'normal', start)).toBe(start);
  });
  it('what was opened stays open, and is a place found again', () => {
    const { prices, start } = pricesFor([1, 1]);
    const opening = check({ openings: [LIFT] as never });
    const after = prices.afterCheck(opening, 'normal', start);
    expect([...after.at.open]).toEqual([LIFT.key]);
    expect(prices.afterCheck(opening, 'open', start)).toBe(after);
    expect(prices.afterCheck(opening, 'normal', after)).toBe(after);
  });
  test.each([
    ['lead', 'chafed', ['lead@front-left']],
    ['loom', 'broken', ['loom@front-left']],
    ['lead', 'sound', []],
    ['plug', 'wet', []],
  ])('a look at the %s that finds it %s', (part, outcome, located) => {
    const { prices, start } = pricesFor([1, 1]);
    const look = check({ record: { answer: { is: 'look', part } } as never });
    expect([...prices.afterCheck(look, outcome, start).at.located]).toEqual(located);
  });
  it('what was bought is in hand, what was erased is erased; after a repair all is closed', () => {
    const { prices, start } = pricesFor([1, 1]);
    const bought = prices.afterCheck(check({ buys: 'sensor', openings: [LIFT] as never }), 'normal', start);
    expect(bought.at).toMatchObject({ inHand: 'sensor@front-left', isErased: false });
    const erased = prices.afterCheck(check({ name: 'clear' }), 'came-back', bought);
    expect(erased.at).toMatchObject({ inHand: 'sensor@front-left', isErased: true });
    const repaired = prices.afterRepair(bought);
    expect([repaired.at.open.size, repaired.at.isErased, repaired.at.inHand]).toEqual([0, true, 'sensor@front-left']);
    expect(prices.afterRepair(bought)).toBe(repaired);
  });
});

test('repairs are moves, an erase is none', () => {
  const option = (action: string | null, segment: string | null) =>
    ({ record: { action, segment }, channel: 'front-left' }) as unknown as RepairOption;
  expect(repairMoves([option(null, null), option('replaced', 'sensor')])).toEqual([
    {
      kind: 'repair',
      name: 'replaced:sensor',
      action: 'replaced',
      segment: 'sensor',
      channel: 'front-left',
      option: 1,
    },
  ]);
});
