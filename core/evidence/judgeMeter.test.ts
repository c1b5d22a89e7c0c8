import { describe, expect, test } from 'vitest';
import { caseOf, car, type Loose } from '../../tests/support/caseBuilder';
import { timelineOf } from './timeline';
import type { ObservationOf } from '../casefile/contract';
import type { Verdict } from './verdict';
import { verdictOf as judged } from './verdictOf';

function verdictOf(
  reading: Partial<ObservationOf<'meter'>>,
  before: readonly Loose[] = [],
  vehicle = car('passive'),
): Verdict {
  const meter = {
    kind: 'meter',
    channel: 'rear-right',
    point: 'sensor',
    quantity: 'resistance',
    value: 0,
    ...reading,
  } as Loose;
  const file = caseOf(vehicle, [...before, meter]);
  const stage = timelineOf(file).stages.at(-1);
  const observation = file.observations.at(-1);
  if (!stage || observation?.kind !== 'meter') throw new Error('no stage');
  const verdict = judged(observation, stage.context);
  if (!verdict) throw new Error('no verdict');
  return verdict;
}

describe('a coil against its band', () => {
  test('950 Ω at 0 °C is inside a 1000–1400 Ω band at 20 °C', () => {
    expect(verdictOf({ value: 950, resolution: 1, temperature: 0 }).tone).toBe('good');
  });

  test('the same shown as 0.95 kΩ is borderline: ±30 Ω of counts', () => {
    expect(verdictOf({ value: 950, resolution: 10, temperature: 0 }).tone).toBe('borderline');
  });

  test('without a temperature the same reading is borderline too', () => {
    expect(verdictOf({ value: 1040, resolution: 1 }).tone).toBe('borderline');
    expect(verdictOf({ value: 1200, resolution: 1 }).tone).toBe('good');
  });

  test('just driven, the knuckle may be warmer still', () => {
    const rested = verdictOf({ value: 1200, resolution: 1 });
    const driven = verdictOf({ value: 1200, resolution: 1 }, [{ kind: 'drive', result: 'lamps-came-back' }]);
    expect(driven.figure?.halfWidth).toBeGreaterThan((rested.figure?.halfWidth ?? 0) * 1.7);
  });

  test('a borderline reading is shared out, a clear one is not', () => {
    const border = verdictOf({ value: 1000, resolution: 1, temperature: 20 }).fits;
    expect(border['low']).toBeCloseTo(0.5, 1);
    expect(border['inside']).toBeCloseTo(0.5, 1);
    expect(verdictOf({ value: 1200, resolution: 1, temperature: 20 }).fits['inside']).toBe(1);
  });

  test('far below is near zero, far above as good as open', () => {
    expect(verdictOf({ value: 4 }).fits).toEqual({ 'near-zero': 1 });
    expect(verdictOf({ value: 90_000 }).fits).toEqual({ open: 1 });
  });
});

describe('whose band', () => {
  const otherSide: Loose = {
    kind: 'meter',
    channel: 'rear-left',
    point: 'sensor',
    quantity: 'resistance',
    value: 2100,
    resolution: 10,
    temperature: 20,
  };

  test('without a manual the other side is the measure', () => {
    const bare = car('passive', { specs: {} });
    expect(verdictOf({ value: 2150, temperature: 20 }, [otherSide], bare).figure?.min?.from).toBe('other-side');
    expect(verdictOf({ value: 900, temperature: 20 }, [otherSide], bare).outcome).toBe('low');
    expect(verdictOf({ value: 900, temperature: 20 }, [], bare).tone).toBe('good');
  });

  test('two sides that agree outvote a printed band in part', () => {
    expect(verdictOf({ value: 2150, temperature: 20 }, [otherSide]).fits['inside']).toBeGreaterThan(0.5);
    expect(verdictOf({ value: 2150, temperature: 20 }).fits['inside']).toBeUndefined();
  });

  test('an overload is no figure to draw', () => expect(verdictOf({ value: 'overload' }).figure).toBeNull());
});
