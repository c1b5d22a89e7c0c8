import { readdirSync } from 'node:fs';

const LOUDNESS = ['--logLevel', 'warn'];

/* The configuration is bundled before it is read, so that its imports need no endings; vite warns of a later version at every build. */
process.env.VITE_CONFIG_NATIVE_IGNORE_WARNING = 'true';

/** The languages beside the first: a folder of words each. */
const OTHERS = readdirSync('core/words', { withFileTypes: true })
  .filter((entry) => entry.isDirectory() && entry.name !== 'en')
  .map(({ name }) => name);

/** All that is built, in order: the first language empties the folder, the others stand below it. */
export const BUILDS = [
  { name: 'build', words: ['vite', 'build', ...LOUDNESS] },
  ...OTHERS.map((language) => ({
    name: `build in ${language}`,
    words: ['vite', 'build', '--mode', language, ...LOUDNESS],
  })),
  { name: 'build of the server', words: ['vite', 'build', '--config', 'vite.server.config.ts', ...LOUDNESS] },
];

/** The app with marked words, once in each language: for the journey that looks for words outside the catalogue. */
export const MARKED_BUILDS = ['en', ...OTHERS].map((language) => ({
  name: `build with marked words: ${language}`,
  words: ['vite', 'build', '--mode', `marked-${language}`, ...LOUDNESS],
}));
