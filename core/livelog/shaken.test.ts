import { describe, expect, test } from 'vitest';
import { USUAL_TURN_M } from './perTurn';
import type { Readings } from './readings';
import { quickShares, shaken } from './shaken';

const SPEED = 20;
const STEP_S = 0.1;
const MANY = 600;

/** A wheel that trembles once a turn by 3 %, read ten times a second at 20 km/h; half way the recording pauses. @param pause seconds. */
function trembler(pause: number): Readings {
  const at = Float64Array.from({ length: 2 * MANY }, (_, index) => index * STEP_S + (index < MANY ? 0 : pause));
  const own = at.map((second) => SPEED * (1 + 0.03 * Math.sin((2 * Math.PI * second * SPEED) / 3.6 / USUAL_TURN_M)));
  const expected = new Float64Array(at.length).fill(SPEED);
  return { channel: 'front-left', count: at.length, row: null, at, own, expected, odd: new Int32Array() };
}

describe('a wheel that trembles', () => {
  test('is told with the time in which it was seen', () => {
    const { finding, usable } = shaken(trembler(0), USUAL_TURN_M);
    expect(finding).toMatchObject({ rhythm: 'once-per-turn', from: STEP_S, to: (2 * MANY - 1) * STEP_S });
    expect(usable).toBe(2 * MANY - 1);
  });
  test('is looked at up to a pause over which nobody knows its angle, however long that is', () => {
    const fiveDays = trembler(5 * 86_400);
    const { finding } = shaken(fiveDays, USUAL_TURN_M);
    expect(finding?.rhythm).toBe('once-per-turn');
    expect(finding?.to).toBeCloseTo((MANY - 1) * STEP_S, 9);
    expect(quickShares(fiveDays, USUAL_TURN_M, 2 * MANY).turns).toHaveLength(MANY - 1);
  });
});
