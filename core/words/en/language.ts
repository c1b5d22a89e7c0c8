import { pluralOf } from '../plural';

/** This catalogue's language: numbers, money and dates are written as it does (BCP 47). */
export const language = 'en-GB';

/** The right form for a count, such as `1 code`, `2 codes`. */
export const plural = pluralOf(language, (count) => (count === 1 ? 'one' : 'other'));

/**
 * Words one after another, the last joined by `and`.
 * @example joinWords(['ring', 'sensor', 'lead']) // => "ring, sensor and lead"
 */
export const joinWords = (words: readonly string[]): string =>
  new Intl.ListFormat(language, { style: 'long', type: 'conjunction' }).format(words);

/** What stands between the whole of a number and its decimals. */
export const decimalSign = '.';

/**
 * A name as it stands inside a sentence: `Ring` becomes `ring`, `ABS` stays.
 * @example inSentence('Ring') // => "ring"
 */
export const inSentence = (words: string): string =>
  /^\p{Lu}(?!\p{Lu})/u.test(words) ? words.charAt(0).toLowerCase() + words.slice(1) : words;
