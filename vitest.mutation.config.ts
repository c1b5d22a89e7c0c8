import { defineConfig } from 'vitest/config';

/** The tests of one room of core and those beside it, for `npm run mutation`: what only laws, cases or other rooms notice counts as unnoticed; and what is simulated for long (`.long.test.ts`) would be run for each change. */
const room = process.env['ZELF_ROOM'] ?? '*';

const JUDGED = ['tests/judgements/*.test.ts', 'tests/workedExample.test.ts'];

/** What else tests a room: the adviser's rooms show in its judgements, and the steps that stand in `knowledge` are put together by `guide`. */
const BESIDE: Readonly<Record<string, readonly string[]>> = {
  evidence: JUDGED,
  belief: JUDGED,
  planning: JUDGED,
  knowledge: [...JUDGED, 'core/guide/**/*.test.ts'],
};

export default defineConfig({
  test: {
    environment: 'node',
    include: [`core/${room}/**/*.test.ts`, ...(BESIDE[room] ?? [])],
    exclude: ['**/*.long.test.ts'],
    testTimeout: 60_000,
  },
});
