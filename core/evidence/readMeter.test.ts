import { describe, expect, test } from 'vitest';
import { caseOf, car, type Loose } from '../../tests/support/caseBuilder';
import { timelineOf } from './timeline';
import type { ObservationOf, Vehicle } from '../casefile/contract';
import { readMeter } from './readMeter';

function fitsOf(
  reading: Partial<ObservationOf<'meter'>>,
  vehicle: Vehicle = car('passive'),
  before: readonly Loose[] = [],
): Record<string, number> | string {
  const file = caseOf(vehicle, [...before, { kind: 'meter', channel: 'front-left', ...reading } as Loose]);
  const observation = file.observations.at(-1);
  const context = timelineOf(file).stages.at(-1)?.context;
  if (observation?.kind !== 'meter' || !context) throw new Error('no reading');
  const reading2 = readMeter(observation, 'front-left', context);
  return 'ignored' in reading2 ? reading2.ignored : { ...reading2.reports[0]?.fits };
}

const ohms = (value: number | 'overload', extra: Partial<ObservationOf<'meter'>> = {}) =>
  ({ point: 'sensor', quantity: 'resistance', value, ...extra }) as const;

describe('void readings', () => {
  test('across an active sensor', () => expect(fitsOf(ohms('overload'), car('active'))).toMatch(/^void/));
  test('ohms on a fed circuit', () => expect(fitsOf(ohms(380, { ignition: 'on' }))).toMatch(/^void/));
  test('AC voltage with the wheel standing', () =>
    expect(fitsOf({ point: 'sensor', quantity: 'ac-voltage', value: 0 })).toMatch(/not turning/));
  test('an end still plugged in', () =>
    expect(fitsOf({ point: 'wire-1', quantity: 'resistance', value: 900, ends: 'module-connected' })).toMatch(
      /plugged in/,
    ));
  test('insulation on the 200 Ω range', () =>
    expect(fitsOf({ point: 'wire-1-to-ground', quantity: 'resistance', value: 'overload', range: 200 })).toMatch(
      /200 Ω/,
    ));
  test('the feed with the ignition off', () =>
    expect(
      fitsOf({ point: 'supply-at-plug', quantity: 'dc-voltage', value: 0, ignition: 'off' }, car('active')),
    ).toMatch(/ignition was off/));
});

describe('overload says less on a small range', () => {
  test('20 kΩ: open', () => expect(fitsOf(ohms('overload', { range: 20_000 }))).toEqual({ open: 1, high: 0.2 }));
  test('2 kΩ: open, or a high coil; a sound one only where its band reaches above', () => {
    expect(fitsOf(ohms('overload', { range: 2000 }))).not.toHaveProperty('inside');
    expect(fitsOf(ohms('overload', { range: 1200 }))).toMatchObject({ inside: expect.closeTo(0.458, 2) as number });
    expect(fitsOf(ohms('overload', { range: 2000 }))).toMatchObject({ high: expect.closeTo(0.881, 2) as number });
  });
  test('200 Ω: a sound coil shows it just as well', () =>
    expect(fitsOf(ohms('overload', { range: 200 }))).toMatchObject({ inside: 1 }));
});

describe('voltages', () => {
  const spin = (value: number | 'overload', extra: Partial<ObservationOf<'meter'>> = {}) =>
    ({ point: 'sensor', quantity: 'ac-voltage', value, while: 'hand-spin', ...extra }) as const;
  test('a zero on a coarse meter is weak evidence', () =>
    expect(fitsOf(spin(0))).toMatchObject({ none: 1, normal: 0.3 }));
  test('a zero is believed when the other side showed volts', () => {
    const other: Loose = {
      kind: 'meter',
      channel: 'front-right',
      point: 'sensor',
      quantity: 'ac-voltage',
      value: 0.24,
      while: 'hand-spin',
    };
    expect(fitsOf(spin(0), car('passive'), [other])).not.toHaveProperty('normal');
  });
  test('a zero is believed on a fine range', () =>
    expect(fitsOf(spin(0, { resolution: 0.001 }))).not.toHaveProperty('normal'));
  test('overload on a millivolt range is a signal, not a fault', () =>
    expect(fitsOf(spin('overload'))).toEqual({ normal: 1 }));
  test('rising and falling is told as such', () => expect(fitsOf(spin(0.2, { unsteady: true }))).toEqual({ waver: 1 }));
  test('the feed is judged by the battery', () => {
    const feed = (value: number) =>
      fitsOf({ point: 'supply-at-plug', quantity: 'dc-voltage', value, ignition: 'on' }, car('active'));
    expect([feed(11.9), feed(5.2), feed(2), feed(0.1)]).toEqual([{ full: 1 }, { part: 1 }, { low: 1 }, { none: 1 }]);
  });
  test('a 24 V car has other limits', () => {
    const battery = { point: 'battery', quantity: 'dc-voltage', value: 12.6 } as const;
    expect(fitsOf(battery)).toMatchObject({ well: 1 });
    expect(fitsOf(battery, car('passive', { supplyNominal: 24 }))).toMatchObject({ low: 1 });
  });
});

describe('wires', () => {
  const wire = (value: number | 'overload', point: 'wire-1' | 'wire-1-to-ground' | 'wire-to-wire' = 'wire-1') =>
    fitsOf({ point, quantity: 'resistance', value });
  test('end to end', () =>
    expect([wire(0.6), wire(480), wire('overload')]).toEqual([{ good: 1 }, { some: 1 }, { open: 1 }]));
  test('to ground overload is good, a low reading is the fault', () => {
    expect([wire('overload', 'wire-1-to-ground'), wire(3, 'wire-1-to-ground'), wire(40_000, 'wire-to-wire')]).toEqual([
      { insulated: 1 },
      { short: 1 },
      { leak: 1 },
    ]);
  });
});
