/** A piece of a sentence: words, or the place where something with a look of its own stands. */
export interface Piece {
  readonly at: number;
  readonly words: string;
  /** Name of the place, null where the piece is words. */
  readonly place: string | null;
}

/** Splits `Spin {wheel} by hand` into words and places, in their order. */
export const piecesOf = (text: string): Piece[] =>
  text
    .split(/(\{\w+\})/)
    .map((words, at) => ({ at, words, place: /^\{(\w+)\}$/.exec(words)?.[1] ?? null }))
    .filter(({ words }) => words !== '');
