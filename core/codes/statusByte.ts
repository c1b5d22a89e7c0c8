import type { ObservationOf } from '../casefile/contract';

type Status = ObservationOf<'code'>['status'];

/**
 * Reads an ISO 14229-1 status byte as the contract's word: failed now is current, else confirmed is stored, else pending.
 * @param byte the status byte, 0 to 255.
 * @returns the status word.
 * @example statusFromByte(0x09) // => "current"
 * @example statusFromByte(0x28) // => "stored"
 */
export function statusFromByte(byte: number): Status {
  if (byte & 0x01) return 'current';
  if (byte & 0x08) return 'stored';
  return byte & 0x04 ? 'pending' : 'unknown';
}
