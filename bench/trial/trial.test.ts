import { describe, expect, test } from 'vitest';
import { calibrationError, runTrial } from './trial';

describe('the trial', () => {
  test('the adviser beats fitting parts, never the floor', () => {
    const { policies, ...figures } = runTrial(40, 11);
    const of = (name: string) => policies.find((one) => one.policy === name);
    console.info(
      `trial: ${policies.map((one) => `${one.policy} ${(100 * one.repairedRightly).toFixed(0)} % ${one.meanCost.toFixed(0)} EUR`).join(', ')}`,
    );
    expect(of('adviser')?.meanCost).toBeLessThan(of('part-first')?.meanCost ?? 0);
    expect(of('adviser')?.partsForNothing).toBeLessThan(of('part-first')?.partsForNothing ?? 0);
    expect(of('adviser')?.repairedRightly).toBeGreaterThanOrEqual(0.85);
    expect(of('knows-the-fault')?.meanCost).toBeLessThan(of('adviser')?.meanCost ?? 0);
    expect(of('knows-the-fault')?.repairedRightly).toBe(1);
    expect(figures.brier).toBeLessThan(0.25);
  }, 120_000);

  test('it stops when told to, with what it has', () =>
    expect(runTrial(50, 1, undefined, (done) => done < 3).cars).toBe(3));
});

describe('calibration', () => {
  const acts = (probability: number, trueShare: number) =>
    Array.from({ length: 100 }, (_one, at) => ({ probability, isTrue: at % 10 < 10 * trueShare }));
  test('is perfect where belief is as often true', () => expect(calibrationError(acts(0.7, 0.7))).toBeCloseTo(0, 9));
  test('tells how far belief is off', () => expect(calibrationError(acts(0.9, 0.5))).toBeCloseTo(0.4, 9));
  test('of nothing is nothing', () => expect(calibrationError([])).toBe(0));
});
