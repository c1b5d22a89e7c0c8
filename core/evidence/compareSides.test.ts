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

  test('a shared rear sensor has no twin', () =>
    expect(
      compareSides(caseOf(car('passive', { channels: ['front-left', 'front-right', 'rear-axle'] }), []), 'rear-axle'),
    ).toEqual({ twin: null, rows: [] }));
});
