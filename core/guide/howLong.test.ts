import { describe, expect, test } from 'vitest';
import { car, caseOf } from '../../tests/support/caseBuilder';
import type { SENSOR_PLACES } from '../casefile/words';
import { rungKey } from './climb';
import { howLong, type HowLong } from './howLong';

const CORNER = 'rear-right';
const left = (
  keys: readonly string[] = [],
  sensor: (typeof SENSOR_PLACES)[number] = 'knuckle',
  repair = 'replaced:sensor',
) =>
  howLong(
    {
      ...caseOf(car('passive', { places: { [CORNER]: { sensor, plug: 'sill' } } }), []),
      work: keys.map((step, at) => ({ id: `${at}`, step })),
    },
    repair,
    CORNER,
  ) as HowLong;
const vain = (...rungs: readonly string[]) => rungs.map((rung) => rungKey(rung, 'no-change', CORNER));

describe('how long it takes', () => {
  test('a bad day is longer than a usual one, and that longer than the best', () => {
    const { best, usual, bad } = left();
    expect(best).toBeGreaterThan(20);
    expect(usual).toBeGreaterThan(best);
    expect(bad).toBeGreaterThan(usual);
  });
  test('rungs climbed in vain make the best day longer, and are counted once each', () => {
    expect(left(vain('clean-around', 'penetrant', 'turn')).best).toBeGreaterThan(left().best);
    expect(left(vain('turn', 'turn')).climbed).toBe(1);
  });
  test('a sensor behind the disc takes longer; what stands open takes none again', () => {
    expect(left([], 'behind-disc').best).toBeGreaterThan(left().best);
    expect(left([`wheel-off@${CORNER}`]).best).toBeLessThan(left().best);
    const out = left([`wheel-off@${CORNER}`, `sensor-out@${CORNER}`]);
    expect(out.usual).toBe(out.best);
  });
  test('what needs no sensor out has no ladder in it; what is no repair has no time', () => {
    expect(left([], 'knuckle', 'reseated:plug')).toMatchObject({ climbed: 0 });
    expect(howLong(caseOf(car('passive'), []), 'painted:wing', CORNER)).toBeNull();
  });
});
