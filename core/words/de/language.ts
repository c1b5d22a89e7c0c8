import { pluralOf } from '../plural';

/** This catalogue's language: numbers, money and dates are written as it does (BCP 47). */
export const language = 'de-DE';

/** The right form for a count, such as `1 Code`, `2 Codes`. */
export const plural = pluralOf(language, (count) => (count === 1 ? 'one' : 'other'));

/**
 * Words one after another, the last joined by `und`.
 * @example joinWords(['Ring', 'Sensor', 'Kabel']) // => "Ring, Sensor und Kabel"
 */
export const joinWords = (words: readonly string[]): string =>
  new Intl.ListFormat(language, { style: 'long', type: 'conjunction' }).format(words);

/** What stands between the whole of a number and its decimals. */
export const decimalSign = ',';

/**
 * A name as it stands inside a sentence: nouns keep their capital.
 * @example inSentence('Ring') // => "Ring"
 */
export const inSentence = (words: string): string => words;
