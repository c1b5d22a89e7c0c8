import { spawnSync } from 'node:child_process';
import { mkdtempSync, writeFileSync } from 'node:fs';
import { tmpdir } from 'node:os';
import { join } from 'node:path';
import { describe, expect, test } from 'vitest';
import { car, caseOf } from '../tests/support/caseBuilder';
import { runWords } from './runWords';
import { assess } from '../core/judgement/assess';

const folder = mkdtempSync(join(tmpdir(), 'zelf-cli-'));

function file(name: string, text: string | Uint8Array): string {
  const path = join(folder, name);
  writeFileSync(path, text);
  return path;
}

interface Ran {
  readonly code: number | null;
  readonly out: unknown[];
  readonly err: string[];
}

/** The command line as a shell runs it: a process of its own. */
function spawned(...words: string[]): Ran {
  const ran = spawnSync(process.execPath, ['--import', 'tsx', 'cli/main.ts', ...words], { encoding: 'utf8' });
  const lines = (text: string): string[] => text.split('\n').filter(Boolean);
  return {
    code: ran.status,
    out: lines(ran.stdout).map((line) => JSON.parse(line) as unknown),
    err: lines(ran.stderr),
  };
}

/** The same within this process. */
async function run(...words: string[]): Promise<Ran> {
  const [out, err]: [unknown[], string[]] = [[], []];
  const code = await runWords(words, {
    line: (value) => out.push(JSON.parse(JSON.stringify(value))),
    problem: (message) => err.push(message),
  });
  return { code, out, err };
}

const right = caseOf(car('passive'), [{ kind: 'code', code: 'C0031-13', status: 'current' }]);
const good = file('good.zelf.json', JSON.stringify(right));
const broken = file(
  'broken.zelf.json',
  JSON.stringify({ ...right, observations: [{ id: 'o1', kind: 'code', code: 'C0031', status: 'often' }] }),
);

test('assess prints one judgement a file, the same as the core', () => {
  const ran = spawned('assess', good, good);
  expect(ran).toMatchObject({ code: 0, err: [] });
  expect(ran.out).toEqual([JSON.parse(JSON.stringify(assess(right))), JSON.parse(JSON.stringify(assess(right)))]);
  expect(Object.keys(ran.out[0] as object)).toEqual([
    'ranking',
    'segments',
    'next',
    'stop',
    'cautions',
    'doubtful',
    'ignored',
  ]);
});

test('a bad file: one line with file, place and what would be right; exit 2; the others are still judged', () => {
  const ran = spawned('assess', broken, good);
  expect(ran.code).toBe(2);
  expect(ran.out).toHaveLength(1);
  expect(ran.err).toEqual([
    `zelf: ${broken}: /observations/0/status: must be one of: current, stored, pending, unknown`,
  ]);
});

test('validate tells every file', async () => {
  const ran = await run(
    'validate',
    good,
    broken,
    join(folder, 'none.json'),
    file('torn.json', '{"format":'),
    file('latin.json', Uint8Array.from([123, 34, 233, 34, 125])),
  );
  expect(ran.code).toBe(2);
  expect(ran.out).toMatchObject([
    { file: good, ok: true, problems: [] },
    { ok: false, problems: [{ path: '/observations/0/status' }] },
    { problems: [{ message: 'there is no such file' }] },
    { problems: [{ path: 'line 1, column 11' }] },
    { problems: [{ code: 'not-utf-8' }] },
  ]);
});

test('decode prints a line a code', async () => {
  const ran = await run('decode', 'C0034-13', '4034');
  expect(ran.out).toMatchObject([
    { input: 'C0034-13', channel: 'front-right', failure: 'open', source: 'standard' },
    { form: 'hex', alsoRead: 'C0034', source: 'none' },
  ]);
});

test.each([[[]], [['fly']], [['assess']], [['decode']]])('wrong words %j: exit 2 and one line', async (words) => {
  const ran = await run(...words);
  expect([ran.code, ran.out.length, ran.err.length]).toEqual([2, 0, 1]);
});

test('plan prints the guide of the repair that the case calls for', async () => {
  const short = caseOf(car('passive'), [
    { kind: 'code', code: 'C0031-11', status: 'current' },
    { kind: 'meter', channel: 'front-left', point: 'sensor', quantity: 'resistance', value: 390, resolution: 1 },
  ]);
  const ran = await run('plan', file('short.zelf.json', JSON.stringify(short)));
  expect(ran).toMatchObject({ code: 0, err: [], out: [{ repair: 'replaced:sensor', channel: 'front-left' }] });
  const [plan] = ran.out as { phases: { phase: string; steps: { id: string; text: string }[] }[]; needs: object }[];
  expect(plan?.phases.map((phase) => phase.phase)).toEqual([
    'make-safe',
    'reach-it',
    'free-it',
    'prepare',
    'fit',
    'close-up',
  ]);
  expect(plan?.needs).toMatchObject({ tools: expect.any(Array) as unknown, parts: expect.any(Array) as unknown });
  expect(await run('plan', good, good)).toMatchObject({ code: 2 });
});

describe('plan for a repair that is named', () => {
  const any = () => file('any.zelf.json', JSON.stringify(caseOf(car('passive'), [])));
  test('any repair of the catalogue, at any wheel', async () => {
    const ran = await run('plan', any(), '--repair', 'replaced:gap', '--channel', 'rear-left');
    expect(ran).toMatchObject({ code: 0, err: [], out: [{ repair: 'replaced:gap', channel: 'rear-left' }] });
    const [plan] = ran.out as { needs: { tools: string[]; parts: string[] } }[];
    expect(plan?.needs.tools).toContain('magnet viewing card');
    expect(plan?.needs.parts).toContain('hub nut');
  });
  test('a repair of the whole car needs no wheel', async () => {
    expect(await run('plan', any(), '--repair', 'cleaned:module')).toMatchObject({ code: 0, out: [{ channel: null }] });
  });
  test.each([
    [['--repair', 'painted:ring', '--channel', 'front-left'], 'no repair "painted:ring"'],
    [['--repair', 'replaced:sensor'], 'name it with --channel'],
    [['--repair', 'replaced:sensor', '--channel', 'middle'], 'no channel "middle"'],
    [['--repair', 'replaced:sensor', '--channel', 'rear-axle'], 'this car has no rear-axle'],
    [['--repair', 'replaced:module'], "workshop's job"],
    [['--channel', 'front-left'], 'goes with --repair'],
    [['--colour', 'red'], 'use: plan FILE'],
  ])('%j is refused in one line', async (words, reason) => {
    const ran = await run('plan', any(), ...words);
    expect([ran.code, ran.out.length, ran.err.length]).toEqual([2, 0, 1]);
    expect(ran.err[0]).toContain(reason);
  });
});

test('two dozen cars: the adviser is near its goals (thousands of cars are for `npm run bench`)', () => {
  const { out, code } = spawned('trial', '--cars', '24', '--seed', '1');
  expect(code).toBe(0);
  const { policies, seconds, brier, calibrationError, actedOnAt80 } = out[0] as {
    policies: { policy: string; repairedRightly: number; meanCost: number; partsForNothing: number }[];
    seconds: number;
    brier: number;
    calibrationError: number;
    actedOnAt80: number;
  };
  const of = (name: string) => policies.find((policy) => policy.policy === name);
  const [adviser, partFirst, floor] = [of('adviser'), of('part-first'), of('knows-the-fault')];
  const least = floor?.meanCost ?? 0;
  const share = ((adviser?.meanCost ?? 0) - least) / ((partFirst?.meanCost ?? 0) - least);
  console.info(`trial: 24 cars in ${seconds} s, ${(100 * share).toFixed(1)} % of the way to part first`);
  expect(adviser?.repairedRightly).toBeGreaterThanOrEqual(0.92);
  expect(adviser?.partsForNothing).toBeLessThanOrEqual(0.13);
  expect(share).toBeLessThanOrEqual(0.35);
  expect(brier).toBeLessThanOrEqual(0.15);
  expect(calibrationError).toBeLessThanOrEqual(0.2);
  expect(actedOnAt80).toBeGreaterThanOrEqual(0.55);
}, 60_000);

test('trial prints four policies, the same for the same seed, and refuses odd numbers', async () => {
  const [first, again] = [
    await run('trial', '--cars', '2', '--seed', '4'),
    await run('trial', '--cars', '2', '--seed', '4'),
  ];
  const bare = (ran: typeof first): object => ({ ...(ran.out[0] as object), seconds: 0 });
  expect(first.code).toBe(0);
  expect(bare(first)).toEqual(bare(again));
  expect((first.out[0] as { policies: { policy: string }[] }).policies.map((policy) => policy.policy)).toEqual([
    'adviser',
    'part-first',
    'flowchart',
    'knows-the-fault',
  ]);
  for (const words of [
    ['--cars', 'x', '--seed', '1'],
    ['--cars', '2'],
    ['--cars', '0', '--seed', '1'],
    ['--cars', '2', '--seed', '1', 'more'],
  ])
    expect(await run('trial', ...words)).toMatchObject({ code: 2, out: [] });
});
