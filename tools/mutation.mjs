import { readFileSync } from 'node:fs';
import { run } from './install.mjs';

/**
 * `npm run mutation -- quantities codes 1/4`: changes the code of those rooms of core, one change at a time, and looks
 * whether a test of the same room, or of what shows its work (`vitest.mutation.config.ts`), notices. Prints each change that none noticed, and the share that was.
 * Without a room: the smallest. With a share: only so manyth of the functions (`mutationSample.mjs`), for an answer within minutes.
 */
const ROOMS = ['quantities', 'codes', 'evidence', 'belief', 'planning', 'knowledge'];
const SHARE = /^1\/(\d+)$/;
const words = process.argv.slice(2);
const named = words.filter((word) => !SHARE.test(word));
process.env.ZELF_EVERY = SHARE.exec(words.find((word) => SHARE.test(word)) ?? '1/1')?.[1];
const unknown = named.filter((room) => !ROOMS.includes(room));
if (unknown.length > 0) {
  console.error(`mutation: there is no room ${unknown.join(', ')}; one of ${ROOMS.join(', ')}`);
  process.exit(2);
}
const rooms = named.length > 0 ? named : ROOMS.slice(0, 1);
for (const room of rooms) {
  process.env.ZELF_ROOM = room;
  run('npx', ['--no-install', 'stryker', 'run', '--mutate', `core/${room}/**/*.ts,!core/${room}/**/*.test.ts`]);
  const { files } = JSON.parse(readFileSync('.tmp/mutation.json', 'utf8'));
  const mutants = Object.values(files).flatMap((file) => file.mutants);
  const count = (...states) => mutants.filter(({ status }) => states.includes(status)).length;
  const noticed = count('Killed', 'Timeout');
  const all = noticed + count('Survived', 'NoCoverage');
  console.log(`${room}: ${noticed} of ${all} changes were noticed, ${((100 * noticed) / all).toFixed(1)} %`);
}
