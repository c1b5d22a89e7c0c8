import { expect, test } from 'vitest';
import { spanOf } from './lately';

test.each([
  [0, 'days'],
  [3, 'days'],
  [20, 'weeks'],
  [90, 'months'],
  [365, 'older'],
  [undefined, 'unknown'],
])('%s days ago is shown under %s', (days, span) => expect(spanOf(days)).toBe(span));
