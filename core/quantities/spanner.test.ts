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

test.each([
  [' 8 mm ', ['5/16 in']],
  ['8mm', ['5/16 in']],
  ['8', ['5/16 in']],
  ['8,0 mm', ['5/16 in']],
  ['8.00', ['5/16 in']],
  ['a8', []],
  ['8 mmx', []],
  ['8x mm', []],
  ['5/16', []],
  ['x5/16 in', []],
  ['5/16 inx', []],
  ['0 mm', []],
  ['0/4 in', []],
])('%j is read whole or not at all', (size, fits) => expect(otherSpanners(size)).toEqual(fits));
