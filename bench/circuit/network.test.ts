import fc from 'fast-check';
import { describe, expect, test } from 'vitest';
import { GROUND, ohmBetween, solve, voltBetween, type Network, type Resistor } from './network';

const r = (from: string, to: string, ohm: number): Resistor => ({ from, to, ohm });

describe('nodal analysis against circuits solved by hand', () => {
  test('a divider: 12 V over 10 kΩ and 20 kΩ', () => {
    const network = {
      resistors: [r('a', 'b', 10_000), r('b', GROUND, 20_000)],
      sources: [{ from: GROUND, to: 'a', volt: 12, ohm: 0.001 }],
    };
    expect(voltBetween(network, GROUND, 'b')).toBeCloseTo(8, 4);
  });

  test('series, parallel, a balanced bridge', () => {
    expect(ohmBetween({ resistors: [r('a', 'b', 100), r('b', 'c', 220)], sources: [] }, 'a', 'c')).toBeCloseTo(320, 3);
    expect(ohmBetween({ resistors: [r('a', 'b', 100), r('a', 'b', 300)], sources: [] }, 'a', 'b')).toBeCloseTo(75, 3);
    const bridge = [r('a', 'b', 100), r('a', 'c', 200), r('b', 'd', 100), r('c', 'd', 200), r('b', 'c', 55)];
    expect(ohmBetween({ resistors: bridge, sources: [] }, 'a', 'd')).toBeCloseTo(133.333, 2);
  });

  test('a divider with a leak: 1 kΩ feed, 1 kΩ load, 500 Ω leak', () => {
    const network = {
      resistors: [r('p', GROUND, 1000), r('p', GROUND, 500)],
      sources: [{ from: GROUND, to: 'p', volt: 12, ohm: 1000 }],
    };
    expect(solve(network).get('p')).toBeCloseTo((12 * (1000 / 3)) / (1000 + 1000 / 3), 4);
  });

  test('nothing between the probes reads open', () =>
    expect(ohmBetween({ resistors: [r('a', 'b', 1)], sources: [] }, 'a', 'z')).toBe(Infinity));
});

const NODES = ['a', 'b', 'c', 'd', GROUND] as const;
const wires = fc.array(
  fc.tuple(fc.constantFrom(...NODES), fc.constantFrom(...NODES), fc.double({ min: 0.1, max: 1e6, noNaN: true })),
  { minLength: 4, maxLength: 10 },
);

describe('laws of linear networks', () => {
  const made = (list: readonly (readonly [string, string, number])[]): Resistor[] => [
    ...list.filter(([from, to]) => from !== to).map(([from, to, ohm]) => r(from, to, ohm)),
    ...NODES.slice(0, 4).map((word) => r(word, GROUND, 5e5)),
  ];

  test('reciprocity: driving here and reading there is the same the other way round', () => {
    fc.assert(
      fc.property(wires, (list) => {
        const network: Network = { resistors: made(list), sources: [] };
        const transfer = (from: string, to: string): number =>
          solve({
            ...network,
            sources: [{ from: GROUND, to: from, volt: 1e6, ohm: 1e6 }],
            resistors: [...network.resistors, r(to, GROUND, 1e6)],
          }).get(to) ?? 0;
        expect(transfer('a', 'c')).toBeCloseTo(transfer('c', 'a'), 3);
      }),
    );
  });

  test('superposition: two sources together give the sum of each alone', () => {
    fc.assert(
      fc.property(wires, (list) => {
        const resistors = made(list);
        const [entry, two] = [
          { from: GROUND, to: 'a', volt: 5, ohm: 100 },
          { from: GROUND, to: 'b', volt: 12, ohm: 470 },
        ];
        const quiet = (source: typeof entry) => ({ ...source, volt: 0 });
        const at = (sources: (typeof entry)[]) => solve({ resistors, sources }).get('c') ?? 0;
        expect(at([entry, two])).toBeCloseTo(at([entry, quiet(two)]) + at([quiet(entry), two]), 6);
      }),
    );
  });
});
