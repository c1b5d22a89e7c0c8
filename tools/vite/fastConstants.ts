/**
 * Constants of a module stay constants in what a worker runs: as `var`s, which the builder makes of them for a quicker start, each use looks whether they have changed,
 * and a loop over every byte of a file takes a quarter longer.
 */
export const fastConstants = { output: { topLevelVar: false } } as const;
