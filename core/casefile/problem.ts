/** One thing that is wrong with some input, as data. */
export interface Problem {
  /** Where: a JSON pointer (RFC 6901), `line N`, or empty for the whole. */
  readonly path: string;
  /** What kind of problem, for programs. */
  readonly code: string;
  /** What is wrong and what would be right, for people. */
  readonly message: string;
}

/** The outcome of something that may fail in an expected way. */
export type Result<T> = { readonly ok: true; readonly value: T } | { readonly ok: false; readonly problems: Problem[] };

/**
 * Builds a JSON pointer (RFC 6901) from the steps to a place.
 * @param steps keys and indexes from the root; none gives `''`, the whole.
 * @returns the pointer, `~` and `/` escaped.
 * @example pointer(['observations', 2, 'a/b']) // => "/observations/2/a~1b"
 */
export function pointer(steps: readonly (string | number)[]): string {
  return steps.map((step) => '/' + String(step).replaceAll('~', '~0').replaceAll('/', '~1')).join('');
}
