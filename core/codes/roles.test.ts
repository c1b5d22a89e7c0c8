import { describe, expect, test } from 'vitest';
import { car, caseOf, type Loose } from '../../tests/support/caseBuilder';
import { floodOf, latestOdometer, sortCodes } from './roles';

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

  test('what is withdrawn is neither cause nor ghost', () =>
    expect(roles([code('a', 'C0031', { withdrawn: true }), code('b', 'C0034')])).toEqual(['b cause']));

  test('old from three hundred kilometres on, by the car’s own odometer too', () => {
    const at = (odometer: number, own: number) =>
      sortCodes(caseOf(car('passive', { odometer: own }), [code('a', 'C0031', { odometer })])).map(({ role }) => role);
    expect(at(84_000, 84_300)).toEqual(['ghost']);
    expect(at(84_001, 84_300)).toEqual(['cause']);
  });

  test('an echo needs a wheel that is no ghost, in the brake module', () => {
    const dash = code('dash', 'U0415', { module: 'instruments' });
    expect(roles([code('a', 'C0031'), dash])).toEqual(['a cause', 'dash echo']);
    expect(roles([code('a', 'C0031', { module: 'body' }), dash])).toEqual(['a parked', 'dash parked']);
    expect(roles([code('a', 'C1234'), dash])).toEqual(['a cause', 'dash parked']);
    const old = code('a', 'C0031', { odometer: 80_000 });
    expect(roles([old, { ...dash, odometer: 84_000 } as Loose])).toEqual(['a ghost', 'dash parked']);
  });

  test('a code that came back after it had stayed away is there, and the other way round', () => {
    const erase = (id: string, returned: string[] | undefined, stayed: string[] | undefined): Loose => ({
      id,
      kind: 'clear',
      result: 'stayed-clear',
      ...(returned && { returned }),
      ...(stayed && { stayed }),
    });
    const seen = [code('a', 'C0031'), code('b', 'C0034')];
    expect(roles([...seen, erase('1', undefined, ['C0031', 'C0034'])])).toEqual(['a ghost', 'b ghost']);
    expect(roles([...seen, erase('1', undefined, ['C0031', 'C0034']), erase('2', ['C0031'], undefined)])).toEqual([
      'a cause',
      'b ghost',
    ]);
    expect(roles([...seen, erase('1', ['C0031'], undefined), erase('2', undefined, ['C0031'])])[0]).toBe('a ghost');
  });
});

describe('one event', () => {
  const at = (many: number, more: (n: number) => Partial<Loose> = () => ({})) =>
    Array.from({ length: many }, (_, n) => code(`c${n}`, `B100${n}`, { odometer: 84_000, ...more(n) })) as never[];
  const wheelOf = (wheels: number) => (seen: { readonly id: string }) => {
    const n = Number(seen.id.slice(1));
    return n < wheels ? `wheel ${n}` : null;
  };
  test('four codes of two modules, or of three wheels', () => {
    const modules = (n: number) => ({ module: n === 0 ? 'body' : 'abs' }) as Partial<Loose>;
    expect(floodOf(at(4, modules), () => null)).toHaveLength(4);
    expect(
      floodOf(
        at(4, (n) => (n === 0 ? { module: 'body' } : {}) as Partial<Loose>),
        () => null,
      ),
    ).toHaveLength(4);
    expect(floodOf(at(3, modules), () => null)).toEqual([]);
    expect(floodOf(at(4), wheelOf(3))).toHaveLength(4);
    expect(floodOf(at(4), wheelOf(2))).toEqual([]);
    expect(floodOf(at(4), () => null)).toEqual([]);
  });
  test('none without an odometer reading, or with several', () => {
    expect(
      floodOf(
        at(4, () => ({ odometer: undefined })),
        wheelOf(4),
      ),
    ).toEqual([]);
    expect(
      floodOf(
        at(4, (n) => ({ odometer: 84_000 + n })),
        wheelOf(4),
      ),
    ).toEqual([]);
  });
});

describe('the latest odometer reading', () => {
  const seen: Loose[] = [
    { id: 'd', kind: 'drive', result: 'lamps-stayed-out' },
    code('a', 'C0031', { odometer: 80_000 }),
    code('b', 'C0034'),
    code('c', 'C0037', { odometer: 84_200 }),
  ];
  test('of the codes, or the car’s own where that is later', () => {
    expect(latestOdometer(caseOf(car('passive'), seen))).toBe(84_200);
    expect(latestOdometer(caseOf(car('passive', { odometer: 90_000 }), seen))).toBe(90_000);
    expect(latestOdometer(caseOf(car('passive', { odometer: 90_000 }), []))).toBe(90_000);
    expect(latestOdometer(caseOf(car('passive'), [code('b', 'C0034')]))).toBeNull();
  });
});
