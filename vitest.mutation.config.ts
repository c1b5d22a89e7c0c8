import { defineConfig } from 'vitest/config';

/** The tests of one room of core, for `npm run mutation`: what only laws, cases or other rooms notice counts as unnoticed. */
const room = process.env['ZELF_ROOM'] ?? '*';

export default defineConfig({
  test: { environment: 'node', include: [`core/${room}/**/*.test.ts`], testTimeout: 60_000 },
});
