import fc from 'fast-check';

/** Generated examples are the same in every run, so that no landing hangs on luck; `SEED=7 npx vitest run` makes others. */
fc.configureGlobal({ seed: Number(process.env['SEED'] ?? 1) });
