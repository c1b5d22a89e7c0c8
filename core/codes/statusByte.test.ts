import { expect, test } from 'vitest';
import { statusFromByte } from './statusByte';

const FAILED_NOW = 1 << 0;
const PENDING = 1 << 2;
const CONFIRMED = 1 << 3;

test('every status byte has the word of its foremost bit: failed now, confirmed, pending', () => {
  for (let byte = 0; byte < 256; byte += 1) {
    const has = (bit: number): boolean => Math.floor(byte / bit) % 2 === 1;
    const later = has(CONFIRMED) ? 'stored' : has(PENDING) ? 'pending' : 'unknown';
    expect([byte, statusFromByte(byte)]).toEqual([byte, has(FAILED_NOW) ? 'current' : later]);
  }
});
