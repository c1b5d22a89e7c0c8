import { describe, expect, test } from 'vitest';
import type { Vehicle } from '../casefile/contract';
import { USUAL_UNITS } from '../quantities/ownUnits';
import { formOf, untouched, vehicleOf, type VehicleForm } from './sheetForm';

const CAR: Vehicle = { name: 'Tansy', channels: ['front-left', 'front-right', 'rear-left', 'rear-right'] };
const made = (typed: Partial<VehicleForm>, before = CAR, units = USUAL_UNITS) =>
  vehicleOf({ ...formOf(before, units), ...typed }, before, units);

describe('an odometer', () => {
  test.each([
    ['84200', 84_200],
    ['84.200', 84_200],
    ['84 200', 84_200],
    ['84,200', 84_200],
    ['84200,5', 84_200.5],
    ['', undefined],
  ])('%j is %d km', (odometer, wanted) => {
    const { vehicle, problems } = made({ odometer });
    expect([vehicle.odometer, problems]).toEqual([wanted, []]);
  });
  test('is read as it is shown: a sheet that is opened and kept changes nothing', () => {
    for (const odometer of [0, 7, 84.12, 999, 1000, 84_200, 84_200.5, 2_999_999])
      expect(made({}, { ...CAR, odometer }).vehicle.odometer, String(odometer)).toBe(odometer);
    expect(made({}, { ...CAR, odometer: 84.123 }).vehicle.odometer).toBe(84.12);
  });
  test('is typed in miles where the owner reads them', () => {
    const units = { ...USUAL_UNITS, distance: 'mi' } as const;
    expect(made({ odometer: '52,319' }, CAR, units).vehicle.odometer).toBeCloseTo(84_199, 0);
  });
  test.each(['-1', '3000001', 'many'])('%j is refused with its limits, and the rest is kept', (odometer) => {
    const { vehicle, problems } = made({ odometer, name: 'Bertie' });
    expect(problems.map(({ path }) => path)).toEqual(['odometer']);
    expect(vehicle).toMatchObject({ name: 'Bertie' });
    expect(vehicle).not.toHaveProperty('odometer');
  });
});

describe('figures of the manual', () => {
  test('a coil’s band, its temperature, teeth, tyre and torques', () => {
    const { vehicle, problems } = made({
      coilMin: '1,0 kΩ',
      coilMax: '1400',
      coilAt: '20',
      teeth: '48',
      tyre: '195/65R15',
      torques: { 'sensor-bolt': '8,5' },
    });
    expect(problems).toEqual([]);
    expect(vehicle.specs).toEqual({
      sensorResistance: { min: 1000, max: 1400, at: 20 },
      toneRingTeeth: 48,
      tyre: '195/65R15',
      torques: { 'sensor-bolt': 8.5 },
    });
    expect(made({}, vehicle).vehicle).toEqual(vehicle);
  });
  test('each limit on both sides', () => {
    const wrong = (typed: Partial<VehicleForm>): string[] => made(typed).problems.map(({ path }) => path);
    expect([wrong({ teeth: '4' }), wrong({ teeth: '400' }), wrong({ teeth: '3' }), wrong({ teeth: '401' })]).toEqual([
      [],
      [],
      ['teeth'],
      ['teeth'],
    ]);
    expect([
      wrong({ coilAt: '-40' }),
      wrong({ coilAt: '-41' }),
      wrong({ coilAt: '150' }),
      wrong({ coilAt: '151' }),
    ]).toEqual([[], ['coilAt'], [], ['coilAt']]);
    expect(wrong({ torques: { 'hub-nut': '0.4' } })).toEqual(['torque.hub-nut']);
    expect(wrong({ torques: { 'hub-nut': '0.5' } })).toEqual([]);
    expect(wrong({ coilMin: '1400', coilMax: '1000' })).toEqual(['coilMax']);
    expect(wrong({ coilMin: 'OL' })).toEqual(['coilMin']);
    expect(wrong({ tyre: 'round' })).toEqual(['tyre']);
  });
  test('a band needs both ends', () => {
    expect(made({ coilMin: '1000' }).vehicle.specs?.sensorResistance).toBeUndefined();
  });
});

describe('what else is written', () => {
  test('sensors by layout and kind', () => {
    expect(made({ layout: 'three', sensorType: 'active' }).vehicle).toMatchObject({
      channels: ['front-left', 'front-right', 'rear-axle'],
      sensorTypes: { 'front-left': 'active', 'front-right': 'active', 'rear-axle': 'active' },
    });
    expect(formOf({ ...CAR, channels: ['front-left', 'front-right'] }).layout).toBe('two');
    expect(formOf({ ...CAR, sensorTypes: { 'front-left': 'active', 'rear-left': 'passive' } }).sensorType).toBe(
      'mixed',
    );
  });
  test('what another tab changed comes in, except where something is being typed', () => {
    const old = formOf(CAR);
    const typed = { ...old, name: 'Tan' };
    expect(untouched(typed, old, { ...old, name: 'Other', tyre: '205/55R16' })).toMatchObject({ tyre: '205/55R16' });
    expect(untouched(typed, old, { ...old, name: 'Other' })).not.toHaveProperty('name');
  });
});
