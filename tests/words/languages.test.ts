import { readdirSync } from 'node:fs';
import { describe, expect, test } from 'vitest';
import { FIRST_LANGUAGE, LANGUAGES } from '../../core/words/languages';
import { allTexts, catalogueOf, type Entry } from './texts';

/** What runs on a machine's console, where every program speaks English. */
const CONSOLE = new Set(['cli', 'server']);

/** Texts that choose their words by what they are filled with, so that it does not stand in them. */
const CHOOSING = new Set(['core/report onHandBends', 'screens/dash bends']);

/** How a trade word may stand in a text: as many ways as the language has. */
const FORMS = /\.forms\.\d/;

/** Letters that no text has by itself, one for each place. */
const MARKS = ['⓪', '①', '②', '③', '④', '⑤'];

type Leaf = string | ((...filled: never[]) => string);
type Leaves = ReadonlyMap<string, Leaf>;

/** Every text of a catalogue with its place in it. */
function leavesOf(entry: Entry, place: string): [string, Leaf][] {
  if (typeof entry === 'string' || typeof entry === 'function') return [[place, entry]];
  return Object.entries(entry).flatMap(([key, inner]) =>
    leavesOf(inner, place.includes(' ') ? `${place}.${key}` : `${place} ${key}`),
  );
}
async function leavesIn(language: string): Promise<Leaves> {
  const files = await catalogueOf(language);
  const leaves = [...files].filter(([file]) => !CONSOLE.has(file)).flatMap(([file, texts]) => leavesOf(texts, file));
  return new Map(leaves.filter(([place]) => !FORMS.test(place)));
}

/** Which of its places a text uses, and which words in braces. */
function placesIn(leaf: Leaf): string {
  const make = leaf as (...filled: unknown[]) => string;
  const words = typeof leaf === 'string' ? leaf : make(...MARKS);
  const braces = [...words.matchAll(/\{\w+\}/g)].map(([found]) => found);
  return [...new Set([...MARKS.filter((mark) => words.includes(mark)), ...braces])].toSorted().join(' ');
}

const FIRST = await leavesIn(FIRST_LANGUAGE);
const OTHERS = LANGUAGES.map(({ id }) => id).filter((id) => id !== FIRST_LANGUAGE);

/** Words that are the same in both, by language: names, signs, and words that one took from the other. */
const SAME: Readonly<Record<string, RegExp>> = {
  de: /^(abs|airbag|april|august|september|november|name|bertie|camper|clip|code|codes|eur|garage|multimeter|ol|pebble|ring|sensor|service|tansy|zelf|circuit|\W|\d|[kmM]?Ω|mm|min|n|h|km|V|mA|C)*$/i,
};
/** Words of the first language that no text of the other may hold. */
const LEFT_OVER: Readonly<Record<string, RegExp>> = {
  de: /(?<![\p{L}-])(the|and|of|with|your|you|are|not|from|for|this|that|it|is|wheel|lead|plug|loom|reading|codes? read)(?![\p{L}-])/u,
};

test('each language has its folder, and each folder is a language', () => {
  const folders = readdirSync('core/words', { withFileTypes: true }).filter((entry) => entry.isDirectory());
  expect(folders.map(({ name }) => name).toSorted()).toEqual(LANGUAGES.map(({ id }) => id).toSorted());
});

describe.each(OTHERS)('the catalogue in %s', (language) => {
  test('says all that the first says, and no more', async () => {
    const own = await leavesIn(language);
    expect(FIRST.size).toBeGreaterThan(1900);
    expect([...FIRST.keys()].filter((place) => !own.has(place))).toEqual([]);
    expect([...own.keys()].filter((place) => !FIRST.has(place))).toEqual([]);
  });
  test('has the same places to be filled', async () => {
    const own = await leavesIn(language);
    const differing = [...FIRST].filter(
      ([place, leaf]) => !CHOOSING.has(place) && placesIn(leaf) !== placesIn(own.get(place) ?? ''),
    );
    expect(differing.map(([place]) => place)).toEqual([]);
  });
  test('leaves nothing in the words of the first', async () => {
    const own = await leavesIn(language);
    const same = SAME[language];
    expect(same).toBeDefined();
    const alike = [...FIRST].filter(
      ([place, leaf]) => typeof leaf === 'string' && own.get(place) === leaf && !same?.test(leaf),
    );
    expect(alike.map(([place, leaf]) => `${place}: ${String(leaf)}`)).toEqual([]);
    const foreign = LEFT_OVER[language];
    const left = (await allTexts(language)).filter(
      ({ file, words }) => !CONSOLE.has(file) && foreign?.test(words.replace(/\{\w+\}/g, '')),
    );
    expect(left.map(({ file, key, words }) => `${file} ${key}: ${words}`)).toEqual([]);
  });
  test('has no placeholder left open, no two spaces in a row, no space before a full stop', async () => {
    const isOdd = (words: string): boolean => /\$\{|undefined|NaN|\[object|#| {2}|\w \.(\s|$)/.test(words);
    const odd = (await allTexts(language)).filter(({ words }) => isOdd(words));
    expect(odd.map(({ file, key, words }) => `${file} ${key}: ${words}`)).toEqual([]);
  });
});
