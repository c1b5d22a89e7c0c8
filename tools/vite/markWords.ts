import type { Plugin } from 'vite';

/** A file of the catalogue; what a language does differently is no text. */
const CATALOGUE = /core\/words\/[a-z]{2}\/(?!language\.ts$).+\.ts$/;

/** What each file of the catalogue does with its texts: every one of them begins and ends with a mark, what is put into it stands outside. */
const MARK = `
function apart(slot) {
  return typeof slot === 'string' ? '\\u27e7' + slot + '\\u27e6' : slot;
}
function mark(entry) {
  if (typeof entry === 'string') return '\\u27e6' + entry + '\\u27e7';
  if (typeof entry === 'function') return (...filled) => mark(entry(...filled.map(apart)));
  if (Array.isArray(entry)) return entry.map(mark);
  if (entry === null || typeof entry !== 'object') return entry;
  return Object.fromEntries(Object.entries(entry).map(([key, inner]) => [key, mark(inner)]));
}
export const texts = mark(unmarked);
`;

/**
 * Marks every text of the catalogue, ⟦so⟧: whatever is shown without a mark stands outside the catalogue.
 * For tests only; the program as it is delivered has no marks.
 */
export const markWords = (): Plugin => ({
  name: 'zelf-mark-words',
  enforce: 'pre',
  transform(code, id) {
    if (!CATALOGUE.test(id.split('?')[0] ?? '') || !code.includes('export const texts')) return null;
    return { code: `${code.replace('export const texts', 'const unmarked')}\n${MARK}`, map: null };
  },
});
