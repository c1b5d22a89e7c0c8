import { expect, test } from 'vitest';
import { copperAt, COPPER_PER_KELVIN } from './copper';
import { zeroLeads } from './leads';
import { GENERIC_METER, joinHalfWidths, likelyResolution, meterHalfWidth, temperatureHalfWidth } from './uncertainty';

test('a plain meter shows a reading on the smallest range that holds it', () => {
  const counts = [0, 0.19, 0.2, 0.21, 2, 2.1, 199, 1030, 2000, 2001, -2200, 1e6].map((value) =>
    likelyResolution(value, 'dc-voltage'),
  );
  const wanted = [1e-4, 1e-4, 1e-4, 1e-3, 1e-3, 1e-2, 0.1, 1, 1, 10, 10, 1000];
  for (const [at, count] of counts.entries()) expect(count).toBeCloseTo(wanted[at] ?? 0, 9);
  expect(likelyResolution(1e12, 'dc-voltage')).toBe(1e5);
  expect([0, 0.4, 200, 201].map((value) => likelyResolution(value, 'resistance'))).toEqual([0.1, 0.1, 0.1, 1]);
  expect(likelyResolution(0.007, 'dc-current')).toBeCloseTo(1e-5, 12);
});
test('a meter is off by per cent of its reading and by counts of its last digit', () => {
  expect(meterHalfWidth(950, { percent: 1, counts: 3 }, 1)).toBe(12.5);
  expect(meterHalfWidth(-950, { percent: 1, counts: 3 }, 1)).toBe(12.5);
  expect(meterHalfWidth(200, { percent: 0.5, counts: 2 }, 0.1)).toBeCloseTo(1.2, 9);
  expect(meterHalfWidth(0, { percent: 5, counts: 1 }, 0.1)).toBeCloseTo(0.1, 9);
  expect(GENERIC_METER).toEqual({ percent: 1, counts: 3 });
});
test('what is independent is joined by the root of its squares', () => {
  expect([joinHalfWidths([3, 4]), joinHalfWidths([7]), joinHalfWidths([])]).toEqual([5, 7, 0]);
});
test('an unknown temperature makes a copper coil uncertain by its coefficient', () => {
  expect([temperatureHalfWidth(1000, 10), temperatureHalfWidth(2000, 5), temperatureHalfWidth(1000, 0)]).toEqual([
    39.3, 39.3, 0,
  ]);
});
test('copper: more when warm, less when cold, the same at the temperature it was measured at', () => {
  expect(COPPER_PER_KELVIN).toBe(0.00393);
  expect(copperAt(1000, 20, 20)).toBe(1000);
  expect(copperAt(1000, 45, 45)).toBe(1000);
  expect(copperAt(1000, 20, 45)).toBeCloseTo(1098.25, 6);
  expect(copperAt(1098.25, 45)).toBeCloseTo(1000, 6);
  expect(copperAt(1000, 20, -10)).toBeCloseTo(882.1, 6);
  expect(copperAt(copperAt(1234, -5, 60), 60, -5)).toBeCloseTo(1234, 6);
});
test('below what the straight line knows there is no answer', () => {
  expect(copperAt(1000, -240)).toBeNaN();
  expect(copperAt(1000, 20 - 1 / COPPER_PER_KELVIN)).toBeNaN();
  expect(copperAt(1000, -230)).toBeGreaterThan(0);
});
test('the leads are taken off, never below nothing', () => {
  expect([zeroLeads(1.2, 0.3), zeroLeads(0.3, 0.3), zeroLeads(0.2, 0.3), zeroLeads(5, 0)]).toEqual([0.9, 0, 0, 5]);
});
