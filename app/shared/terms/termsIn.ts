import { texts } from '#words/shared/terms';
import type { TermId } from '../drawings/plates/terms';

/** A piece of a text: words, or a trade word that can be tapped. */
export interface TermPiece {
  readonly at: number;
  readonly words: string;
  readonly term: TermId | null;
}

const IDS = Object.keys(texts.terms) as TermId[];
const FORMS = IDS.flatMap((term) => texts.terms[term].forms.map((form) => ({ term, form }))).toSorted(
  (first, second) => second.form.length - first.form.length,
);
const escaped = (form: string): string => form.replace(/[.*+?^${}()|[\]\\]/g, '\\$&');
const ANY = new RegExp(
  `(?<![\\p{L}’'-])(${FORMS.map(({ form }) => escaped(form)).join('|')})${texts.endings}(?![\\p{L}-])`,
  'giu',
);

/**
 * Finds the trade words of a text, each where it stands first.
 * @param text any sentence. @returns its pieces in order; together they are the text.
 */
export function termsIn(text: string): TermPiece[] {
  const met = new Set<TermId>();
  const pieces: TermPiece[] = [];
  let from = 0;
  const add = (words: string, term: TermId | null): void => {
    if (words !== '') pieces.push({ at: pieces.length, words, term });
  };
  for (const match of text.matchAll(ANY)) {
    const term = FORMS.find(({ form }) => form.toLowerCase() === match[1]?.toLowerCase())?.term;
    if (!term || met.has(term)) continue;
    met.add(term);
    add(text.slice(from, match.index), null);
    add(match[0], term);
    from = match.index + match[0].length;
  }
  add(text.slice(from), null);
  return pieces;
}
