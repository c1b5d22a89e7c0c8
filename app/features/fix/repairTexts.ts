import type { Repair } from '../../../core/casefile/contract';

/** How a repair turned out, in words. */
export const RESULTS: readonly (readonly [result: Repair['result'], words: string])[] = [
  ['unknown', 'Not known yet'],
  ['fixed', 'Fixed it'],
  ['partly', 'Helped in part'],
  ['no-change', 'Changed nothing'],
];
