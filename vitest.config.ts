import { availableParallelism } from 'node:os';
import vue from '@vitejs/plugin-vue';
import { defineConfig } from 'vitest/config';

export default defineConfig({
  test: {
    /** All cores: nothing else runs meanwhile. */
    maxWorkers: availableParallelism(),
    projects: [
      {
        test: {
          name: 'core',
          environment: 'node',
          include: ['core/**/*.test.ts', 'bench/**/*.test.ts', 'cli/**/*.test.ts', 'tests/**/*.test.ts'],
          testTimeout: 60_000,
        },
      },
      { test: { name: 'server', environment: 'node', include: ['server/**/*.test.ts'] } },
      {
        plugins: [vue()],
        test: {
          name: 'dom',
          environment: 'happy-dom',
          include: ['app/**/*.test.ts'],
          setupFiles: ['app/testSetup.ts'],
          testTimeout: 20_000,
        },
      },
    ],
  },
});
