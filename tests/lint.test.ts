import { mkdtempSync, rmSync } from 'node:fs';
import { tmpdir } from 'node:os';
import { join } from 'node:path';
import { Linter, type Rule } from 'eslint';
import tseslint from 'typescript-eslint';
import { afterAll, describe, expect, test } from 'vitest';
import { noIdTakenApart } from '../tools/lint/noIdTakenApart.mjs';
import { noLimitOutsideKnowledge } from '../tools/lint/noLimitOutsideKnowledge.mjs';

/* In a folder without a project a file is a project of its own: only its own types are read. */
const folder = mkdtempSync(join(tmpdir(), 'lint-'));
afterAll(() => rmSync(folder, { recursive: true }));

/** The rule's findings in some lines. */
function found(rule: Rule.RuleModule, code: string, options: readonly unknown[] = []): readonly string[] {
  const messages = new Linter({ cwd: folder }).verify(
    code,
    [
      {
        files: ['**/*.ts'],
        plugins: { own: { rules: { rule } } },
        languageOptions: {
          parser: tseslint.parser,
          parserOptions: { projectService: { allowDefaultProject: ['*.ts'] }, tsconfigRootDir: folder },
        },
        rules: { 'own/rule': ['error', ...options] },
      },
    ],
    { filename: join(folder, 'own.ts') },
  );
  return messages.map(({ message }) => message);
}

describe('no id is taken apart', () => {
  const WORDS = "type Id = 'front-left' | 'rear-left'; declare const id: Id; declare const text: string;";
  test.each([
    ["id.startsWith('front')"],
    ["id.split('-')"],
    ["id.replace('-', ' ')"],
    ['(id as Id | undefined)?.slice(1)'],
    ["text.split(':')"],
    ["text.split('@')"],
  ])('%s is refused', (line) => expect(found(noIdTakenApart, `${WORDS} export const a = ${line};`)).toHaveLength(1));
  test.each([["text.split('\\n')"], ["text.startsWith('front')"], ["id === 'front-left'"], ['text.slice(1)']])(
    '%s is not',
    (line) => expect(found(noIdTakenApart, `${WORDS} export const a = ${line};`)).toEqual([]),
  );
});

describe('no limit of the trade outside knowledge', () => {
  const GIVEN = 'declare const ohm: number; declare const mostKm: number; declare const share: number;';
  const every = [{ everyFigure: true }];
  test.each([
    ['const LEAST_OHM = 5;', []],
    ['const far = { distanceKm: 8 };', []],
    ['const cold = { leastCelsius: -40 };', []],
    ['const a = ohm < 5;', []],
    ['const a = 12.4 >= mostKm;', []],
    ['const a = share < 0.3;', every],
  ])('%s is refused', (line, options) =>
    expect(found(noLimitOutsideKnowledge, `${GIVEN} ${line}`, options)).toHaveLength(1),
  );
  test.each([
    ['const LEAST_OHM = 0;', []],
    ['const a = share < 0.3;', []],
    ['const a = ohm > 0;', every],
    ['const a = mostKm === 5;', every],
    ['const names = { first: 3 };', every],
  ])('%s is not', (line, options) => expect(found(noLimitOutsideKnowledge, `${GIVEN} ${line}`, options)).toEqual([]));
});
