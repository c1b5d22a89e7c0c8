import { describe, expect, test } from 'vitest';
import { car, caseOf } from '../../tests/support/caseBuilder';
import { assess } from './assess';

type Seen = Parameters<typeof caseOf>[1];

function chance(seen: Seen, fault: string, channel: string | null = 'front-left'): number {
  const { ranking } = assess(caseOf(car('passive'), seen));
  return ranking.find((one) => one.fault === fault && one.channel === channel)?.probability ?? 0;
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
    expect(next.map((one) => one.check)).not.toContain('ask:history');
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
    const order = next.map((one) => one.check);
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
