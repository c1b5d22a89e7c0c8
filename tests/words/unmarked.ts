/** What stands outside the catalogue in every language: figures with their units, codes, names of the format, the program's own name. */
const UNITS =
  /^(km\/h|km|mph|mi|k?Ω|MΩ|m?V~?|m?A|min|mm|cm|m|N·m|lbf|lbf·ft|lbf·in|ft|in|kB|MB|GB|OL|Hz|h|s|ms|g|°C|°F|AC|DC|EUR|GBP|USD|Zelf|zelf|x|d)$/u;
const CODE = /^[PCBU]?[0-9A-F]{2,6}$/u;

/**
 * The words in a text that no mark encloses.
 * @param text what is shown, in order; marks may stand inside each other.
 * @returns words of two letters or more, or an open mark that nothing closes.
 */
export function unmarkedIn(text: string): readonly string[] {
  let depth = 0;
  let outside = '';
  for (const letter of text) {
    if (letter === '⟦') depth += 1;
    else if (letter === '⟧') depth = Math.max(0, depth - 1);
    else outside += depth === 0 ? letter : ' ';
  }
  const words = outside.split(/[^\p{L}\p{N}Ω°·/~]+/u).filter((word) => /\p{L}{2}/u.test(word));
  return words.filter((word) => !UNITS.test(word) && !CODE.test(word) && !UNITS.test(word.replace(/^[\d.,]+/u, '')));
}
