import fc from 'fast-check';
import { describe, expect, test } from 'vitest';
import { halve, SHORT_ENOUGH_METRE, type Probe } from './halving';

describe('finding a break by halves', () => {
  test('any break is found within log₂ probes', () => {
    fc.assert(
      fc.property(
        fc.double({ min: 0.2, max: 20, noNaN: true }),
        fc.double({ min: 0, max: 1, noNaN: true }),
        (length, share) => {
          const breakAt = length * share;
          const promised = halve(length, []).probesLeft;
          const probes: Probe[] = [];
          for (let next = halve(length, probes).nextMetre; next !== null; next = halve(length, probes).nextMetre)
            probes.push({ atMetre: next, whole: next <= breakAt });
          const { fromMetre, toMetre } = halve(length, probes);
          expect(probes.length).toBeLessThanOrEqual(promised);
          expect(toMetre - fromMetre).toBeLessThanOrEqual(SHORT_ENOUGH_METRE + 1e-9);
          expect(fromMetre).toBeLessThanOrEqual(breakAt + 1e-9);
          expect(toMetre).toBeGreaterThanOrEqual(breakAt - 1e-9);
        },
      ),
    );
  });

  test('probes that contradict each other are named', () => {
    const odd = { atMetre: 3, whole: true };
    expect(halve(4, [{ atMetre: 2, whole: false }, odd]).contradicting).toEqual([odd]);
  });

  test.each([0, -3, NaN, Infinity])('a length of %s has nothing to probe', (length) =>
    expect(halve(length, [])).toMatchObject({ nextMetre: null, probesLeft: 0 }),
  );
});
