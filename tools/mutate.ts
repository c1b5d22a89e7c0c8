import { cp, mkdtemp, readFile, rm, symlink, writeFile } from 'node:fs/promises';
import { execFile, execFileSync } from 'node:child_process';
import { availableParallelism, tmpdir } from 'node:os';
import { dirname, join } from 'node:path';
import ts from 'typescript';
import { chanceFrom } from '../bench/chance';

/**
 * Changes single numbers and signs of `knowledge` and `evidence`, one at a time in a copy, and looks whether a test fails.
 * `npm run mutate -- --changes 90 --seed 1` prints what was caught and what was missed.
 */

interface Change {
  readonly file: string;
  readonly at: number;
  readonly was: string;
  readonly becomes: string;
}

/** Changes that must be caught, whatever is drawn. */
const ALWAYS: readonly (readonly [file: string, text: string, was: string, becomes: string])[] = [
  ['core/evidence/readMeter.ts', 'GOOD_WIRE_OHM = 5', '5', '50'],
  ['core/knowledge/setups.ts', "minutes: 5, first: 'raised'", ", first: 'raised'", ''],
  ['core/knowledge/parts.ts', 'gives: { play: 0.85 }', '0.85', '0.25'],
];

/** Quick tests first; what they leave goes to the slower ones. */
const ROUNDS = [
  ['core/knowledge', 'core/evidence', 'tests/knowledge', 'core/planning/seen', 'core/planning/states'],
  ['core/judgement', 'core/belief', 'core/codes', 'tests/cases', 'tests/workedExample', 'tests/laws/run/law06'],
] as const;

const SIGNS: Readonly<Record<string, string>> = {
  '<': '>=',
  '<=': '>',
  '>': '<=',
  '>=': '<',
  '+': '-',
  '-': '+',
  '*': '/',
  '/': '*',
};

/** Another number that a mechanic would notice: three times, or a third. */
function otherNumber(text: string, isUp: boolean): string {
  const value = Number(text.replaceAll('_', ''));
  const isShare = value < 1;
  const changed = isUp && !(isShare && value > 0.3) ? value * 3 : value / 3;
  return String(Number(changed.toPrecision(3)));
}

function changesIn(file: string, text: string): readonly Change[] {
  const source = ts.createSourceFile(file, text, ts.ScriptTarget.Latest, true);
  const found: Change[] = [];
  const visit = (node: ts.Node, isUp: boolean): void => {
    if (ts.isNumericLiteral(node) && !['0', '1'].includes(node.text) && !ts.isElementAccessExpression(node.parent))
      found.push({ file, at: node.getStart(), was: node.getText(), becomes: otherNumber(node.getText(), isUp) });
    if (ts.isBinaryExpression(node)) {
      const sign = node.operatorToken.getText();
      const becomes = SIGNS[sign];
      if (becomes) found.push({ file, at: node.operatorToken.getStart(), was: sign, becomes });
    }
    ts.forEachChild(node, (child) => visit(child, !isUp));
  };
  visit(source, true);
  return found;
}

/** A share in a row of a table that is too small for a word: nobody can say whether it is 1 % or 3 %. */
function isTooRare({ was }: Change, line: string): boolean {
  return Number(was) < 0.06 && /\bgives\b|^\s*'?[a-z-]+'?: [\d.]+,$|^ {10}/.test(line) && !/usual|[A-Z]{3}/.test(line);
}

/** Names of constants that bound work, not judgement: nothing that a user sees changes with them. */
const BOUNDS = /\b(MOST_KINDS|MOST_REPEATS|MOST_REPAIRS|MOST_ERASES)\b|1e-9/;

async function allChanges(): Promise<readonly Change[]> {
  const files = execFileSync('git', ['ls-files', 'core/knowledge', 'core/evidence'], { encoding: 'utf8' })
    .split('\n')
    .filter((file) => file.endsWith('.ts') && !file.endsWith('.test.ts') && !file.includes('/guide/'));
  const all = await Promise.all(
    files.map(async (file) => {
      const text = await readFile(file, 'utf8');
      return changesIn(file, text).filter((change) => {
        const line = text.slice(text.lastIndexOf('\n', change.at) + 1, text.indexOf('\n', change.at));
        return !BOUNDS.test(line) && !isTooRare(change, line);
      });
    }),
  );
  return all.flat();
}

async function named(): Promise<readonly Change[]> {
  return Promise.all(
    ALWAYS.map(async ([file, text, was, becomes]) => {
      const at = (await readFile(file, 'utf8')).indexOf(text);
      if (at < 0) throw new Error(`${file} no longer says "${text}": correct the list`);
      return { file, at: at + text.lastIndexOf(was), was, becomes };
    }),
  );
}

function run(folder: string, tests: readonly string[]): Promise<boolean> {
  return new Promise((done) => {
    execFile(
      'npx',
      ['vitest', 'run', '--bail', '1', '--project', 'core', ...tests],
      { cwd: folder, maxBuffer: 1 << 26, timeout: 300_000 },
      (problem) => done(problem === null),
    );
  });
}

/** Whether some test fails under a change. */
async function isCaught(change: Change, folder: string): Promise<boolean> {
  const path = join(folder, change.file);
  const text = await readFile(path, 'utf8');
  await writeFile(path, text.slice(0, change.at) + change.becomes + text.slice(change.at + change.was.length));
  try {
    for (const tests of ROUNDS) if (!(await run(folder, tests))) return true;
    return false;
  } finally {
    await writeFile(path, text);
  }
}

async function copyOfProject(): Promise<string> {
  const folder = await mkdtemp(join(tmpdir(), 'zelf-mutate-'));
  const files = execFileSync('git', ['ls-files'], { encoding: 'utf8' }).split('\n').filter(Boolean);
  for (const file of files) await cp(file, join(folder, file), { recursive: true });
  await symlink(join(process.cwd(), 'node_modules'), join(folder, 'node_modules'), 'dir');
  return folder;
}

function option(name: string, usual: number): number {
  const at = process.argv.indexOf(`--${name}`);
  return at < 0 ? usual : Number(process.argv[at + 1]);
}

function draw<T>(from: readonly T[], count: number, seed: number): readonly T[] {
  const chance = chanceFrom(seed);
  return from
    .map((item) => ({ item, order: chance.next() }))
    .sort((a, b) => a.order - b.order)
    .slice(0, count)
    .map(({ item }) => item);
}

async function lineOf({ file, at }: Change, folder: string): Promise<string> {
  const text = await readFile(join(folder, file), 'utf8');
  const number = text.slice(0, at).split('\n').length;
  return `${dirname(file).split('/').at(-1) ?? ''}/${file.split('/').at(-1) ?? ''}:${number}  ${(text.split('\n')[number - 1] ?? '').trim()}`;
}

const changes = [...(await named()), ...draw(await allChanges(), option('changes', 87), option('seed', 1))];
const left = [...changes];
const missed: Change[] = [];
const workers = Math.max(1, Math.min(option('workers', availableParallelism()), 8));
await Promise.all(
  Array.from({ length: workers }, async () => {
    const folder = await copyOfProject();
    for (let change = left.shift(); change; change = left.shift()) {
      const caught = await isCaught(change, folder);
      if (!caught) missed.push(change);
      console.log(
        `${caught ? 'caught' : 'MISSED'}  ${change.was} -> ${change.becomes || 'nothing'}  ${await lineOf(change, folder)}`,
      );
    }
    await rm(folder, { recursive: true, force: true });
  }),
);
const caught = changes.length - missed.length;
console.log(
  `${changes.length} changes: ${caught} caught, ${missed.length} missed (${((100 * caught) / changes.length).toFixed(1)} % caught)`,
);
