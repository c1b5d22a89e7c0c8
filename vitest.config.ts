import { availableParallelism } from 'node:os';
import { resolve } from 'node:path';
import vue from '@vitejs/plugin-vue';
import { defineConfig } from 'vitest/config';
import { LANGUAGES } from './core/words/languages';
import { markWords } from './tools/vite/markWords';

/** A file's modules serve the next one too: no test may leave anything behind in them. */
const SHARED = { isolate: false };

export default defineConfig({
  test: {
    /** All cores: nothing else runs meanwhile. */
    maxWorkers: availableParallelism(),
    projects: [
      {
        test: {
          ...SHARED,
          name: 'core',
          environment: 'node',
          include: ['core/**/*.test.ts', 'bench/**/*.test.ts', 'cli/**/*.test.ts', 'tests/**/*.test.ts'],
          setupFiles: ['tests/support/sameExamples.ts'],
          testTimeout: 60_000,
        },
      },
      ...LANGUAGES.map(({ id }) => ({
        plugins: [markWords()],
        resolve: {
          alias: [{ find: /^#words\/(.*)$/, replacement: resolve(import.meta.dirname, `core/words/${id}/$1.ts`) }],
        },
        test: {
          ...SHARED,
          name: `words-${id}`,
          environment: 'node',
          include: ['tests/words/*.words.ts'],
          testTimeout: 60_000,
        },
      })),
      {
        test: { ...SHARED, name: 'server', environment: 'node', include: ['server/**/*.test.ts'], testTimeout: 30_000 },
      },
      {
        plugins: [vue()],
        test: {
          ...SHARED,
          name: 'dom',
          environment: 'happy-dom',
          /* A click that saves a file would lead this window to the file. */
          environmentOptions: {
            happyDOM: {
              url: 'http://127.0.0.1:4173/',
              settings: { navigation: { disableMainFrameNavigation: true, disableFallbackToSetURL: true } },
            },
          },
          include: ['app/**/*.test.ts'],
          setupFiles: ['app/testSetup.ts'],
          testTimeout: 30_000,
          /* As for the journeys: once more where a landing hangs on it. */
          retry: process.env['CI'] ? 1 : 0,
        },
      },
    ],
  },
});
