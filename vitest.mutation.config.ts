import { defineConfig } from 'vitest/config';

/** The tests of one room of core and the written cases, for `npm run mutation`: what only laws or other rooms notice counts as unnoticed; and what is simulated for long (`.long.test.ts`) would be run for each change. */
const room = process.env['ZELF_ROOM'] ?? '*';

export default defineConfig({
  test: {
    environment: 'node',
    include: [`core/${room}/**/*.test.ts`, 'tests/cases/cases.test.ts', 'tests/workedExample.test.ts'],
    exclude: ['**/*.long.test.ts'],
    testTimeout: 60_000,
  },
});
