import { describe, expect, test } from 'vitest';
import { car, caseOf } from '../../tests/support/caseBuilder';
import { assess } from './assess';

type Seen = Parameters<typeof caseOf>[1];

function chance(seen: Seen, fault: string, channel: string | null = 'front-left'): number {
  const { ranking } = assess(caseOf(car('passive'), seen));
  return ranking.find((row) => row.fault === fault && row.channel === channel)?.probability ?? 0;
}

const CODE = { kind: 'code', code: 'C0031', status: 'current', module: 'abs' } as const;
const ohm = (point: 'sensor' | 'module-end', value: number) =>
  ({
    kind: 'meter',
    point,
    quantity: 'resistance',
    channel: 'front-left',
    value,
    temperature: 20,
    resolution: 1,
  }) as const;

describe('what is learnt by asking again', () => {
  test('a silence that a second reader meets too points to the module’s feed, far more than the first did', () => {
    const silence = { kind: 'no-answer', module: 'abs' } as const;
    const [none, once, twice] = [[], [silence], [silence, silence]].map((seen) => chance(seen, 'module-supply', null));
    expect(once ?? 0).toBeGreaterThan(2 * (none ?? 0));
    expect(twice ?? 0).toBeGreaterThan(3 * (once ?? 0));
  });

  test('nothing remembered makes what only comes with work less likely, and asking is not proposed again', () => {
    const asked = [CODE, { kind: 'history', event: 'nothing-known' } as const];
    expect(chance(asked, 'ring-wrong')).toBeLessThan(0.6 * chance([CODE], 'ring-wrong'));
    expect(chance(asked, 'loom-crossed')).toBeLessThan(0.6 * chance([CODE], 'loom-crossed'));
    const { next } = assess(caseOf(car('passive'), asked));
    expect(next.map((fault) => fault.check)).not.toContain('ask:history');
  });

  test('at the module’s end a coil is judged by its own reading at the plug: what is more lies between', () => {
    const between = (value: number): number => {
      const seen = [CODE, ohm('sensor', 1112), ohm('module-end', value)];
      return chance(seen, 'plug-corroded') + chance(seen, 'module-plug-corroded');
    };
    expect(between(1311)).toBeGreaterThan(2 * between(1118));
    const alone = (value: number): number => chance([CODE, ohm('module-end', value)], 'plug-corroded');
    expect(alone(1311)).toBeCloseTo(alone(1118), 2);
  });
});

describe('what comes before a repair', () => {
  test('a battery is measured before it is charged', () => {
    const flood = ['C0031', 'C0034', 'C0037', 'C003A'].map((code) => ({
      ...CODE,
      code,
      status: 'stored' as const,
      odometer: 90_000,
    }));
    const { next } = assess(caseOf(car('passive'), flood));
    const order = next.map((fault) => fault.check);
    const charge = order.indexOf('repair:charged:supply');
    if (charge >= 0) expect(order.indexOf('meter:battery:dc-voltage')).toBeLessThan(charge);
    expect(order[0]).not.toBe('repair:charged:supply');
  });

  test('an erase after which the old codes stay away speaks for history, the more the longer nothing is found', () => {
    const old = ['C0031', 'C0034'].map((code) => ({ ...CODE, code, status: 'stored' as const }));
    const away = {
      kind: 'clear',
      result: 'stayed-clear',
      method: 'reader',
      returned: [],
      stayed: ['C0031', 'C0034'],
    } as const;
    const event = { kind: 'history', event: 'flat-battery-event', ago: 20 } as const;
    const none = (seen: Seen): number => chance(seen, 'none', null);
    expect(none([event, ...old, away])).toBeGreaterThan(3 * none([event, ...old]));
    const back = { ...away, result: 'returned-when-moving', returned: ['C0031'], stayed: ['C0034'] } as const;
    expect(none([event, ...old, back])).toBeLessThan(0.1);
    const { stop } = assess(caseOf(car('passive'), [event, ...old, back]));
    expect(stop?.id).not.toBe('nothing-wrong');
  });
});

describe('a look made again after a repair that changed nothing', () => {
  const look = (finding: string) =>
    ({ kind: 'look', part: 'plug', finding, channel: 'front-left' }) as unknown as Seen[number];
  const back: Seen = [
    { kind: 'clear', result: 'returned-at-key-on', method: 'reader', returned: ['C0031'], stayed: [] },
  ];
  const repair = (segment: 'sensor' | 'plug', action: 'replaced' | 'cleaned', after: string) =>
    ({ channel: 'front-left', action, segment, result: 'no-change', after }) as const;
  const corroded = (seen: Seen, segment: 'sensor' | 'plug'): number => {
    const repairs = [repair(segment, segment === 'sensor' ? 'replaced' : 'cleaned', 'o2')];
    return (
      assess(caseOf(car('passive'), seen, repairs)).ranking.find(
        (row) => row.fault === 'plug-corroded' && row.channel === 'front-left',
      )?.probability ?? 0
    );
  };

  test('that finds nothing once more hardly clears the part further', () => {
    const once = corroded([CODE, look('sound'), ...back], 'sensor');
    const twice = corroded([CODE, look('sound'), ...back, look('sound')], 'sensor');
    const fresh = corroded([CODE, look('wet'), ...back, look('sound')], 'sensor');
    expect(twice).toBeLessThan(once);
    expect(twice).toBeGreaterThan(0.4 * once);
    expect(fresh).toBeGreaterThan(0);
  });

  test('what it finds now counts, and the same sight once more next to nothing', () => {
    const once = corroded([CODE, look('sound'), ...back], 'sensor');
    expect(corroded([CODE, look('sound'), ...back, look('corroded')], 'sensor')).toBeGreaterThan(8 * once);
    const seen = corroded([CODE, look('corroded'), ...back], 'sensor');
    const again = corroded([CODE, look('corroded'), ...back, look('corroded')], 'sensor');
    expect(again / seen).toBeLessThan(1.15);
  });

  test('a repair of the part itself makes the look fresh', () => {
    const repaired = corroded([CODE, look('sound'), ...back], 'plug');
    expect(corroded([CODE, look('sound'), ...back, look('corroded')], 'plug')).toBeGreaterThan(3 * repaired);
  });
});

describe('what is not done twice', () => {
  test('a repair that changed nothing is not proposed again at the same place, but may be elsewhere', () => {
    const repairs = [
      { channel: 'front-left', action: 'repaired-wire', segment: 'loom', result: 'no-change', after: 'o2' },
    ] as const;
    const broken = { kind: 'meter', point: 'wire-1', quantity: 'resistance', channel: 'front-left' } as const;
    const seen: Seen = [CODE, { ...broken, value: 'overload', range: 2_000_000 }];
    const { next } = assess(caseOf(car('passive'), seen, repairs));
    const offered = next.map((fault) => `${fault.check}@${fault.channel}`);
    expect(offered).not.toContain('repair:repaired-wire:loom@front-left');
    expect(offered.some((word) => word.startsWith('repair:'))).toBe(true);
    const before = assess(caseOf(car('passive'), seen)).next.map((fault) => `${fault.check}@${fault.channel}`);
    expect(before).toContain('repair:repaired-wire:loom@front-left');
  });
});

describe('what other modules and many names tell', () => {
  const lost = (status: 'current' | 'stored'): Seen => [{ kind: 'code', code: 'U0121', status, module: 'instruments' }];

  test('a module that is missed now has no feed; one that was missed once may have had a weak battery', () => {
    expect(chance(lost('current'), 'module-supply', null)).toBeGreaterThan(10 * chance([], 'module-supply', null));
    expect(chance(lost('stored'), 'module-supply', null)).toBeLessThan(chance(lost('current'), 'module-supply', null));
    expect(chance(lost('stored'), 'battery-low', null)).toBeGreaterThan(2 * chance([], 'battery-low', null));
  });

  test('a lamp that flashes codes tells that the module lives, whatever no reader gets out of it', () => {
    const silence = { kind: 'no-answer', module: 'abs' } as const;
    const meanings = { '21': { channel: 'front-left', failure: 'circuit', text: 'front left, circuit' } } as const;
    const flashed = caseOf(car('passive', { codeMeanings: meanings }), [
      silence,
      { kind: 'code', code: '21', status: 'unknown', module: 'abs' },
    ]);
    const { ignored, ranking, next } = assess(flashed);
    expect(ignored.map((reason) => reason.id)).toContain('o1');
    expect(ranking[0]?.channel).toBe('front-left');
    expect(next.some((fault) => fault.check.startsWith('live:'))).toBe(false);
  });

  test('codes that name one wheel’s fault in several ways speak for what comes and goes', () => {
    const named = (...bytes: string[]): Seen =>
      bytes.map((byte) => ({ ...CODE, code: `C0031-${byte}`, status: 'stored' }));
    const passing = (seen: Seen): number =>
      ['lead-intermittent', 'sensor-intermittent', 'loom-intermittent', 'plug-corroded'].reduce(
        (sum, word) => sum + chance(seen, word),
        0,
      );
    expect(passing(named('13', '2F'))).toBeGreaterThan(1.5 * passing(named('13')));
  });
});

test('who is not sure of a finding is believed less than who is, and more than nobody', () => {
  const cut = { kind: 'look', part: 'lead', finding: 'severed', channel: 'front-left' } as const;
  const [none, unsure, sure] = [[], [{ ...cut, unsure: true }], [cut]].map((seen) => chance(seen, 'lead-open'));
  expect(sure ?? 0).toBeGreaterThan(0.95);
  expect(unsure ?? 0).toBeLessThan(0.9);
  expect(unsure ?? 0).toBeGreaterThan(2 * (none ?? 0));
});
