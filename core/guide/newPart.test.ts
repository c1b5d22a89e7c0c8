import { describe, expect, test } from 'vitest';
import { car, caseOf } from '../../tests/support/caseBuilder';
import type { CaseFile, Vehicle } from '../casefile/contract';
import { newPartVerdict, traitKey, traitsOf } from './newPart';

const file = (vehicle: Vehicle, work: readonly string[] = []): CaseFile => ({
  ...caseOf(vehicle, []),
  work: work.map((step, at) => ({ id: `${at}`, step })),
});
const passive = car('passive', { specs: { sensorResistance: { min: 1000, max: 1400, at: 20 } } });

describe('a new coil before it is fitted', () => {
  test.each([
    [999, 'outside'],
    [1000, 'good'],
    [1400, 'good'],
    [1401, 'outside'],
    [49, 'shorted'],
    [50, 'outside'],
    [Infinity, 'open'],
  ])('%d ohm by the manual’s band: %s', (ohm, verdict) =>
    expect(newPartVerdict(file(passive), 'front-left', ohm)).toBe(verdict),
  );
  test('without a band the usual one is taken', () => {
    expect(newPartVerdict(file(car('passive', { specs: {} })), 'front-left', 2500)).toBe('good');
    expect(newPartVerdict(file(car('passive', { specs: {} })), 'front-left', 2501)).toBe('outside');
  });
  test('of an active sensor a resistance says nothing, overload neither', () => {
    expect(newPartVerdict(file(car('active')), 'front-left', Infinity)).toBe('says-nothing');
  });
});

test('the newest word on a trait counts, of this corner alone', () => {
  const said = [
    traitKey('plug', 'same', 'front-left'),
    traitKey('plug', 'other', 'front-left'),
    traitKey('tip', 'other', 'rear-left'),
  ];
  expect(traitsOf(file(passive, said), 'front-left')).toEqual({ plug: 'other' });
});
