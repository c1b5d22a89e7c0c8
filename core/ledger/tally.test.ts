import { expect, test } from 'vitest';
import { tally } from './tally';

test('the ledger adds up by use; tools and spares are no part of what the repair cost', () => {
  const sums = tally([
    { id: '1', item: 'sensor', amount: 31.5, use: 'needed' },
    { id: '2', item: 'battery, on a hunch', amount: 80, use: 'wasted' },
    { id: '3', item: 'crimp pliers', amount: 24, use: 'kept' },
    { id: '4', item: 'old sensor', amount: 10, use: 'spare' },
    { id: '5', item: 'battery taken back', amount: 70, use: 'refund' },
    { id: '6', item: 'best case', amount: 200, use: 'quote', case: 'best' },
    { id: '7', item: 'usual case', amount: 280, use: 'quote', case: 'usual' },
  ]);
  expect(sums).toEqual({
    needed: 31.5,
    wasted: 80,
    kept: 24,
    spare: 10,
    refund: 70,
    spent: 75.5,
    quotes: { best: 200, usual: 280, worst: null },
    quote: 280,
    saved: 238.5,
    otherCurrencies: [],
  });
});

test('without a quote nothing is said of savings', () =>
  expect(tally([])).toMatchObject({ spent: 0, quote: null, saved: null }));

test('the newest quote of a case counts; where only the worst is known, it is the quote', () => {
  const quote = (id: string, amount: number, name: 'best' | 'worst') =>
    ({ id, item: 'quote', amount, use: 'quote', case: name }) as const;
  const sums = tally([quote('1', 400, 'worst'), quote('2', 380, 'worst')]);
  expect([sums.quote, sums.quotes]).toEqual([380, { best: null, usual: null, worst: 380 }]);
});

test.each([
  ['EUR', [0.1, 0.2, 0.005], 0.31],
  ['JPY', [100.4, 100.4], 200],
  ['TND', [1.0005, 2.001], 3.002],
])('sums agree with the lines as they are shown, in %s', (currency, amounts, wanted) => {
  const costs = amounts.map((amount, at) => ({ id: `${at}`, item: 'x', amount, use: 'needed' as const, currency }));
  expect(tally(costs, currency).needed).toBe(wanted);
});

test('an entry in another currency is in none of the sums, and is not forgotten', () => {
  const foreign = { id: '2', item: 'sensor from abroad', amount: 900, use: 'needed', currency: 'CZK' } as const;
  const sums = tally([{ id: '1', item: 'clip', amount: 2, use: 'needed' }, foreign], 'EUR');
  expect([sums.spent, sums.otherCurrencies]).toEqual([2, [foreign]]);
});
