import fc from 'fast-check';
import { describe, expect, test } from 'vitest';
import { CASE } from '../../tests/support/exampleCase';
import { fromShape } from '../../tests/support/fromShape';
import { CASE_FILE } from './contract';
import { tooDeepAt } from './depth';
import { explain } from './explain';
import { fits, misfits, MOST_KEYS } from './misfits';
import { readCaseFile } from './read';
import { validate } from './validate';
import type { Shape } from './shapes';

const SHAPES: readonly Shape[] = [
  { is: 'text', max: 3, pattern: /^a/ },
  { is: 'number', min: 0, max: 5 },
  { is: 'number', above: 0 },
  { is: 'flag' },
  { is: 'nothing' },
  { is: 'constant', value: 'zelf' },
  { is: 'word', of: ['left', 'right'] },
  { is: 'either', of: [{ is: 'number' }, { is: 'constant', value: 'overload' }] },
];

describe('one value', () => {
  test.each(SHAPES)('%j: what the quick look refuses, the explanation names too', (shape) => {
    const values = [undefined, null, '', 'a', 'abcd', 'b', 'left', 'zelf', 'overload', 0, -1, 5, 5.1, NaN, Infinity];
    for (const value of [...values, true, [], {}]) {
      const [found] = misfits(shape, value);
      expect(found === undefined).toBe(fits(shape, value));
      if (found) expect(explain(found).message, JSON.stringify(value)).toMatch(/^(must|is|has|does)/);
    }
  });
  test('limits on both sides', () => {
    const right = (shape: Shape, values: readonly unknown[]) => values.map((value) => fits(shape, value));
    expect(right({ is: 'number', min: 0, max: 5 }, [-0.1, 0, 5, 5.1, '1', NaN])).toEqual([
      false,
      true,
      true,
      false,
      false,
      false,
    ]);
    expect(right({ is: 'number', above: 0 }, [0, 1e-9])).toEqual([false, true]);
    expect(right({ is: 'text', max: 3 }, ['', 'abc', 'abcd', 3])).toEqual([true, true, false, false]);
    expect(right({ is: 'list', of: { is: 'flag' }, min: 1, max: 2 }, [[], [true], [true, true], [1, 1, 1]])).toEqual([
      false,
      true,
      true,
      false,
    ]);
  });
});

describe('stopping early', () => {
  test('the entries of a list that is too long are not looked at', () => {
    let looked = 0;
    const entry = {
      get kind() {
        looked += 1;
        return 'x';
      },
    };
    const found = misfits(
      CASE_FILE.needs.observations,
      Array.from({ length: 5001 }, () => entry),
    );
    expect([found.map((misfit) => misfit.wrong), looked]).toEqual([['many'], 0]);
  });
  test('nor those of a map with too many keys', () => {
    const many = Object.fromEntries(Array.from({ length: MOST_KEYS + 1 }, (_one, at) => [`k${at}`, 1]));
    expect(misfits({ is: 'map', of: { is: 'flag' } }, many).map((misfit) => misfit.wrong)).toEqual(['many']);
  });
  test('after twenty wrong places it stops', () => {
    const wrong = Array.from({ length: 5000 }, (_one, at) => ({ id: `o${at}`, kind: 'nonsense' }));
    const read = validate({ ...CASE, observations: wrong });
    expect(read.ok ? 0 : read.problems).toHaveLength(20);
  });
});

describe('words that every object has', () => {
  test.each(['constructor', 'toString', '__proto__', 'hasOwnProperty'])('%s is no kind, part or key', (word) => {
    const read = (observation: object) => validate({ ...CASE, observations: [{ id: 'o', ...observation }] }).ok;
    expect(read({ kind: word })).toBe(false);
    expect(read({ kind: 'look', part: word, finding: 'sound' })).toBe(false);
    expect(read({ kind: 'meter', point: word, quantity: 'resistance', value: 1 })).toBe(false);
  });
});

describe('depth', () => {
  test('is told by line and column before anything is parsed', () => {
    const read = readCaseFile(`{"x":\n${'['.repeat(100_000)}`);
    expect(read.ok ? null : read.problems).toEqual([
      { path: 'line 2, column 40', code: 'too-deep', message: 'is nested deeper than 40 levels' },
    ]);
  });
  test('brackets within words do not count', () => {
    expect(tooDeepAt(`["${'['.repeat(99)}", "a\\"[[["]`, 1)).toBeNull();
    expect(tooDeepAt('[[]]', 2)).toBeNull();
    expect(tooDeepAt('[[[]]]', 2)).toBe(2);
    expect(tooDeepAt('{"a":{"b":{}}}', 2)).toBe(10);
  });
});

test('whatever the contract allows fits, and is a file', () => {
  fc.assert(
    fc.property(fromShape(CASE_FILE), (value) => void expect(misfits(CASE_FILE, value)).toEqual([])),
    { numRuns: 200 },
  );
});
