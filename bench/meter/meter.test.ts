import fc from 'fast-check';
import { describe, expect, test } from 'vitest';
import { breakCar } from '../car/breakages';
import type { Car, Corner } from '../car/corner';
import { soundCar } from '../car/soundCar';
import { chanceFrom } from '../chance';
import { readFreely, type FreeProbe } from '../practice/freeProbe';
import { DIAL, POINTS, type Point } from '../practice/probes';
import { AUTORANGING, BY_HAND, displayOf } from './kinds';
import { readMeter } from './readMeter';

const FOUR = ['front-left', 'front-right', 'rear-left', 'rear-right'] as const;
const OPEN = { sensor: true, module: true };
const EXACT = { ...AUTORANGING, percent: 0, digits: 0 };

function first(car: Car): Corner {
  const [corner] = car.corners;
  if (!corner) throw new Error('a car has corners');
  return corner;
}

describe('the display', () => {
  test.each([
    [AUTORANGING, 1234.4, 'resistance', 1234, 1],
    [AUTORANGING, 0.351, 'ac-voltage', 0.351, 0.001],
    [BY_HAND, 1234.4, 'resistance', 1234, 1],
    [BY_HAND, 2100, 'resistance', 2100, 10],
    [BY_HAND, 0.351, 'ac-voltage', 0.4, 0.1],
  ] as const)('%o shows %f as its range allows', (meter, value, quantity, shown, resolution) => {
    const display = displayOf(value, quantity, { ...meter, percent: 0, digits: 0 }, chanceFrom(1));
    expect(display.value).toBeCloseTo(shown, 9);
    expect(display.resolution).toBeCloseTo(resolution, 9);
  });

  test('a sound coil on too small a range is overload, and the range is told', () =>
    expect(displayOf(2200, 'resistance', { ...BY_HAND, setTo: 2000 }, chanceFrom(1))).toEqual({
      value: 'overload',
      range: 2000,
    }));

  test('never negative, never above its range, and a whole number of counts', () => {
    fc.assert(
      fc.property(fc.double({ min: 0, max: 1e8, noNaN: true }), fc.integer(), (value, seed) => {
        const shown = displayOf(value, 'resistance', BY_HAND, chanceFrom(seed));
        const isOver = shown.value === 'overload';
        if (value >= 20e6) expect(isOver).toBe(true);
        const counts = shown.value === 'overload' ? 0 : shown.value / (shown.resolution ?? 1);
        expect(counts).toBeGreaterThanOrEqual(0);
        expect(counts).toBeLessThan(BY_HAND.counts);
        expect(Math.abs(counts - Math.round(counts))).toBeLessThan(1e-3);
      }),
    );
  });
});

describe('any two points of the circuit', () => {
  const car = soundCar(FOUR, 'passive', chanceFrom(3));
  const corner = first(car);
  const ohm = (red: Point, black: Point, plugs = OPEN): number => {
    const { value } = readFreely({ dial: 'ohm', red, black, plugs }, corner, car, EXACT, chanceFrom(1));
    return value === 'overload' ? Infinity : value;
  };

  test('what lies in series adds up: sensor, plug, loom', () => {
    const whole = ohm('M1', 'M2', { sensor: false, module: true });
    const parts = ohm('S1', 'S2') + ohm('P1', 'M1') + ohm('P2', 'M2');
    expect(Math.abs(whole - parts)).toBeLessThan(2);
  });

  test('the same both ways round, for every pair and dial', () => {
    for (const dial of DIAL)
      for (const red of POINTS)
        for (const black of POINTS) {
          if (red === black) continue;
          const probe = (a: Point, b: Point): FreeProbe => ({ dial, red: a, black: b, plugs: OPEN });
          const [entry, other] = [probe(red, black), probe(black, red)].map(
            (freeProbe) => readFreely(freeProbe, corner, car, EXACT, chanceFrom(1)).value,
          );
          if (typeof entry === 'number' && typeof other === 'number') expect(entry).toBeCloseTo(other, 6);
          else expect(entry).toBe(other);
        }
  });

  test('agrees with the check of the contract on the same points', () => {
    const check = readMeter(corner, car, 'sensor', 'resistance', 'still', chanceFrom(2), EXACT);
    expect(ohm('S1', 'S2')).toBeCloseTo(check.value as number, 6);
  });

  test('the battery shows its voltage, and the module’s feed what is left of it', () => {
    const volt = (red: Point): number =>
      readFreely({ dial: 'dc', red, black: 'G', plugs: OPEN }, corner, car, EXACT, chanceFrom(1)).value as number;
    expect(volt('BAT')).toBeCloseTo(car.batteryVolt, 1);
    expect(volt('BAT') - volt('F')).toBeCloseTo(car.feedDropVolt, 1);
  });

  test('a millivolt range overloads on a feed, which is no fault', () => {
    const active = soundCar(FOUR, 'active', chanceFrom(3));
    const plugs = { sensor: true, module: false };
    const at = (dial: 'mv' | 'dc') =>
      readFreely({ dial, red: 'P1', black: 'P2', plugs }, first(active), active, EXACT, chanceFrom(1)).value;
    expect(at('mv')).toBe('overload');
    expect(at('dc')).toBeGreaterThan(11);
  });

  test('with the plugs shut the module’s input lies beside the coil, and leads to ground', () => {
    const coil = ohm('S1', 'S2');
    const beside = ohm('S1', 'S2', { sensor: false, module: false });
    expect(beside).toBeCloseTo((coil * 20_000) / (coil + 20_000), -1);
    expect(ohm('S1', 'G')).toBe(Infinity);
    expect(ohm('S1', 'G', { sensor: false, module: false })).toBeLessThan(12_000);
  });

  test('with the plug shut a short in the loom is seen from the sensor’s pins as well', () => {
    const shorted = breakCar(car, 'loom-short-across', corner.channel, chanceFrom(4));
    const seen = (sensor: boolean) =>
      readFreely(
        { dial: 'ohm', red: 'S1', black: 'S2', plugs: { sensor, module: true } },
        first(shorted),
        shorted,
        EXACT,
        chanceFrom(1),
      ).value;
    expect(seen(true)).toBeGreaterThan(500);
    expect(seen(false)).toBeLessThan(100);
  });
});
