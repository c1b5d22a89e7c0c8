import { describe, expect, test } from 'vitest';
import { car, caseOf } from '../../tests/support/caseBuilder';
import { run } from '../commands/command';
import { validate } from '../casefile/validate';
import type { CaseFile, Fastener } from '../casefile/contract';
import { fastenersAt, missingBehind, stillOut } from './fasteners';

const HERE = 'rear-right';
const WHEEL = `wheel-off@${HERE}`;
let count = 0;
const stamp = { newId: () => `f${(count += 1)}`, at: '2026-05-04T17:30:00Z' };
const clip: Omit<Fastener, 'id' | 'at' | 'place'> = {
  kind: 'clip',
  name: 'lead clips',
  count: 2,
  channel: HERE,
  step: `clips-out@${HERE}`,
};
const noted = (...more: readonly Partial<Fastener>[]): CaseFile =>
  more.reduce<CaseFile>(
    (file, fastener) => run(file, { do: 'fastener', fastener: { ...clip, ...fastener } }, stamp),
    caseOf(car('passive'), []),
  );

describe('what was taken out', () => {
  test('lies on the card in the order in which it came out, until it is put in another', () => {
    const file = noted({ name: 'a' }, { name: 'b' }, { name: 'c', channel: 'front-left' });
    expect(fastenersAt(file, HERE).map(({ name, place }) => [name, place])).toEqual([
      ['a', 1],
      ['b', 2],
    ]);
    const ids = fastenersAt(file, HERE)
      .map(({ id }) => id)
      .toReversed();
    expect(fastenersAt(run(file, { do: 'order-fasteners', ids }, stamp), HERE).map(({ name }) => name)).toEqual([
      'b',
      'a',
    ]);
  });
  test('is missing until all of it is back in', () => {
    const file = noted({});
    const [first] = fastenersAt(file, HERE);
    const id = first?.id ?? '';
    expect(missingBehind(file, HERE, WHEEL)).toHaveLength(1);
    const half = run(file, { do: 'fastener-is', id, is: { back: 1 } }, stamp);
    expect(missingBehind(half, HERE, WHEEL).map(stillOut)).toEqual([1]);
    expect(missingBehind(run(half, { do: 'fastener-is', id, is: { back: 2 } }, stamp), HERE, WHEEL)).toEqual([]);
  });
  test('is not due where the hole was empty, or where it is left out knowingly; the wheel’s own are not due yet', () => {
    expect(missingBehind(noted({ empty: true }, { leftOut: true }, { step: WHEEL }), HERE, WHEEL)).toEqual([]);
  });
  test('more back in than came out are none too few', () => {
    expect(stillOut({ id: 'f', kind: 'nut', name: 'n', count: 1, back: 3 })).toBe(0);
  });
  test('stands in the case file by its contract, and can be taken off the card', () => {
    const file = noted({ size: '10 mm', state: 'worn', renew: true, put: 'tray' });
    expect(validate(JSON.parse(JSON.stringify(file))).ok).toBe(true);
    const wrong = { ...file, fasteners: [{ ...file.fasteners?.[0], count: 0 }] };
    expect(validate(JSON.parse(JSON.stringify(wrong))).ok).toBe(false);
    expect(run(file, { do: 'remove-fastener', id: file.fasteners?.[0]?.id ?? '' }, stamp).fasteners).toEqual([]);
  });
});
