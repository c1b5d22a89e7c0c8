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
    quote: 280,
    saved: 238.5,
  });
});

test('without a quote nothing is said of savings', () =>
  expect(tally([])).toMatchObject({ spent: 0, quote: null, saved: null }));
