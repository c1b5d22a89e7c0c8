import { describe, expect, test } from 'vitest';
import { car, caseOf, type Loose } from '../../tests/support/caseBuilder';
import { chances } from '../../tests/support/simulatedLog';
import { HOW_OFTEN, howOftenKey, howOftenSaid, tripsBefore } from './before';
import { tripsNeeded } from './watch';

/** Counted trips before the repair. */
const COUNTED = 12;
const Q = 0.5;
const RUNS = 10_000;
const SAFE = 0.05;

/** Trips that somebody needs who knows how often it shows: q(1−p)ⁿ against 1−q. */
function knowing(p: number): number {
  if (p >= 1) return 1;
  return Math.ceil(Math.log((SAFE * (1 - Q)) / ((1 - SAFE) * Q)) / Math.log(1 - p));
}

describe('10,000 intermittent faults, half of the repairs wrong', () => {
  const random = chances(20);
  let [declared, uncured] = [0, 0];
  const ratios: number[] = [];
  for (let run = 0; run < RUNS; run += 1) {
    const p = random();
    const shown = Array.from({ length: COUNTED }, () => random() < p).filter(Boolean).length;
    const isCured = random() >= Q;
    const needed = tripsNeeded(Q, { shown, clean: COUNTED - shown }, SAFE);
    const comesBack = !isCured && Array.from({ length: needed }, () => random() < p).some(Boolean);
    if (p > 0.1) ratios.push(needed / Math.max(1, knowing(p)));
    if (comesBack) continue;
    declared += 1;
    if (!isCured) uncured += 1;
  }
  test('of those declared safe at most one in twenty is not cured', () => {
    expect(declared).toBeGreaterThan(RUNS / 3);
    expect(uncured / declared).toBeLessThanOrEqual(SAFE + 0.005);
  });
  test('half of them wait at most half as long again as somebody who knows how often it shows', () => {
    const middle = ratios.toSorted((a, b) => a - b)[ratios.length >> 1] ?? Infinity;
    expect(middle).toBeLessThanOrEqual(1.5);
    expect(middle).toBeGreaterThan(0.5);
  });
});

describe('how often it used to show', () => {
  const file = (seen: readonly Loose[], work: readonly string[] = [], after = 'o2') => ({
    ...caseOf(car('passive'), seen, [{ channel: 'front-left', after }]),
    work: work.map((step, at) => ({ id: `w${at}`, step })),
  });
  test('is what the owner said last; what is rarer needs more trips', () => {
    expect(howOftenSaid(file([]))).toBeNull();
    expect(howOftenSaid(file([], [howOftenKey('rarely'), howOftenKey('every-trip')]))?.id).toBe('every-trip');
    const needed = HOW_OFTEN.map(({ before }) => tripsNeeded(0.5, before));
    expect(needed).toEqual(needed.toSorted((a, b) => a - b));
    expect(new Set(needed).size).toBe(needed.length);
  });
  test('drives that were noted before the repair count, those after it do not', () => {
    const seen: Loose[] = [
      { kind: 'drive', result: 'lamps-came-back', trips: 3 },
      { kind: 'drive', result: 'lamps-stayed-out' },
      { kind: 'drive', result: 'lamps-stayed-out', trips: 9 },
    ];
    expect(tripsBefore(file(seen, [howOftenKey('every-third')]))).toEqual({ shown: 4, clean: 3 });
    expect(tripsBefore(file([]))).toEqual({ shown: 1, clean: 2 });
  });
});
