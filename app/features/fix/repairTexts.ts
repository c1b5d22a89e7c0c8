import type { Repair } from '../../../core/casefile/contract';
import { texts } from '#words/screens/fix';

/** How a repair turned out, in words. */
export const RESULTS: readonly (readonly [result: Repair['result'], words: string])[] = [
  ['unknown', texts.notKnownYet],
  ['fixed', texts.fixedIt],
  ['partly', texts.helpedInPart],
  ['no-change', texts.changedNothing],
];
