/** Lists and records within each other beyond this are no case file's. */
export const DEEPEST = 40;

const [QUOTE, BACKSLASH, OPEN_LIST, CLOSE_LIST, OPEN_RECORD, CLOSE_RECORD] = [0x22, 0x5c, 0x5b, 0x5d, 0x7b, 0x7d];

/**
 * Where a JSON text goes deeper than a case file may, found before anything parses it.
 * @param text any text. @param deepest how many levels are allowed.
 * @returns the offset of the first bracket too many, or null.
 * @example tooDeepAt('[[["["]]]', 2) // => 2
 */
export function tooDeepAt(text: string, deepest = DEEPEST): number | null {
  let [depth, isQuoted] = [0, false];
  for (let at = 0; at < text.length; at += 1) {
    const sign = text.charCodeAt(at);
    if (isQuoted) {
      if (sign === BACKSLASH) at += 1;
      else if (sign === QUOTE) isQuoted = false;
    } else if (sign === QUOTE) isQuoted = true;
    else if (sign === OPEN_LIST || sign === OPEN_RECORD) {
      depth += 1;
      if (depth > deepest) return at;
    } else if (sign === CLOSE_LIST || sign === CLOSE_RECORD) depth -= 1;
  }
  return null;
}
