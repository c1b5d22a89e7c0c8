/**
 * Words as they begin a line or a sentence.
 * @param words any text. @returns the same with a capital first letter.
 * @example capital('front left') // => "Front left"
 */
export const capital = (words: string): string => words.charAt(0).toUpperCase() + words.slice(1);
