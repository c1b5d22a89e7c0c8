import fc from 'fast-check';
import { describe, expect, test } from 'vitest';
import { car, caseOf } from '../../tests/support/caseBuilder';
import type { CaseFile } from './contract';
import { mergedCase } from './merge';
import { validate } from './validate';

const lamps = fc.record(
  {
    id: fc.constantFrom('a', 'b', 'c', 'd', 'e', 'f'),
    kind: fc.constant('lamps' as const),
    lit: fc.subarray(['abs', 'brake', 'stability'] as const),
    at: fc.constantFrom('2026-05-04T17:30:00Z', '2026-05-04T19:00:00+02:00', '2026-05-05T08:00:00Z'),
    note: fc.constantFrom('wet', 'dry', 'cold'),
    withdrawn: fc.constant(true),
  },
  { requiredKeys: ['id', 'kind', 'lit'] },
);
const files: fc.Arbitrary<CaseFile> = fc
  .record({
    seen: fc.uniqueArray(lamps, { selector: ({ id }) => id, maxLength: 6 }),
    notes: fc.array(
      fc.constantFrom('one', 'two').map((text) => ({ text })),
      { maxLength: 2 },
    ),
    ending: fc.constantFrom(null, 'solved' as const),
  })
  .map(({ seen, notes, ending }) => ({
    ...caseOf(car('passive'), []),
    observations: seen,
    notes,
    ending,
  }));
const json = (file: CaseFile): unknown => JSON.parse(JSON.stringify(file));

describe('work of two devices on one job', () => {
  test('it does not matter which device asks', () =>
    fc.assert(
      fc.property(files, files, (a, b) => {
        expect(json(mergedCase(a, b))).toEqual(json(mergedCase(b, a)));
      }),
    ));
  test('it does not matter in which order three are put together', () =>
    fc.assert(
      fc.property(files, files, files, (a, b, c) => {
        expect(json(mergedCase(mergedCase(a, b), c))).toEqual(json(mergedCase(a, mergedCase(b, c))));
      }),
    ));
  test('put together again, nothing changes', () =>
    fc.assert(
      fc.property(files, files, (a, b) => {
        const both = mergedCase(a, b);
        expect(json(mergedCase(both, b))).toEqual(json(both));
        expect(json(mergedCase(both, both))).toEqual(json(both));
      }),
    ));
  test('every observation of either is there, once, and the result keeps the contract', () =>
    fc.assert(
      fc.property(files, files, (a, b) => {
        const both = mergedCase(a, b);
        const ids = (file: CaseFile): readonly string[] => file.observations.map(({ id }) => id);
        expect(ids(both).toSorted()).toEqual([...new Set([...ids(a), ...ids(b)])].toSorted());
        expect(validate(json(both)).ok).toBe(true);
      }),
    ));
  test('taken back on one device, it is taken back; a note that one added stays', () => {
    const seen = (more: object): CaseFile => ({
      ...caseOf(car('passive'), []),
      observations: [{ id: 'o', kind: 'lamps', lit: ['abs'], ...more }],
    });
    expect(mergedCase(seen({}), seen({ withdrawn: true })).observations[0]?.withdrawn).toBe(true);
    expect(mergedCase(seen({ note: 'wet' }), seen({})).observations[0]?.note).toBe('wet');
  });
});
