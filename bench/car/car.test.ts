import { describe, expect, test } from 'vitest';
import { ALL_FAULTS } from '../../core/knowledge/faults';
import { repairsFor } from '../../core/knowledge/repairs/all';
import { ringPitchM } from '../../core/vehicle/gap';
import { chanceFrom } from '../chance';
import { makeWorld } from '../drawWorld';
import { readMeter } from '../meter/readMeter';
import { isSound, repairCar } from '../repair';
import { breakCar } from './breakages';
import { signalOf } from './signal';
import { soundCar } from './soundCar';

const FOUR = ['front-left', 'front-right', 'rear-left', 'rear-right'] as const;

describe('the car obeys physics', () => {
  const car = soundCar(FOUR, 'passive', chanceFrom(1));
  const [corner] = car.corners;
  if (!corner) throw new Error('a car has corners');

  test('spacing loss: half a millimetre more gap costs e^(−2π·0.5/pitch) of the cut-in speed', () => {
    const wider = { ...corner, gapM: corner.gapM + 0.0005 };
    const [near, far] = [corner, wider].map((corner) => signalOf(corner, car, chanceFrom(2)).cutInKmh);
    const pitch = ringPitchM(corner.ring.diameterM, corner.ring.teeth);
    expect((far ?? 0) / (near ?? 1)).toBeCloseTo(Math.exp((2 * Math.PI * 0.0005) / pitch), 6);
  });

  test('a coil grows with temperature: copper, 0.393 % a kelvin', () => {
    const at = (celsius: number) =>
      readMeter(corner, { ...car, partCelsius: celsius }, 'sensor', 'resistance', 'still', chanceFrom(5))
        .value as number;
    expect(at(60) / at(20)).toBeCloseTo(1 + 0.00393 * 40, 1);
  });

  test('readings agree with each other: module end = sensor + loom, within the meter', () => {
    const read = (point: 'sensor' | 'module-end') =>
      readMeter(corner, car, point, 'resistance', 'still', chanceFrom(9)).value as number;
    expect(read('module-end') - read('sensor')).toBeGreaterThanOrEqual(-2);
    expect(read('module-end') - read('sensor')).toBeLessThan(5);
  });

  test('a broken loom wire shows next to no volts at the plug, though nothing else is wrong', () => {
    const active = soundCar(FOUR, 'active', chanceFrom(3));
    const broken = breakCar(active, 'loom-open', 'rear-left', chanceFrom(3));
    const volts = (car: typeof active) =>
      readMeter(car.corners[2] ?? null, car, 'supply-at-plug', 'dc-voltage', 'still', chanceFrom(4)).value as number;
    expect(volts(active)).toBeGreaterThan(11);
    expect(volts(broken)).toBeLessThan(1);
  });
});

describe('every fault of the catalogue', () => {
  const real = ALL_FAULTS.filter((row) => row.id !== 'stale-code');

  test.each(real.map((row) => row.id))('%s breaks the car, and its repair makes it sound again', (fault) => {
    const row = real.find((row) => row.id === fault);
    const type = row && row.often.passive > 0 ? 'passive' : 'active';
    const channel =
      row?.segment === 'supply' || fault === 'brake-switch' || fault === 'brake-fluid-low' ? null : 'rear-left';
    for (let seed = 1; seed <= 8; seed += 1) {
      const sound = soundCar(FOUR, type, chanceFrom(seed));
      expect(isSound(sound)).toBe(true);
      const broken = breakCar(sound, fault, channel, chanceFrom(seed));
      expect(isSound(broken)).toBe(false);
      expect(isSound(repairCar(broken, repairsFor(fault)[0]?.repair ?? '', channel, chanceFrom(seed)))).toBe(true);
    }
  });

  test('the catalogue was met whole', () => expect(real.length).toBeGreaterThanOrEqual(30));
});

test('a world repeats by its seed, and a repaired one stays quiet', () => {
  const look = (seed: number) => {
    const world = makeWorld(FOUR, 'passive', [{ channel: 'rear-right', fault: 'sensor-open' }], chanceFrom(seed));
    const codes = world.readCodes();
    const coil = world.observe('meter:sensor:resistance', 'rear-right');
    return { codes, coil, result: world.repair('replaced:sensor', 'rear-right').result, sound: world.isSound };
  };
  expect(look(5)).toEqual(look(5));
  expect(look(5)).toMatchObject({ result: 'fixed', sound: true });
});
