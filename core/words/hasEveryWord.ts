/**
 * Whether every word that was typed stands somewhere in a text, whatever its case; the search of all lists.
 * @param text where to look. @param typed words with blanks between them. @returns true for nothing typed.
 * @example hasEveryWord('Wheel off, front right', 'RIGHT wheel') // => true
 */
export function hasEveryWord(text: string, typed: string): boolean {
  const words = typed.toLowerCase().split(/\s+/u).filter(Boolean);
  const lower = text.toLowerCase();
  return words.every((word) => lower.includes(word));
}
