/** Thousands in groups of three behind any of the signs that people set between them (SI Brochure 5.4.4 asks for a space). */
const GROUPED = /^\d{1,3}(?:[.,'’\s\u00a0\u2009\u202f]\d{3})+$/u;

/**
 * A whole number as people write it: a point or comma before three digits parts thousands there, and is no decimal sign.
 * @param typed such as `84200`, `84 200`, `84.200` or `84,200`; with other decimals it is read as such.
 * @returns the number; NaN where it is none.
 * @example wholeNumber('84.200') // => 84200
 * @example wholeNumber('84,5') // => 84.5
 */
export function wholeNumber(typed: string): number {
  const words = typed.trim();
  return GROUPED.test(words) ? Number(words.replace(/\D/g, '')) : Number(words.replace(',', '.') || Number.NaN);
}
