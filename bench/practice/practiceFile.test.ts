import { expect, test } from 'vitest';
import { car, caseOf } from '../../tests/support/caseBuilder';
import { practiceOf } from './practiceFile';

test('a practice car is known by its level, seed and actions; anything else in its place is none', () => {
  const file = caseOf(car('passive'), []);
  const practice = { level: 'easy', seed: 3, actions: [] };
  expect(practiceOf({ ...file, practice })).toEqual(practice);
  for (const wrong of [
    undefined,
    null,
    5,
    'easy',
    [],
    { level: 'easy' },
    { ...practice, seed: '3' },
    { ...practice, actions: {} },
  ])
    expect(practiceOf({ ...file, practice: wrong })).toBeNull();
  expect(practiceOf(null)).toBeNull();
});
