import { describe, expect, test } from 'vitest';
import { car, caseOf, type Loose } from '../../tests/support/caseBuilder';
import { sortCodes } from './roles';

const code = (id: string, text: string, more: Partial<Loose> = {}): Loose =>
  ({ id, kind: 'code', code: text, status: 'stored', ...more }) as Loose;

function roles(observations: readonly Loose[]): string[] {
  return sortCodes(caseOf(car('passive'), observations)).map((sortCode) => `${sortCode.code.id} ${sortCode.role}`);
}

describe('which code is the cause', () => {
  test('another module follows the wheel; the airbag never does', () => {
    const seen = [
      code('wheel', 'C0034', { status: 'current', module: 'abs' }),
      code('dash', 'U0121', { module: 'instruments' }),
      code('bag', 'B0051', { module: 'airbag' }),
    ];
    expect(roles(seen)).toEqual(['wheel cause', 'dash echo', 'bag parked']);
  });

  test('without a wheel there is nothing to echo', () =>
    expect(roles([code('dash', 'U0121', { module: 'instruments' })])).toEqual(['dash parked']));

  test('old by odometer, but not when it is current', () => {
    const seen = [
      code('old', 'C0031', { odometer: 80_000 }),
      code('new', 'C0034', { odometer: 84_200 }),
      code('live', 'C0037', { odometer: 80_000, status: 'current' }),
    ];
    expect(roles(seen)).toEqual(['old ghost', 'new cause', 'live cause']);
  });

  test('many at one odometer reading over several modules are one old event', () => {
    const at = { odometer: 84_000 };
    const seen = [
      code('a', 'C0031', at),
      code('b', 'C0034', at),
      code('c', 'B1342', { ...at, module: 'body' }),
      code('d', 'P0562', { ...at, module: 'engine' }),
      code('live', 'C0037', { odometer: 84_200, status: 'current' }),
    ];
    expect(roles(seen)).toEqual(['a ghost', 'b ghost', 'c ghost', 'd ghost', 'live cause']);
  });

  test('what the erase showed outranks dates', () => {
    const seen: Loose[] = [
      code('a', 'C0031', { odometer: 80_000 }),
      code('b', 'C0034', { odometer: 84_200 }),
      { id: 'erase', kind: 'clear', result: 'returned-at-key-on', returned: ['C0031'], stayed: ['C0034'] },
    ];
    expect(roles(seen)).toEqual(['a cause', 'b ghost']);
  });
});
