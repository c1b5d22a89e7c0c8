import { readdirSync, readFileSync, statSync } from 'node:fs';
import { join } from 'node:path';
import ts from 'typescript';

/** A text that a user may read, and where it stands. */
export interface Text {
  readonly file: string;
  readonly line: number;
  readonly words: string;
}

/** Rooms whose strings reach the screen, the record or the command line. */
const ROOMS = ['app', 'core', 'cli', 'bench/practice', 'server'];
/** These hold words of other languages, of contracts and of programs. */
const NOT_READ =
  /\.test\.ts$|testS|core\/codes\/readerText|core\/casefile\/(words|contract)|vehicle\/sides|storage\/storageContract|\.d\.ts$/;

function filesOf(path: string): string[] {
  if (!statSync(path).isDirectory()) return /\.(ts|vue)$/.test(path) && !NOT_READ.test(path) ? [path] : [];
  return readdirSync(path)
    .toSorted()
    .flatMap((name) => filesOf(join(path, name)));
}

/** Words with a space between them, or one that begins a sentence: names of parts in code have neither. */
const isText = (words: string): boolean =>
  /\p{L}{2,}/u.test(words) && (/\p{L}[\p{L}’',;:.!?)]* \S/u.test(words) || /^\p{Lu}\p{Ll}+[.:!?]?$/u.test(words));

/** What may stand for a text in a program, and is none. */
const isCode = (words: string): boolean => /^[\d.\s,%-]+$|^[MmLlHhVvCcZz\d\s.,-]+$|^\.{0,2}\//.test(words);

const plain = (words: string): string => words.replace(/\s+/g, ' ').trim();

/** The strings of a program; what is put into a template shows as `…`. */
function stringsOf(file: string, source: string, firstLine: number): Text[] {
  const tree = ts.createSourceFile(file, source, ts.ScriptTarget.ESNext, true);
  const texts: Text[] = [];
  const add = (node: ts.Node, words: string): void => {
    const line = firstLine + tree.getLineAndCharacterOfPosition(node.getStart()).line;
    if (isText(plain(words)) && !isCode(words)) texts.push({ file, line, words: plain(words) });
  };
  const visit = (node: ts.Node): void => {
    if (ts.isImportDeclaration(node) || ts.isExportDeclaration(node) || ts.isLiteralTypeNode(node)) return;
    if (ts.isStringLiteral(node) || ts.isNoSubstitutionTemplateLiteral(node)) add(node, node.text);
    else if (ts.isTemplateExpression(node))
      add(node, node.head.text + node.templateSpans.map((span) => `…${span.literal.text}`).join(''));
    ts.forEachChild(node, visit);
  };
  visit(tree);
  return texts;
}

/** What stands between the tags of a template, and in the attributes that are read or spoken. */
function templateTexts(file: string, template: string, firstLine: number): Text[] {
  const texts: Text[] = [];
  const lineAt = (at: number): number => firstLine + template.slice(0, at).split('\n').length - 1;
  const blank = (part: string): string => part.replace(/[^\n]/g, ' ');
  /* What is worked out may hold angle brackets of its own. */
  const markup = template
    .replace(/\{\{[\s\S]*?\}\}/g, (part) => `…${blank(part).slice(1)}`)
    .replace(/\s(?:v-[a-z-]+|[:@#][\w.:-]+)(?:="[^"]*")?/g, blank);
  const add = (at: number, words: string): void => {
    const shown = plain(words);
    if (isText(shown)) texts.push({ file, line: lineAt(at), words: shown });
  };
  for (const match of markup.matchAll(/>([^<>]+)</g)) add(match.index, match[1] ?? '');
  for (const match of template.matchAll(/[\s](?:title|placeholder|aria-label|label|where)="([^"]+)"/g))
    add(match.index, match[1] ?? '');
  for (const match of template.matchAll(/\{\{([\s\S]*?)\}\}|[\s]:[\w-]+="([^"]*)"/g))
    texts.push(...stringsOf(file, `(${match[1] ?? match[2] ?? ''})`, lineAt(match.index)));
  return texts;
}

function textsOf(file: string): Text[] {
  const source = readFileSync(file, 'utf8');
  if (file.endsWith('.ts')) return stringsOf(file, source, 1);
  const parts = [...source.matchAll(/<(script|template)[^>]*>([\s\S]*?)\n<\/\1>/g)];
  return parts.flatMap((part) => {
    const firstLine = source.slice(0, part.index).split('\n').length;
    return part[1] === 'script'
      ? stringsOf(file, part[2] ?? '', firstLine)
      : templateTexts(file, part[2] ?? '', firstLine);
  });
}

/** Every text that a user may read, in the order of the files. */
export const allTexts = (): Text[] => ROOMS.flatMap(filesOf).flatMap(textsOf);
