/** Where a verb prints: results as JSON lines, messages for people apart. */
export interface Out {
  line(value: unknown): void;
  problem(message: string): void;
}

export interface Verb {
  readonly usage: string;
  /** Runs the verb and gives the exit code. Throws `BadInput` for wrong words. */
  run(words: readonly string[], out: Out): number | Promise<number>;
}
