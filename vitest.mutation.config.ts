import { defineConfig } from 'vitest/config';

/** The tests of one room of core, for `npm run mutation`: what only laws, cases or other rooms notice counts as unnoticed; and what is simulated for long (`.long.test.ts`) would be run for each change. */
const room = process.env['ZELF_ROOM'] ?? '*';

export default defineConfig({
  test: {
    environment: 'node',
    include: [`core/${room}/**/*.test.ts`],
    exclude: ['**/*.long.test.ts'],
    testTimeout: 60_000,
  },
});
