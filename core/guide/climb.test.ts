import { describe, expect, test } from 'vitest';
import { car, caseOf } from '../../tests/support/caseBuilder';
import { LADDERS } from '../knowledge/guide/ladders';
import type { RungResult } from '../knowledge/guide/rung';
import { climbOf, inHandKey, rungKey } from './climb';

const CORNER = 'rear-right';
const climb = (...keys: readonly string[]) =>
  climbOf(
    {
      ...caseOf(car('passive'), []),
      work: keys.map((step, at) => ({ id: `${at}`, at: '2026-05-04T14:02:00Z', step })),
    },
    'stuck-sensor',
    CORNER,
  );
const tried = (...results: readonly (readonly [string, RungResult])[]) =>
  climb(...results.map(([rung, result]) => rungKey(rung, result, CORNER)));

describe('a climb', () => {
  test('begins with nothing tried', () => {
    expect(climb()).toMatchObject({ tried: [], now: null });
  });
  test('no change leads to the next rung, and stays on the last', () => {
    expect(tried(['clean-around', 'no-change']).now?.id).toBe('penetrant');
    expect(tried(['fold-shell', 'no-change']).now?.id).toBe('fold-shell');
  });
  test('what moved a little is tried again; what is out ends it', () => {
    expect(tried(['turn', 'moved-a-little']).now?.id).toBe('turn');
    expect(tried(['turn', 'moved-a-little'], ['turn', 'out']).now).toBeNull();
  });
  test('in pieces it goes on where pieces are drilled out; never back to a milder rung', () => {
    expect(tried(['rock', 'broke']).now?.id).toBe('drill-core');
    expect(tried(['fold-shell', 'broke']).now?.id).toBe('fold-shell');
  });
  test('every attempt stays, with its time; another corner is another climb', () => {
    const two = climb(
      rungKey('turn', 'no-change', CORNER),
      rungKey('turn', 'no-change', 'front-left'),
      'rung:turn:nonsense@rear-right',
    );
    expect(two.tried).toEqual([
      {
        rung: LADDERS['stuck-sensor'].rungs.find(({ id }) => id === 'turn'),
        result: 'no-change',
        at: '2026-05-04T14:02:00Z',
      },
    ]);
  });
  test('what is ready in the hand is known', () => {
    expect([...climb(inHandKey('o-ring', CORNER), inHandKey('o-ring', 'front-left')).inHand]).toEqual(['o-ring']);
  });
});
