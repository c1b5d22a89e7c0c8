/** A sentence as data: what it says, and the condition under which it is true. */
export interface Sentence<Facts> {
  readonly id: string;
  readonly holds: (facts: Facts) => boolean;
  readonly say: (facts: Facts) => string;
}

/** A sentence that holds, as it is shown. */
export interface SaidSentence {
  readonly id: string;
  readonly words: string;
}

/**
 * The sentences that hold, in their order; one with nothing to say is left out.
 * @param sentences all that might be said. @param facts what they are judged by.
 * @example holding([{ id: 'a', holds: (n) => n > 1, say: (n) => `${n} of them` }], 2) // => [{"id":"a","words":"2 of them"}]
 */
export function holding<Facts>(sentences: readonly Sentence<Facts>[], facts: Facts): readonly SaidSentence[] {
  return sentences
    .filter((sentence) => sentence.holds(facts))
    .map(({ id, say }) => ({ id, words: say(facts) }))
    .filter(({ words }) => words !== '');
}
