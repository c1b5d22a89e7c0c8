import fc from 'fast-check';
import { describe, expect, test } from 'vitest';
import { judge, split } from './verdict';

const BAND = { min: 1000, max: 1400 };
const FROM = { min: 1000, max: null };
const UP_TO = { min: null, max: 1400 };
const ANY = { min: null, max: null };

describe('where a reading stands', () => {
  test.each([
    [989, 10, BAND, 'below'],
    [990, 10, BAND, 'below'],
    [991, 10, BAND, 'borderline-low'],
    [1009, 10, BAND, 'borderline-low'],
    [1010, 10, BAND, 'inside'],
    [1390, 10, BAND, 'inside'],
    [1391, 10, BAND, 'borderline-high'],
    [1409, 10, BAND, 'borderline-high'],
    [1410, 10, BAND, 'above'],
    [1000, 0, BAND, 'inside'],
    [999.9, 0, BAND, 'below'],
    [1400, 0, BAND, 'inside'],
    [1400.1, 0, BAND, 'above'],
    [1200, 300, BAND, 'borderline-low'],
    [1199, 300, BAND, 'borderline-low'],
    [1201, 300, BAND, 'borderline-high'],
  ] as const)('%d give or take %d is %s', (value, halfWidth, band, said) =>
    expect(judge(value, halfWidth, band)).toBe(said),
  );
  test('an open end has no limit', () => {
    expect([judge(9e9, 10, FROM), judge(900, 10, FROM), judge(1001, 10, FROM)]).toEqual([
      'inside',
      'below',
      'borderline-low',
    ]);
    expect([judge(-9e9, 10, UP_TO), judge(1500, 10, UP_TO), judge(1399, 10, UP_TO)]).toEqual([
      'inside',
      'above',
      'borderline-high',
    ]);
    expect([judge(0, 10, ANY), judge(1e9, 1e9, ANY)]).toEqual(['inside', 'inside']);
  });
});

describe('how likely it lies where', () => {
  test('by the triangle of its uncertainty', () => {
    expect(split(1000, 10, BAND)).toEqual({ below: 0.5, inside: 0.5, above: 0 });
    expect(split(1005, 10, BAND)).toEqual({ below: 0.125, inside: 0.875, above: 0 });
    expect(split(995, 10, BAND)).toEqual({ below: 0.875, inside: 0.125, above: 0 });
    expect(split(1405, 10, BAND)).toEqual({ below: 0, inside: 0.125, above: 0.875 });
    expect(split(1010, 10, BAND)).toEqual({ below: 0, inside: 1, above: 0 });
    expect(split(990, 10, BAND)).toEqual({ below: 1, inside: 0, above: 0 });
  });
  test('certain where nothing is uncertain', () => {
    expect(split(999, 0, BAND)).toEqual({ below: 1, inside: 0, above: 0 });
    expect(split(1000, 0, BAND)).toEqual({ below: 0, inside: 1, above: 0 });
    expect(split(1401, 0, BAND)).toEqual({ below: 0, inside: 0, above: 1 });
  });
  test('nothing lies behind an open end', () => {
    expect(split(1e9, 10, FROM)).toEqual({ below: 0, inside: 1, above: 0 });
    expect(split(-1e9, 10, UP_TO)).toEqual({ below: 0, inside: 1, above: 0 });
    expect(split(5, 10, ANY)).toEqual({ below: 0, inside: 1, above: 0 });
  });
  test('three chances that sum to one, whatever is read', () => {
    const number = fc.double({ min: -1e6, max: 1e6, noNaN: true });
    fc.assert(
      fc.property(number, fc.double({ min: 0, max: 1e6, noNaN: true }), (value, halfWidth) => {
        const { below, inside, above } = split(value, halfWidth, BAND);
        for (const chance of [below, inside, above]) expect(chance).toBeGreaterThanOrEqual(0);
        expect(below + above).toBeLessThanOrEqual(1 + 1e-9);
        expect(below + inside + above).toBeCloseTo(1, 9);
      }),
    );
  });
});
