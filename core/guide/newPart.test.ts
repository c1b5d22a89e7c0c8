import { describe, expect, test } from 'vitest';
import { car, caseOf } from '../../tests/support/caseBuilder';
import type { CaseFile, Vehicle } from '../casefile/contract';
import { newPartVerdict, traitKey, traitsOf, typedNewPart } from './newPart';

const file = (vehicle: Vehicle, work: readonly string[] = []): CaseFile => ({
  ...caseOf(vehicle, []),
  work: work.map((step, at) => ({ id: `${at}`, step })),
});
const passive = car('passive', { specs: { sensorResistance: { min: 1000, max: 1400, at: 20 } } });

const verdictOn = (vehicle: Vehicle, text: string): string => {
  const typed = typedNewPart(file(vehicle), 'front-left', text);
  return typed.is === 'read' ? newPartVerdict(typed.verdict) : typed.is;
};

describe('a new coil before it is fitted', () => {
  test.each([
    ['950 Ω', 'outside'],
    ['1100 Ω', 'good'],
    ['1300 Ω', 'good'],
    ['1500 Ω', 'outside'],
    ['90 Ω', 'shorted'],
    ['110 Ω', 'outside'],
    ['OL', 'open'],
  ])('%s by the manual’s band: %s', (text, verdict) => expect(verdictOn(passive, text)).toBe(verdict));
  test('a figure without a unit is read by the band, and nothing is condemned on a guess', () => {
    expect(verdictOn(passive, '1.2')).toBe('good');
    expect(verdictOn(passive, '1,2')).toBe('good');
    expect(verdictOn(passive, '1200')).toBe('good');
    expect(verdictOn(passive, '4')).toBe('asks');
    expect(verdictOn(passive, 'ol')).toBe('open');
    expect(verdictOn(passive, 'what')).toBe('refused');
  });
  test('without a band the usual one is taken', () => {
    expect(verdictOn(car('passive', { specs: {} }), '2300 Ω')).toBe('good');
    expect(verdictOn(car('passive', { specs: {} }), '2700 Ω')).toBe('outside');
  });
  test('of an active sensor a resistance says nothing, overload neither', () => {
    expect(verdictOn(car('active'), 'OL')).toBe('says-nothing');
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
