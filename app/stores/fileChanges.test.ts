import { describe, expect, test } from 'vitest';
import { car, caseOf } from '../../tests/support/caseBuilder';
import * as change from './fileChanges';

const file = caseOf(car('passive'), [
  { kind: 'lamps', lit: ['abs'] },
  { kind: 'history', event: 'water' },
]);
const AT = '2026-05-04T17:30:00Z';

describe('work', () => {
  const done = change.withWork(file, 'wheel-off@front-left', 'done', 'w1', AT);
  test('done, then undone, then done again is one entry', () => {
    const back = change.withWork(done, 'wheel-off@front-left', 'undone', 'w2', AT);
    expect(back.work).toEqual([{ id: 'w1', at: AT, step: 'wheel-off@front-left', undone: true }]);
    expect(change.withWork(back, 'wheel-off@front-left', 'done', 'w3', AT).work).toEqual([
      { id: 'w1', at: AT, step: 'wheel-off@front-left', undone: false },
    ]);
  });
  test('open takes only the last entry of that step away', () => {
    const two = change.withWork(done, 'raised@front-left', 'done', 'w2', AT);
    expect(change.withWork(two, 'wheel-off@front-left', 'open', 'x', AT).work?.map((one) => one.id)).toEqual(['w2']);
  });
  test('undo of do is what was', () =>
    expect(change.withWork(done, 'wheel-off@front-left', 'open', 'x', AT).work).toEqual(file.work ?? []));
});

test('a repair stands after everything observed so far', () => {
  const repaired = change.withRepair(file, { action: 'replaced', segment: 'sensor', result: 'unknown' }, 'r1', AT);
  expect(repaired.repairs).toMatchObject([{ id: 'r1', after: 'o2' }]);
  expect(
    change.withRepair(
      caseOf(car('passive'), []),
      { action: 'replaced', segment: 'sensor', result: 'unknown' },
      'r1',
      AT,
    ).repairs,
  ).toMatchObject([{ after: null }]);
});

test('withdrawing and counting again is exact', () => {
  const gone = change.withWithdrawn(file, 'o1', true);
  expect(gone.observations[0]?.withdrawn).toBe(true);
  expect(change.withWithdrawn(gone, 'o1', false).observations[0]).toEqual({
    ...file.observations[0],
    withdrawn: false,
  });
});

test('a correction keeps place, id and time, and nothing else of the old', () => {
  const seen = [
    { id: 'a', at: '2026-03-01T10:00:00+01:00', kind: 'look', part: 'lead', finding: 'sound', channel: 'rear-left' },
    { id: 'b', kind: 'meter', point: 'battery', quantity: 'dc-voltage', value: 12.6 },
  ] as const;
  const before = { format: 'zelf-case', version: 1, vehicle: { channels: ['rear-left'] }, observations: seen } as const;
  const said: change.NewObservation = { kind: 'look', part: 'plug', finding: 'corroded' };
  expect(change.withCorrected(before, 'a', said).observations).toEqual([
    { id: 'a', at: '2026-03-01T10:00:00+01:00', kind: 'look', part: 'plug', finding: 'corroded' },
    seen[1],
  ]);
  expect(change.withCorrected(before, 'z', said).observations).toEqual(seen);
});
