import { readdirSync, readFileSync, statSync } from 'node:fs';
import { join } from 'node:path';
import { pathToFileURL } from 'node:url';
import ts from 'typescript';
import { expect, test } from 'vitest';
import * as exampleBench from './support/exampleBench';
import * as exampleCase from './support/exampleCase';
import * as exampleInside from './support/exampleInside';

/** Every `@example expression // => value` in a docstring of core and bench is run, with what `support/exampleCase.ts`, `exampleInside.ts` and `exampleBench.ts` export at hand; `≈` compares to three significant digits. */
const EXAMPLE = /^\s*\*\s*@example\s+(.+?)\s+\/\/\s*(=>|≈)\s*(.+?)\s*$/;
const ROOT = process.cwd();

function sources(folder: string): string[] {
  return readdirSync(folder).flatMap((name) => {
    const path = join(folder, name);
    if (statSync(path).isDirectory()) return sources(path);
    return path.endsWith('.ts') && !path.endsWith('.test.ts') ? [path] : [];
  });
}

interface Example {
  readonly file: string;
  readonly call: string;
  readonly near: boolean;
  readonly wanted: string;
}

const files = ['core', 'bench'].flatMap((room) => sources(join(ROOT, room)));
const examples = files.flatMap((file) =>
  readFileSync(file, 'utf8')
    .split('\n')
    .flatMap((line): Example[] => {
      const match = EXAMPLE.exec(line);
      return match ? [{ file, call: match[1] ?? '', near: match[2] === '≈', wanted: match[3] ?? '' }] : [];
    }),
);

async function run(code: string, file: string): Promise<unknown> {
  const own = (await import(/* @vite-ignore */ pathToFileURL(file).href)) as Record<string, unknown>;
  const scope: Record<string, unknown> = { ...exampleCase, ...exampleInside, ...exampleBench, ...own };
  const names = Object.keys(scope);
  // eslint-disable-next-line @typescript-eslint/no-implied-eval, @typescript-eslint/no-unsafe-call
  return new Function(...names, `return (${code});`)(...names.map((name) => scope[name])) as unknown;
}

test.each(examples)('$call', async ({ file, call, near, wanted }) => {
  const [got, expected] = [await run(call, file), await run(wanted, file)];
  if (near) expect(Number((got as number).toPrecision(3))).toBeCloseTo(Number((expected as number).toPrecision(3)), 6);
  else expect(got).toEqual(expected);
});

/** The exported functions of a file, declared or as constants, each with the comments before it. */
function exportedBy(file: string): readonly { readonly name: string; readonly doc: string }[] {
  const source = ts.createSourceFile(file, readFileSync(file, 'utf8'), ts.ScriptTarget.Latest, true);
  return source.statements.flatMap((statement) => {
    const isExported =
      ts.canHaveModifiers(statement) && ts.getModifiers(statement)?.[0]?.kind === ts.SyntaxKind.ExportKeyword;
    const doc = source.text.slice(statement.pos, statement.getStart(source));
    const named = (name: string) => ({ name: `${file.slice(ROOT.length + 1)}: ${name}`, doc });
    if (!isExported) return [];
    if (ts.isFunctionDeclaration(statement)) return [named(statement.name?.text ?? 'default')];
    if (!ts.isVariableStatement(statement)) return [];
    return statement.declarationList.declarations
      .filter(
        ({ initializer }) => initializer && (ts.isArrowFunction(initializer) || ts.isFunctionExpression(initializer)),
      )
      .map(({ name }) => named(name.getText(source)));
  });
}
const exported = files.flatMap(exportedBy);

test('every exported function of core and bench has a docstring with an example that runs', () => {
  expect(exported.length).toBeGreaterThanOrEqual(440);
  expect(exported.filter(({ doc }) => !/\* @example \S/.test(doc)).map(({ name }) => name)).toEqual([]);
  expect(examples.length).toBeGreaterThanOrEqual(exported.length);
});
