import { expect, test } from 'vitest';
import { settleTakes } from './settle';
import type { Take } from './take';

/** A take with its likeliest reading first, and how far the others trail it. */
function take(...readings: readonly (readonly [codes: string, trails: number])[]): Take {
  const all = readings.map(([codes, trails]) => ({ codes: codes.split(' ').filter(Boolean), trails }));
  return { scheme: 'counts', codes: all[0]?.codes ?? [], counts: [], ignored: 0, readings: all };
}

test('nothing tapped settles nothing', () => {
  expect(settleTakes([])).toEqual({ codes: null, agreeing: 0 });
  expect(settleTakes([take(), take()])).toEqual({ codes: null, agreeing: 0 });
});

test('two alike settle it, in the order first flashed and without repeats; a take of nothing says nothing', () => {
  const single = take(['41 23 41 23', 0]);
  expect(settleTakes([single])).toEqual({ codes: null, agreeing: 1 });
  expect(settleTakes([single, take(['23 41', 0])])).toEqual({ codes: ['41', '23'], agreeing: 2 });
  expect(settleTakes([single, take(), single])).toMatchObject({ agreeing: 2, codes: ['41', '23'] });
});

test('two against two settle nothing, three against two do', () => {
  const [a, b] = [take(['23', 0]), take(['32', 0])];
  expect(settleTakes([a, b, a, b])).toEqual({ codes: null, agreeing: 2 });
  expect(settleTakes([a, b, a, b, a])).toEqual({ codes: ['23'], agreeing: 3 });
});

test('a reading that comes close in every take is told from the best by five natural logs in all', () => {
  const close = (trails: number): Take => take(['23', 0], ['24', trails]);
  expect(settleTakes([close(-2.5), close(-2.5)]).codes).toEqual(['23']);
  expect(settleTakes([close(-2.4), close(-2.5)]).codes).toBeNull();
  expect(settleTakes([close(-2.4), close(-2.4), close(-2.4)]).codes).toEqual(['23']);
});

test('one slip of the hand cannot speak against what the others say by more than six', () => {
  const far = take(['99', 0], ['23', -40]);
  const near = take(['23', 0], ['99', -6]);
  expect(settleTakes([near, near, far]).codes).toEqual(['23']);
  expect(settleTakes([take(['23', 0]), take(['23', 0]), take(['99', 0])]).codes).toEqual(['23']);
});

test('of two readings of one list in a take the better counts', () => {
  const twice = take(['23 41', 0], ['41 23', -3], ['24', -1]);
  expect(settleTakes([twice, twice, twice, twice, twice]).codes).toEqual(['23', '41']);
  expect(settleTakes([twice, twice]).codes).toBeNull();
});
