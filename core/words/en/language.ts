import { pluralOf } from '../plural';

/** This catalogue's language: numbers, money and dates are written as it does (BCP 47). */
export const language = 'en-GB';

/** The right form for a count, such as `1 code`, `2 codes`. */
export const plural = pluralOf(language, (count) => (count === 1 ? 'one' : 'other'));

/** Words one after another, the last joined by `and`. */
export const joinWords = (words: readonly string[]): string =>
  new Intl.ListFormat(language, { style: 'long', type: 'conjunction' }).format(words);
