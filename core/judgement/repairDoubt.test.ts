import { describe, expect, test } from 'vitest';
import { car, caseOf, type Loose } from '../../tests/support/caseBuilder';
import type { Repair } from '../casefile/contract';
import { repairDoubt } from './repairDoubt';

const seen: readonly Loose[] = [
  { kind: 'code', code: 'C0034', status: 'current' },
  { kind: 'look', part: 'plug', finding: 'unplugged', channel: 'front-right' },
];

function doubt(made: readonly Partial<Repair>[], more: readonly Loose[] = []): number | null {
  const file = caseOf(
    car('passive'),
    [...seen, ...more],
    made.map((repair) => ({ channel: 'front-right', after: 'o2', ...repair })),
  );
  return repairDoubt(file, file.repairs ?? []);
}

describe('the doubt about a repair', () => {
  test('of what was seen is small, of what points elsewhere great', () => {
    expect(doubt([{ action: 'reseated', segment: 'plug' }])).toBeLessThan(0.1);
    expect(doubt([{ action: 'replaced', segment: 'ring' }])).toBeGreaterThan(0.85);
  });
  test('at another wheel it is nearly sure to be in vain', () =>
    expect(doubt([{ action: 'reseated', segment: 'plug', channel: 'rear-left' }])).toBeGreaterThan(0.9));
  test('two repairs leave less than the one', () => {
    const single = doubt([{ action: 'replaced', segment: 'sensor' }]) ?? 0;
    const both =
      doubt([
        { action: 'replaced', segment: 'sensor' },
        { action: 'reseated', segment: 'plug' },
      ]) ?? 1;
    expect(both).toBeLessThan(single);
  });
  test('drives since change nothing of it: they are counted by the watch', () =>
    expect(
      doubt([{ action: 'replaced', segment: 'sensor' }], [{ kind: 'drive', result: 'lamps-stayed-out', distance: 50 }]),
    ).toBeCloseTo(doubt([{ action: 'replaced', segment: 'sensor' }]) ?? 0, 9));
  test('no repair, no doubt of it', () => expect(doubt([])).toBeNull());
});
