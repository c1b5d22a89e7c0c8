import { describe, expect, test } from 'vitest';
import { calibrationError, reliability, summarise, trialCars } from './trial';

describe('the trial', () => {
  test('the adviser beats fitting parts, never the floor; the same seed gives the same', () => {
    const results = trialCars(0, 12, 11);
    const { policies, ...figures } = summarise(results, 11);
    const of = (name: string) => policies.find((policy) => policy.policy === name);
    expect(of('adviser')?.meanCost).toBeLessThan(of('part-first')?.meanCost ?? 0);
    expect(of('adviser')?.meanCost).toBeLessThan(of('flowchart')?.meanCost ?? 0);
    expect(of('adviser')?.partsForNothing).toBeLessThan(of('part-first')?.partsForNothing ?? 0);
    expect(of('knows-the-fault')?.meanCost).toBeLessThan(of('adviser')?.meanCost ?? 0);
    expect(of('knows-the-fault')?.repairedRightly).toBe(1);
    expect(figures.brier).toBeLessThanOrEqual(figures.singleFault.brier + 0.02);
    expect(trialCars(4, 6, 11)).toEqual(results.slice(4, 6));
  }, 120_000);

  test('it stops when told to, with what it has', () =>
    expect(trialCars(0, 50, 1, undefined, (done) => done < 3)).toHaveLength(3));

  test('no cars, no figures', () =>
    expect(summarise([], 1)).toMatchObject({ cars: 0, calibrationError: 0, brier: 0, actedOnAt80: 0 }));
});

describe('calibration', () => {
  const acts = (probability: number, trueShare: number) =>
    Array.from({ length: 100 }, (_one, at) => ({ probability, isTrue: at % 10 < 10 * trueShare }));
  test('is perfect where belief is as often true', () => expect(calibrationError(acts(0.7, 0.7))).toBeCloseTo(0, 9));
  test('tells how far belief is off', () => expect(calibrationError(acts(0.9, 0.5))).toBeCloseTo(0.4, 9));
  test('bins hold at least fifty cars, all cars once', () => {
    const bins = reliability([...acts(0.5, 0.5), ...acts(0.9, 0.8), ...acts(0.7, 0.7)]);
    expect(bins.reduce((sum, bin) => sum + bin.cars, 0)).toBe(300);
    expect(Math.min(...bins.map((bin) => bin.cars))).toBeGreaterThanOrEqual(50);
    expect(bins.map((bin) => bin.believed)).toEqual([...bins.map((bin) => bin.believed)].sort((a, b) => a - b));
  });
});
