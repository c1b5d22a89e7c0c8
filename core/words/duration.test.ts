import { expect, test } from 'vitest';
import { sayDuration } from './duration';

test.each([
  [0, '0 min'],
  [4, '4 min'],
  [5, '5 min'],
  [58, '1 h'],
  [57, '55 min'],
  [62, '1 h'],
  [63, '1 h 5 min'],
  [137, '2 h 15 min'],
  [600, '10 h'],
])('%i minutes are %s', (minutes, said) => expect(sayDuration(minutes)).toBe(said));
