import { describe, expect, test } from 'vitest';
import { CHANNEL_FAULTS, SHARED_FAULTS } from '../core/knowledge/faultRows';
import { chanceFrom } from './chance';
import { drawMade } from './drawWorld';
import { AT_CORNER, OF_CAR, weightsOf } from './frequencies';

describe("the bench's own frequencies", () => {
  test('speak of every fault that a corner or the car can have', () => {
    const own = (rows: readonly { fault: string }[]): string[] => rows.map((row) => row.fault).sort();
    const catalogue = (rows: readonly { id: string }[]): string[] => rows.map((row) => row.id).sort();
    expect(own(AT_CORNER)).toEqual(catalogue(CHANNEL_FAULTS));
    expect(own(OF_CAR)).toEqual(catalogue(SHARED_FAULTS));
  });
  test('differ from what the adviser believes: most by a fifth or more', () => {
    const differs = CHANNEL_FAULTS.filter((row) => {
      const own = AT_CORNER.find((frequency) => frequency.fault === row.id);
      return own && Math.abs(own.passive / Math.max(1, row.often.passive) - 1) >= 0.2;
    });
    expect(differs.length).toBeGreaterThan(0.6 * CHANNEL_FAULTS.length);
  });
  test('what cannot be is not drawn, and a weight of none takes a fault out', () => {
    const faults = weightsOf(AT_CORNER, 'passive').map(([fault]) => fault);
    expect(faults).not.toContain('sensor-dead');
    const without = weightsOf(AT_CORNER, 'active', (fault) => Number(fault !== 'sensor-dead'));
    expect(without.find(([fault]) => fault === 'sensor-dead')?.[1]).toBe(0);
  });
  test('some cars have trouble at two corners, most at one', () => {
    const cars = Array.from({ length: 400 }, (_none, seed) => drawMade(chanceFrom(seed)).faults);
    const two = cars.filter((faults) => new Set(faults.map((fault) => fault.channel)).size > 1).length;
    expect(two).toBeGreaterThan(4);
    expect(two).toBeLessThan(60);
  });
});
