import { expect, test } from 'vitest';
import { otherSpanners } from './spanner';

test.each([
  ['8 mm', ['5/16 in']],
  ['19', ['3/4 in']],
  ['11 mm', ['7/16 in']],
  ['10 mm', []],
  ['13 mm', []],
  ['1/2 in', []],
  ['5/16 in', ['8 mm']],
  ['3/4"', ['19 mm']],
  ['3/8 in', []],
  ['', []],
  ['big', []],
])('for %j there is %j', (size, fits) => expect(otherSpanners(size)).toEqual(fits));
