import fc from 'fast-check';
import { describe, expect, test } from 'vitest';
import { car, caseOf, chanceOf, judge, segmentOf, type Loose } from '../../tests/support/caseBuilder';
import { assess } from './assess';
import { faultChances, posteriorOf } from '../belief/posterior';

const at = <T extends object>(channel: string, element: T) => ({ channel, ...element }) as unknown as Loose;
const overload = (channel: string, range?: number): Loose =>
  at(channel, {
    kind: 'meter',
    point: 'sensor',
    quantity: 'resistance',
    value: 'overload',
    ...(range ? { range } : {}),
  });
const code = (text: string, status: 'current' | 'stored' = 'current'): Loose => ({ kind: 'code', code: text, status });

describe('overload', () => {
  const before = [code('C0031')];
  test('across an active sensor condemns nothing: the judgement is the same without it', () => {
    const without = judge(car('active'), before);
    const withIt = judge(car('active'), [...before, overload('front-left')]);
    expect(withIt.ranking).toEqual(without.ranking);
    expect(withIt.ignored).toEqual([{ id: 'o2', why: expect.stringMatching(/^void/) as string }]);
  });
  test('across a passive one points at sensor and lead', () => {
    const seen = judge(car('passive'), [...before, overload('front-left')]);
    expect(
      segmentOf(seen, 'front-left', 'sensor').probability + segmentOf(seen, 'front-left', 'lead').probability,
    ).toBeGreaterThan(0.85);
    expect(
      seen.ranking
        .slice(0, 2)
        .map((row) => row.fault)
        .sort(),
    ).toEqual(['lead-open', 'sensor-open']);
  });
  test('and less so on a range below 20 kΩ', () => {
    const open = (range: number): number => {
      const seen = judge(car('passive'), [...before, overload('front-left', range)]);
      return chanceOf(seen, 'sensor-open', 'front-left') + chanceOf(seen, 'lead-open', 'front-left');
    };
    expect(open(20_000)).toBeGreaterThan(open(2000) + 0.05);
    expect(open(2000)).toBeGreaterThan(open(200));
    expect(open(200)).toBeCloseTo(
      chanceOf(judge(car('passive'), before), 'sensor-open', 'front-left') +
        chanceOf(judge(car('passive'), before), 'lead-open', 'front-left'),
      1,
    );
  });
  test('where the type is not known it settles nothing, and a coil reading settles the type', () => {
    const unknown = posteriorOf(caseOf(car(null), [code('C0031'), overload('front-left')]));
    expect(unknown.variantChance[1]).toBeGreaterThan(0.3);
    const coil = posteriorOf(
      caseOf(car(null), [
        code('C0031'),
        at('front-left', { kind: 'meter', point: 'sensor', quantity: 'resistance', value: 1150 }),
      ]),
    );
    expect(coil.variantChance[0]).toBeGreaterThan(0.9);
    const fed = posteriorOf(
      caseOf(car(null), [
        code('C0031'),
        at('front-left', { kind: 'meter', point: 'supply-at-plug', quantity: 'dc-voltage', value: 11.9 }),
      ]),
    );
    expect(fed.variantChance[1]).toBeGreaterThan(0.85);
  });
});

describe('the tour job, step by step', () => {
  const lamps: Loose = { kind: 'lamps', lit: ['abs', 'stability', 'hill-start'], pattern: ['steady-from-key-on'] };
  const water: Loose = { kind: 'history', event: 'water', ago: 2 };
  const cleared: Loose = { kind: 'clear', result: 'returned-at-key-on', returned: ['C0039-01'], stayed: [] };
  const low = (point: string, value: number, channel = 'rear-right') =>
    at(channel, { kind: 'meter', point, quantity: 'resistance', value, resolution: 1, temperature: 9 });
  const all = [
    lamps,
    water,
    code('C0039-01'),
    cleared,
    low('module-end', 392),
    low('module-end', 1121, 'rear-left'),
    low('sensor', 381),
  ];
  const truth = (count: number): number =>
    chanceOf(judge(car('passive'), all.slice(0, count)), 'sensor-short', 'rear-right');

  test('the truth rises at every stage and ends on top', () => {
    expect(truth(1)).toBeGreaterThan(truth(0) * 0.95);
    expect(truth(2)).toBeGreaterThan(truth(1));
    expect(truth(3)).toBeGreaterThan(0.15);
    expect(truth(5)).toBeGreaterThan(0.8);
    expect(truth(7)).toBeGreaterThan(0.95);
    const end = judge(car('passive'), all);
    expect(end.ranking[0]).toMatchObject({ channel: 'rear-right', fault: 'sensor-short', segment: 'sensor' });
    expect(segmentOf(end, 'rear-right', 'sensor').state).toBe('at-fault');
  });
  test('first the codes, then checks, then the repair when enough is known', () => {
    const first = (count: number) => judge(car('passive'), all.slice(0, count)).next[0]?.check;
    expect(first(1)).toBe('code');
    expect(first(4)).toMatch(/^(meter:sensor:resistance|meter:module-end:resistance|look:plug|look:lead)$/);
    expect(judge(car('passive'), all).stop?.id).toBe('enough-known');
    expect(first(7)).toBe('repair:replaced:sensor');
  });
  test('after the repair: erase first; proved, nothing is wrong', () => {
    const repair = {
      channel: 'rear-right',
      action: 'replaced',
      segment: 'sensor',
      result: 'unknown',
      after: 'o7',
    } as const;
    expect(judge(car('passive'), all, [repair]).next[0]?.check).toBe('clear');
    const proof: Loose[] = [
      { kind: 'clear', result: 'stayed-clear' },
      at('rear-right', { kind: 'live', while: 'hand-spin', finding: 'follows' }),
      { kind: 'drive', result: 'lamps-stayed-out' },
      { kind: 'no-code' },
    ];
    const proved = judge(car('passive'), [...all, ...proof], [{ ...repair, result: 'fixed' }]);
    expect(proved.stop?.id).toBe('nothing-wrong');
    expect(chanceOf(proved, 'none', null)).toBeGreaterThan(0.97);
    expect(segmentOf(proved, 'rear-right', 'sensor').state).toBe('proved-good');
  });
});

describe('stages in time', () => {
  const seen = [code('C0031-13'), overload('front-left')];
  test('a repair that changed nothing points past it', () => {
    const failed = judge(
      car('passive'),
      [code('C0031-13')],
      [{ channel: 'front-left', result: 'no-change', after: 'o1' }],
    );
    const untouched = judge(car('passive'), [code('C0031-13')]);
    expect(chanceOf(failed, 'sensor-open', 'front-left')).toBeLessThan(
      chanceOf(untouched, 'sensor-open', 'front-left') / 3,
    );
    expect(chanceOf(failed, 'loom-open', 'front-left')).toBeGreaterThan(
      chanceOf(untouched, 'loom-open', 'front-left') * 1.5,
    );
  });
  test('a lamp still lit or a code still stored right after proves nothing yet', () => {
    const repair = [{ channel: 'front-left', after: 'o2' }] as const;
    const plain = judge(car('passive'), seen, repair);
    const leftover = judge(
      car('passive'),
      [...seen, { kind: 'lamps', lit: ['abs'] }, code('C0031-13', 'stored')],
      repair,
    );
    expect(leftover.ranking).toEqual(plain.ranking);
    expect(leftover.ignored.map((reason) => reason.id)).toEqual(['o4', 'o3'].sort());
  });
  test('readings from before a repair describe the car before it', () => {
    const repaired = judge(
      car('passive'),
      [
        ...seen,
        { kind: 'clear', result: 'stayed-clear' },
        at('front-left', { kind: 'meter', point: 'sensor', quantity: 'resistance', value: 1190 }),
      ],
      [{ channel: 'front-left', after: 'o2' }],
    );
    expect(repaired.doubtful).toEqual([]);
    expect(chanceOf(repaired, 'none', null)).toBeGreaterThan(0.8);
  });
});

describe('shared causes and old codes', () => {
  test('a flood of codes at a low battery is explained away by it', () => {
    const flood: Loose[] = [
      code('C0031', 'stored'),
      code('C0034', 'stored'),
      code('C0037', 'stored'),
      { kind: 'meter', point: 'battery', quantity: 'dc-voltage', value: 11.6 },
    ];
    const seen = judge(car('passive'), flood);
    expect(seen.ranking[0]).toMatchObject({ channel: null, fault: 'battery-low' });
  });
  test('ghosts stay away, the live one returns', () => {
    const seen = judge(car('passive'), [
      { kind: 'history', event: 'flat-battery-event', ago: 20 },
      code('C0031', 'stored'),
      code('C0034-13'),
      { kind: 'clear', result: 'returned-at-key-on', returned: ['C0034-13'], stayed: ['C0031'] },
    ]);
    const share = (channel: string) =>
      seen.ranking
        .filter((row) => row.channel === channel && row.fault !== 'stale-code')
        .reduce((sum, row) => sum + row.probability, 0);
    expect(share('front-right')).toBeGreaterThan(0.9);
    expect(share('front-left')).toBeLessThan(0.1);
  });
  test('before any erase the adviser asks for it, after recording', () => {
    const seen = judge(car('passive'), [
      { kind: 'history', event: 'flat-battery-event', ago: 20 },
      code('C0031', 'stored'),
      code('C0034', 'stored'),
      { kind: 'meter', point: 'battery', quantity: 'dc-voltage', value: 12.7 },
    ]);
    expect(seen.next.slice(0, 2).map((fault) => fault.check)).toContain('clear');
    expect(judge(car('passive'), []).next.map((fault) => fault.check)).not.toContain('clear');
  });
});

describe('stops and cautions', () => {
  test.each([
    ['hydraulic', [{ kind: 'symptom', symptom: 'pedal-soft' }]],
    ['two-repairs-failed', [code('C0031')]],
  ] as const)('%s', (id, seen) => {
    const repairs =
      id === 'two-repairs-failed'
        ? ([
            { channel: 'front-left', result: 'no-change', after: 'o1' },
            { channel: 'front-left', action: 'cleaned', segment: 'plug', result: 'no-change', after: 'o1' },
          ] as const)
        : [];
    expect(judge(car('passive'), seen as readonly Loose[], repairs).stop?.id).toBe(id);
  });
  test('a high-voltage car gets the same moves as any other, and its making safe said before them', () => {
    const [high, plain] = [true, false].map((highVoltage) => judge(car('active', { highVoltage }), [code('C0031-31')]));
    expect(high?.cautions.map((caution) => caution.id)).toContain('high-voltage');
    expect(high?.next).toEqual(plain?.next);
    expect(high?.stop).toEqual(plain?.stop);
  });
  test('a red brake lamp with ABS forbids driving', () => {
    expect(judge(car('passive'), [{ kind: 'lamps', lit: ['abs', 'brake-red'] }]).cautions[0]?.id).toBe(
      'do-not-drive-red',
    );
  });
  test('an observation that does not fit is named', () => {
    const open = [
      code('C0031-13'),
      { kind: 'clear', result: 'returned-at-key-on' } as Loose,
      overload('front-left'),
      at('front-left', { kind: 'meter', point: 'module-end', quantity: 'resistance', value: 'overload' }),
      at('front-left', { kind: 'live', while: 'hand-spin', finding: 'follows' }),
    ];
    expect(judge(car('passive'), open).doubtful.map((reason) => reason.id)).toEqual(['o5']);
  });
});

/** Observations for property tests: kinds that bear on one corner and on the car. */
const someObservation: fc.Arbitrary<Loose> = fc.oneof(
  fc.constantFrom<Loose>(
    { kind: 'lamps', lit: ['abs'] },
    { kind: 'lamps', lit: ['abs', 'stability'], pattern: ['after-moving-off'] },
    { kind: 'history', event: 'water' },
    { kind: 'drive', result: 'lamps-came-back' },
    { kind: 'meter', point: 'battery', quantity: 'dc-voltage', value: 12.6 },
  ),
  fc.constantFrom('C0031', 'C0034-13', 'C0039-2F').map((text) => code(text, 'stored')),
  fc
    .tuple(
      fc.constantFrom('front-left', 'rear-right'),
      fc.constantFrom(
        { kind: 'look', part: 'lead', finding: 'sound' },
        { kind: 'look', part: 'ring', finding: 'cracked' },
        { kind: 'look', part: 'plug', finding: 'corroded' },
        { kind: 'live', while: 'hand-spin', finding: 'zero' },
        { kind: 'live', while: 'drive', finding: 'cuts-in-late' },
        { kind: 'meter', point: 'sensor', quantity: 'resistance', value: 1180 },
        { kind: 'meter', point: 'sensor', quantity: 'resistance', value: 390 },
        { kind: 'swap', with: 'front-right', result: 'fault-stayed' },
      ),
    )
    .map(([channel, seen]) => at(channel, seen)),
);
const someCase = fc.array(someObservation, { maxLength: 7 });

describe('laws', () => {
  test('probabilities lie in [0, 1] and are sorted', () => {
    fc.assert(
      fc.property(someCase, fc.constantFrom('passive', 'active', null), (seen, type) => {
        const { ranking, segments } = judge(car(type), seen);
        for (const row of [...ranking, ...segments]) expect(row.probability >= 0 && row.probability <= 1).toBe(true);
        expect(ranking.map((row) => row.probability)).toEqual(
          ranking.map((row) => row.probability).sort((a, b) => b - a),
        );
        expect(ranking.filter((row) => row.fault === 'none')).toHaveLength(1);
      }),
      { numRuns: 12 },
    );
  }, 120_000);

  test('withdrawing an observation restores the former judgement exactly', () => {
    fc.assert(
      fc.property(someCase, someObservation, (seen, extra) => {
        const before = assess(caseOf(car('passive'), seen));
        const after = assess(caseOf(car('passive'), [...seen, { ...extra, withdrawn: true }]));
        expect({ ...after, ignored: [] }).toEqual({ ...before, ignored: [] });
      }),
      { numRuns: 8 },
    );
  }, 120_000);

  test('the order of independent observations does not matter', () => {
    fc.assert(
      fc.property(
        fc.uniqueArray(someObservation, { maxLength: 6, selector: (observation) => JSON.stringify(observation) }),
        (seen) => {
          const still = seen.filter((observation) => observation.kind !== 'drive');
          const chances = (list: readonly Loose[]) =>
            Object.fromEntries(
              faultChances(posteriorOf(caseOf(car('passive'), list))).map((row) => [
                `${row.channel} ${row.fault}`,
                row.probability,
              ]),
            );
          const [entry, other] = [chances(still), chances([...still].reverse())];
          for (const [key, probability] of Object.entries(entry)) expect(other[key]).toBeCloseTo(probability, 9);
        },
      ),
      { numRuns: 8 },
    );
  }, 120_000);

  test('ruling evidence never raises what it rules out by a percent that is shown, though all its rivals are ruled out as well', () => {
    const rulings: readonly (readonly [Loose, string])[] = [
      [at('front-left', { kind: 'look', part: 'bearing', finding: 'sound' }), 'bearing-play'],
      [at('front-left', { kind: 'look', part: 'plug', finding: 'sound' }), 'plug-corroded'],
      [at('front-left', { kind: 'swap', with: 'front-right', result: 'fault-stayed' }), 'sensor-open'],
      [at('front-left', { kind: 'substitute', result: 'fault-stayed' }), 'sensor-weak'],
      [at('front-left', { kind: 'live', while: 'drive', finding: 'follows' }), 'lead-open'],
      [at('front-left', { kind: 'meter', point: 'sensor', quantity: 'resistance', value: 1190 }), 'sensor-open'],
      [
        at('front-left', { kind: 'meter', point: 'wire-to-wire', quantity: 'resistance', value: 'overload' }),
        'loom-short-across',
      ],
      [{ kind: 'meter', point: 'battery', quantity: 'dc-voltage', value: 12.7 }, 'battery-low'],
    ];
    fc.assert(
      fc.property(someCase, fc.constantFrom(...rulings), (seen, [ruling, fault]) => {
        const channel = fault === 'battery-low' ? null : 'front-left';
        const chance = (list: readonly Loose[]): number =>
          faultChances(posteriorOf(caseOf(car('passive'), list))).find(
            (row) => row.fault === fault && row.channel === channel,
          )?.probability ?? 0;
        expect(chance([...seen, ruling])).toBeLessThan(chance(seen) + 0.005);
      }),
      { numRuns: 40 },
    );
  }, 120_000);
});
