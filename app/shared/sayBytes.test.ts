import { expect, test } from 'vitest';
import { sayBytes } from './sayBytes';

test.each([
  [0, '0 B'],
  [999, '999 B'],
  [999.4, '999 B'],
  [999.5, '1 kB'],
  [1000, '1 kB'],
  [999_499, '999 kB'],
  [999_500, '1 MB'],
  [1_234_567, '1.2 MB'],
  [9_949_999, '9.9 MB'],
  [9_950_000, '10 MB'],
  [12_345_678, '12 MB'],
  [2_000_000_000, '2 GB'],
  [5e15, '5000 TB'],
])('%d bytes are %s', (bytes, words) => expect(sayBytes(bytes).replace('\u00a0', ' ')).toBe(words));
