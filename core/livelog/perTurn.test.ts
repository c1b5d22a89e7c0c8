import { describe, expect, test } from 'vitest';
import { seededRandom } from '../../tests/support/seededRandom';
import { trembling } from './perTurn';

const READINGS = 800;

/** Readings of a wheel that trembles once a turn by so much, with so much noise, as shares of the speed. */
function wheel(amplitude: number, noise: number): [turns: Float64Array, shares: Float64Array] {
  const random = seededRandom(7);
  const turns = Float64Array.from({ length: READINGS }, (_, at) => at * 0.13);
  return [turns, turns.map((turn) => amplitude * Math.sin(2 * Math.PI * turn) + noise * (random() - 0.5))];
}

describe('trembling', () => {
  test('is found at its height and its tyre', () => {
    const found = trembling(...wheel(0.03, 0.01));
    expect(found?.amplitude).toBeCloseTo(0.03, 2);
    expect(found?.scale).toBeCloseTo(1, 2);
    expect(found?.byChance).toBeLessThan(1e-6);
  });
  test('of noise alone is owed to chance', () => expect(trembling(...wheel(0, 0.01))?.byChance).toBeGreaterThan(1e-3));
  test('is not looked for where the readings cannot hold so much; nothing that could be wanted is missed', () => {
    for (const [amplitude, noise] of [
      [0.03, 0.01],
      [0.004, 0.001],
      [0.002, 0.02],
      [0, 0.01],
    ] as const) {
      const [turns, shares] = wheel(amplitude, noise);
      const all = trembling(turns, shares);
      for (const faintest of [0.001, 0.004, 0.01, 0.05]) {
        const found = trembling(turns, shares, faintest);
        if (found) expect(found).toEqual(all);
        else expect(all?.amplitude ?? 0).toBeLessThan(faintest);
      }
    }
    expect(trembling(...wheel(0.0005, 0.0005), 0.004)).toBeNull();
  });
  test('needs forty readings that differ', () => {
    const [turns, shares] = wheel(0.03, 0);
    expect(trembling(turns.slice(0, 39), shares.slice(0, 39))).toBeNull();
    expect(trembling(turns.slice(0, 40), shares.slice(0, 40))).not.toBeNull();
    expect(trembling(turns, new Float64Array(READINGS))).toBeNull();
  });
});
