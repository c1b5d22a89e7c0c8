import { readdirSync } from 'node:fs';
import { join } from 'node:path';
import { pathToFileURL } from 'node:url';

/** A text that a user may read, and its place in the catalogue. */
export interface Text {
  /** Such as `screens/find`. */
  readonly file: string;
  /** Such as `pointsFor.weak`. */
  readonly key: string;
  readonly words: string;
}

/** What a text is filled with when it is only looked at; numbers choose the plural's form. */
const FILLED = '…';
const COUNTS = [1, 2];

const filesOf = (folder: string): string[] =>
  readdirSync(folder, { withFileTypes: true }).flatMap((entry) =>
    entry.isDirectory() ? filesOf(join(folder, entry.name)) : [join(folder, entry.name)],
  );

export type Entry = string | readonly Entry[] | { readonly [key: string]: Entry } | ((...filled: never[]) => string);

/** The words of a text with places: filled with words and, where it counts, with one and with two. */
function filledIn(make: (...filled: never[]) => string): string[] {
  const call = (value: string | number): string =>
    (make as (...filled: unknown[]) => string)(...Array.from({ length: Math.max(make.length, 1) }, () => value));
  const isPlural = /\bplural\)?\(/.test(make.toString());
  return isPlural ? COUNTS.map(call) : [call(FILLED)];
}

function textsIn(entry: Entry, file: string, key: string): Text[] {
  if (typeof entry === 'string') return [{ file, key, words: entry }];
  if (typeof entry === 'function') return filledIn(entry).map((words) => ({ file, key, words }));
  return Object.entries(entry).flatMap(([name, inner]) => textsIn(inner, file, key ? `${key}.${name}` : name));
}

/** The files of a catalogue by their names, such as `screens/find`. @param language folder of `core/words`. */
export async function catalogueOf(language: string): Promise<ReadonlyMap<string, Entry>> {
  const root = join('core/words', language);
  const files = filesOf(root).filter((file) => file.endsWith('.ts') && !file.endsWith('language.ts'));
  return new Map(
    await Promise.all(
      files.toSorted().map(async (file) => {
        const module = (await import(pathToFileURL(file).href)) as { texts: Entry };
        return [file.slice(root.length + 1, -3), module.texts] as const;
      }),
    ),
  );
}

/** Every text that a user may read, in the order of the catalogue's files. @param language folder of `core/words`. */
export async function allTexts(language = 'en'): Promise<Text[]> {
  return [...(await catalogueOf(language))].flatMap(([file, texts]) => textsIn(texts, file, ''));
}
