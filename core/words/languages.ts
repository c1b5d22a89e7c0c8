/** The languages Zelf speaks: the first is at the root, each other in a folder of its name, built from its own catalogue. */
export const LANGUAGES = [
  { id: 'en', name: 'English' },
  { id: 'de', name: 'Deutsch' },
] as const;

export type LanguageId = (typeof LANGUAGES)[number]['id'];

/** The language of the root folder. */
export const FIRST_LANGUAGE: LanguageId = LANGUAGES[0].id;

/**
 * Whether a word names a language of Zelf's.
 * @example isLanguage('fr') // => false
 */
export const isLanguage = (word: unknown): word is LanguageId => LANGUAGES.some(({ id }) => id === word);

/**
 * The folder of a language, below that of the first.
 * @param id the language. @returns nothing for the first, else its name and a slash.
 * @example folderOf('de') // => "de/"
 */
export const folderOf = (id: LanguageId): string => (id === FIRST_LANGUAGE ? '' : `${id}/`);
