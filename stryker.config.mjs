/** Mutation testing, by `npm run mutation`. */
export default {
  testRunner: 'vitest',
  vitest: { configFile: 'vitest.mutation.config.ts' },
  plugins: ['@stryker-mutator/vitest-runner', './tools/mutationSample.mjs'],
  ignorers: ['sample'],
  coverageAnalysis: 'perTest',
  /* A change that only counts while a file is read would need every test each time; `npm run mutate` changes the tables. */
  ignoreStatic: true,
  concurrency: 2,
  reporters: ['json', 'clear-text', 'progress-append-only'],
  jsonReporter: { fileName: '.tmp/mutation.json' },
  clearTextReporter: { allowColor: false, logTests: false, reportTests: false },
  tempDirName: '.tmp/stryker',
  ignorePatterns: ['dist', 'docs', 'test-results', '.tsbuild'],
  disableTypeChecks: false,
  timeoutMS: 20_000,
};
