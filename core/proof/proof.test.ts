import fc from 'fast-check';
import { describe, expect, test } from 'vitest';
import { car, caseOf, type Loose } from '../../tests/support/caseBuilder';
import { proofSteps, proofVerdict, sinceRepair } from './proofSteps';
import { chanceOfSilence, doubtLeft, tripsNeeded } from './watch';

const before: Loose[] = [
  { kind: 'code', code: 'C0031', status: 'current' },
  { kind: 'drive', result: 'lamps-came-back' },
];
const repair = { channel: 'front-left', after: 'o2' } as const;
const verdictOf = (seen: readonly Loose[]) =>
  proofVerdict(proofSteps(caseOf(car('passive'), [...before, ...seen], [repair])));

describe('the proof', () => {
  const clean: Loose[] = [
    { kind: 'clear', result: 'stayed-clear' },
    { kind: 'drive', result: 'lamps-stayed-out' },
    { kind: 'no-code' },
  ];
  test('what came before the repair does not count', () => expect(verdictOf([])).toBe('not-begun'));
  test('a lit lamp right after a good repair is no failure', () =>
    expect(verdictOf([{ kind: 'lamps', lit: ['abs'] }])).toBe('not-begun'));
  test('erased, driven, read again', () => expect(verdictOf(clean)).toBe('proved'));
  test('a re-read straight after the erase proves nothing', () =>
    expect(verdictOf([...clean.slice(0, 2), { kind: 'no-code', tested: false }])).toBe('going-on'));
  test('back at key-on', () => expect(verdictOf([{ kind: 'clear', result: 'returned-at-key-on' }])).toBe('not-cured'));
  test('the latest word counts', () =>
    expect(verdictOf([{ kind: 'drive', result: 'lamps-came-back' }, ...clean])).toBe('proved'));
  test('a withdrawn observation does not count', () =>
    expect(verdictOf([...clean.slice(0, 2), { kind: 'no-code', withdrawn: true }])).toBe('going-on'));
  test('without a repair there is nothing to prove', () =>
    expect(sinceRepair(caseOf(car('passive'), before)).repair).toBeNull());
});

describe('the watch', () => {
  test('no trips change no doubt, and each clean trip lowers it', () => {
    fc.assert(
      fc.property(
        fc.double({ min: 0.001, max: 0.9, noNaN: true }),
        fc.integer({ min: 0, max: 60 }),
        fc.integer({ min: 0, max: 9 }),
        fc.integer({ min: 0, max: 9 }),
        (q, trips, shown, clean) => {
          const known = { shown, clean };
          expect(doubtLeft(q, 0, known)).toBeCloseTo(q, 12);
          expect(doubtLeft(q, trips + 1, known)).toBeLessThan(doubtLeft(q, trips, known));
          expect(chanceOfSilence(trips, known)).toBeGreaterThan(0);
        },
      ),
    );
  });
  test('closed form: after one failure, E[(1−p)ⁿ] with Beta(2, 1) is 2/((n+1)(n+2))', () => {
    for (const n of [0, 1, 2, 5, 20])
      expect(chanceOfSilence(n, { shown: 1, clean: 0 })).toBeCloseTo(2 / ((n + 1) * (n + 2)), 12);
  });
  test('the trips needed are the fewest that are enough', () => {
    const known = { shown: 1, clean: 2 };
    const needed = tripsNeeded(0.3, known);
    expect(needed).toBeGreaterThan(2);
    expect(doubtLeft(0.3, needed, known)).toBeLessThanOrEqual(0.05);
    expect(doubtLeft(0.3, needed - 1, known)).toBeGreaterThan(0.05);
  });
});
