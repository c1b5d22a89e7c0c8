import { describe, expect, test } from 'vitest';
import { car, caseOf } from '../../tests/support/caseBuilder';
import type { CaseFile, Repair } from '../casefile/contract';
import { forNothingIn, foundIn } from './found';

const SEEN = caseOf(car('passive'), [
  { kind: 'lamps', lit: ['abs'] },
  { kind: 'code', code: 'C003A', status: 'current' },
  { kind: 'meter', point: 'sensor', quantity: 'resistance', value: 'overload', channel: 'rear-right' },
  { kind: 'no-code', module: 'abs' },
]);
const repair = (change: Partial<Repair>): Repair => ({
  id: 'r',
  action: 'replaced',
  segment: 'sensor',
  channel: 'rear-right',
  result: 'fixed',
  after: SEEN.observations[2]?.id ?? null,
  ...change,
});
const file = (...repairs: readonly Repair[]): CaseFile => ({ ...SEEN, repairs, ending: 'solved' });

describe('the fault that a job turned out to have', () => {
  test('is the likeliest of those that the repair which helped can cure, as things stood before it', () => {
    const found = foundIn(file(repair({})));
    expect(found).toMatchObject({ channel: 'rear-right', repair: { id: 'r' } });
    expect(found?.fault).toMatch(/^sensor-/u);
  });
  test('another repair, another fault', () =>
    expect(foundIn(file(repair({ action: 'cleaned', segment: 'plug' })))?.fault).toMatch(/^plug-/u));
  test('is not known while no repair is known to have helped', () => {
    expect(foundIn(file(repair({ result: 'unknown' })))).toBeNull();
    expect(foundIn(file(repair({ result: 'no-change' })))).toBeNull();
    expect(foundIn(file())).toBeNull();
  });
});

test('what was for nothing: parts said to be wasted, and repairs that changed nothing', () => {
  const costs = [
    { id: 'a', item: 'sensor', amount: 40, use: 'wasted' },
    { id: 'b', item: 'sleeve', amount: 4, use: 'needed' },
  ] as const;
  const made = forNothingIn({ ...file(repair({ id: 'x', result: 'no-change' }), repair({})), costs });
  expect([made.costs.map(({ id }) => id), made.repairs.map(({ id }) => id)]).toEqual([['a'], ['x']]);
});
