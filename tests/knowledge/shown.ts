import { SHOWN_BY_CAR } from './shownByCar';
import { SHOWN_BY_HAND } from './shownByHand';

/**
 * What each check shows of each fault, in a mechanic's words: the second entry of the tables, kept by hand beside the first.
 * A change of a table that changes one of these words must be meant, and is then made here too; small tuning is free.
 * Words: nearly always 90 %, mostly 65, often 40, sometimes 15, seldom 3 % or more; what is rarer is left out.
 */
export const SHOWN: Readonly<Record<string, Readonly<Record<string, string>>>> = { ...SHOWN_BY_CAR, ...SHOWN_BY_HAND };
