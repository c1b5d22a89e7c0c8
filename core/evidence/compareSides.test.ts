import { describe, expect, test } from 'vitest';
import { car, caseOf, type Loose } from '../../tests/support/caseBuilder';
import { compareSides } from './compareSides';

const coil = (channel: 'rear-left' | 'rear-right', value: number | 'overload'): Loose => ({
  kind: 'meter',
  channel,
  point: 'sensor',
  quantity: 'resistance',
  value,
});

describe('a corner beside its twin', () => {
  test('alike within a tenth, different beyond; the newest reading counts', () => {
    const rows = (a: number | 'overload', b: number | 'overload') =>
      compareSides(
        caseOf(car('passive'), [coil('rear-left', 5), coil('rear-left', a), coil('rear-right', b)]),
        'rear-left',
      );
    expect(rows(1100, 1180)).toMatchObject({ twin: 'rear-right', rows: [{ differs: false }] });
    expect(rows(1100, 380).rows[0]).toMatchObject({ differs: true });
    expect(rows(1100, 380).rows[0]?.apart).toBeCloseTo(0.65, 2);
    expect(rows(1100, 'overload').rows[0]).toMatchObject({ differs: true, apart: null });
    expect(rows(0, 0).rows[0]).toMatchObject({ differs: false, apart: 0 });
  });

  test('a side not seen yet stays empty and says which check fills it', () => {
    const seen: Loose = { kind: 'look', channel: 'rear-left', part: 'plug', finding: 'corroded' };
    expect(compareSides(caseOf(car('passive'), [seen]), 'rear-left').rows).toEqual([
      { what: 'Plug', check: 'look:plug', here: 'corroded', there: '', apart: null, differs: false },
    ]);
  });

  test('the same quantity taken in another way stands in a row of its own', () => {
    const rear = (more: object): Loose => ({ ...coil('rear-left', 1100), ...more });
    const { rows } = compareSides(
      caseOf(car('passive'), [
        rear({}),
        rear({ while: 'wiggle' }),
        rear({ while: 'hand-spin' }),
        rear({ unsteady: true }),
        { ...rear({ value: 300 }), withdrawn: true },
        { ...rear({ value: 400 }), channel: 'front-left' },
      ]),
      'rear-left',
    );
    const name = rows[0]?.what ?? '';
    expect(rows.map(({ what }) => what)).toEqual([name, `${name}, flexed`, `${name}, spun`]);
    expect(rows.map(({ here }) => here)).toEqual(['1.10 kΩ, jumps', '1.10 kΩ', '1.10 kΩ']);
    expect(rows.every(({ check }) => check === 'meter:sensor:resistance')).toBe(true);
  });

  test('speeds are set side by side by how the wheel moved; words differ or they do not', () => {
    const speed = (
      channel: 'rear-left' | 'rear-right',
      during: 'drive' | 'hand-spin' | 'stationary',
      finding: string,
    ) => ({ kind: 'live', channel, while: during, finding }) as Loose;
    const { rows } = compareSides(
      caseOf(car('passive'), [
        speed('rear-left', 'drive', 'drops-out'),
        speed('rear-right', 'drive', 'follows'),
        speed('rear-left', 'hand-spin', 'follows'),
        speed('rear-right', 'hand-spin', 'follows'),
        speed('rear-right', 'stationary', 'zero'),
        { kind: 'swap', channel: 'rear-left', with: 'rear-right', result: 'fault-stayed' },
      ]),
      'rear-left',
    );
    expect(rows.map(({ check, differs, apart }) => [check, differs, apart])).toEqual([
      ['live:drive', true, null],
      ['live:hand-spin', false, null],
      ['live:stationary', false, null],
    ]);
    expect(new Set(rows.map(({ what }) => what)).size).toBe(3);
    expect(rows[2]?.here).toBe('');
  });

  test('a seventh apart is worth a thought, a tenth is not', () => {
    const differs = (other: number) =>
      compareSides(caseOf(car('passive'), [coil('rear-left', 1000), coil('rear-right', other)]), 'rear-left').rows[0]
        ?.differs;
    expect([differs(885), differs(875)]).toEqual([false, true]);
  });

  test('a shared rear sensor has no twin', () =>
    expect(
      compareSides(caseOf(car('passive', { channels: ['front-left', 'front-right', 'rear-axle'] }), []), 'rear-axle'),
    ).toEqual({ twin: null, rows: [] }));
});
