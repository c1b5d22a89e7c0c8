import { allTexts } from '../tests/words/texts';

/** `npm run words`: every text that a user may read, file by file, to be read from beginning to end. */
let last = '';
for (const { file, key, words } of await allTexts()) {
  if (file !== last) console.log(`\n${file}`);
  last = file;
  console.log(`  ${key.padEnd(26)} ${words}`);
}
