import fc from 'fast-check';
import { expect, test } from 'vitest';
import { fromOwn, OWN_UNITS, showOwn, toOwn } from './ownUnits';

const UNITS = Object.values(OWN_UNITS).flat();

test('what is shown and typed again is what was stored', () => {
  expect(UNITS).toHaveLength(7);
  fc.assert(
    fc.property(fc.double({ min: -40, max: 3e6, noNaN: true }), fc.constantFrom(...UNITS), (value, unit) => {
      expect(fromOwn(toOwn(value, unit), unit)).toBeCloseTo(value, 1);
    }),
  );
});

test('known pairs', () => {
  expect(showOwn(1.609344, 'mi')).toBe('1 mi');
  expect(showOwn(110, 'lbf·ft')).toBe('81.1 lbf·ft');
  expect(showOwn(8, 'lbf·in')).toBe('71 lbf·in');
  expect(showOwn(8.46, 'N·m')).toBe('8.5 N·m');
  expect(showOwn(-40, '°F')).toBe('-40 °F');
  expect(fromOwn(68, '°F')).toBe(20);
});
