import { describe, expect, test } from 'vitest';
import { car, caseOf, type Loose } from '../../tests/support/caseBuilder';
import type { Vehicle } from '../casefile/contract';
import { kindIn, statedKinds } from './sensorKind';

const UNKNOWN = car(null);
const kindOf = (seen: readonly Loose[], vehicle: Vehicle = UNKNOWN, channel = 'rear-right' as const) =>
  kindIn(caseOf(vehicle, seen), channel);
const feed = (value: number, more: object = {}): Loose => ({
  kind: 'meter',
  channel: 'rear-right',
  point: 'supply-at-plug',
  quantity: 'dc-voltage',
  value,
  ...more,
});
const coil = (value: number | 'overload', more: object = {}): Loose => ({
  kind: 'meter',
  channel: 'rear-right',
  point: 'sensor',
  quantity: 'resistance',
  value,
  ...more,
});

describe('what settles the kind of sensor', () => {
  test.each([
    ['nothing', [], null],
    ['a feed of 5 V', [feed(5)], 'active'],
    ['a bias of 2 V', [feed(2)], null],
    ['probes the wrong way round', [feed(-11.8)], 'active'],
    ['a feed that jumps about', [feed(5, { unsteady: true })], null],
    ['a coil of 1.2 kΩ', [coil(1200)], 'passive'],
    ['overload', [coil('overload')], null],
    ['electronics of 4 MΩ', [coil(4e6)], null],
    ['a coil measured with the ignition on', [coil(1200, { ignition: 'on' })], null],
    ['a reading that was taken back', [coil(1200, { withdrawn: true })], null],
    ['readings of one axle that contradict each other', [coil(1200), feed(11, { channel: 'rear-left' })], null],
    ['the twin across the axle', [coil(1200, { channel: 'rear-left' })], 'passive'],
    ['the other axle', [coil(1200, { channel: 'front-left' })], null],
  ] as const)('%s', (_name, seen, kind) => expect(kindOf(seen)).toBe(kind));

  test('a stated kind outranks a reading, and a reading outranks nothing that was stated', () => {
    expect(kindOf([feed(5)], car('passive'))).toBe('passive');
    expect(kindOf([coil(1200)], car('active'))).toBe('active');
  });
  test('the manual gives it away by the figures that it has; figures of both kinds give away none', () => {
    const band = { sensorResistance: { min: 1000, max: 1400 } };
    expect(kindOf([], { ...UNKNOWN, specs: band })).toBe('passive');
    expect(kindOf([], { ...UNKNOWN, specs: { supplyAtPlug: { min: 10, max: 13 } } })).toBe('active');
    expect(kindOf([], { ...UNKNOWN, specs: { ...band, supplyAtPlug: { min: 10, max: 13 } } })).toBeNull();
  });
  test('a wheel that is stated otherwise than its manual keeps its own kind', () => {
    const mixed: Vehicle = {
      ...UNKNOWN,
      specs: { sensorResistance: { min: 1000, max: 1400 } },
      sensorTypes: { 'front-left': 'active' },
    };
    expect([...statedKinds(mixed)]).toEqual([
      ['front-left', 'active'],
      ['front-right', 'passive'],
      ['rear-left', 'passive'],
      ['rear-right', 'passive'],
    ]);
  });
});
