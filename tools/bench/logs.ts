import { parse as csvParse } from 'csv-parse/sync';
import Papa from 'papaparse';
import { performance } from 'node:perf_hooks';
import { setFlagsFromString } from 'node:v8';
import { runInNewContext } from 'node:vm';
import { inferSchema, initParser } from 'udsv';
import { analyse } from '../../core/livelog/analyse';
import type { Log } from '../../core/livelog/log';
import { LogReader } from '../../core/livelog/readLog';
import { seriesOf } from '../../core/livelog/series';
import { chances, simulated, type Wrong } from '../../tests/support/simulatedLog';

const ROWS = 1_000_000;
const NEWLINE = 10;
const CHUNK = 1 << 20;
const ROUNDS = 15;

/** A recording of a million rows and five columns, as bytes. */
function millionRows(): Uint8Array {
  const random = chances(1);
  const bytes = new Uint8Array(ROWS * 40);
  const encoder = new TextEncoder();
  let at = encoder.encodeInto('Time (s),FL (km/h),FR (km/h),RL (km/h),RR (km/h)\n', bytes).written;
  for (let row = 0; row < ROWS; row += 1) {
    const speed = 30 + 20 * Math.sin(row / 5000);
    const wheel = (): string => (speed + random()).toFixed(2);
    const text = `${(row / 100).toFixed(2)},${wheel()},${wheel()},${wheel()},${wheel()}\n`;
    at += encoder.encodeInto(text, bytes.subarray(at)).written;
  }
  return bytes.slice(0, at);
}

function best(run: () => void): number {
  const times = Array.from({ length: ROUNDS }, () => {
    const started = performance.now();
    run();
    return performance.now() - started;
  });
  return Math.min(...times);
}

function read(bytes: Uint8Array): Log {
  const reader = new LogReader(bytes.length);
  for (let at = 0; at < bytes.length; at += CHUNK) reader.push(bytes.subarray(at, at + CHUNK));
  const { log } = reader.end();
  if (!log) throw new Error('the recording of the benchmark can be read');
  return log;
}

function countLines(bytes: Uint8Array): number {
  let lines = 0;
  for (let at = 0; at < bytes.length; at += 1) if (bytes[at] === NEWLINE) lines += 1;
  return lines;
}

setFlagsFromString('--expose-gc');
const collectGarbage = runInNewContext('gc') as () => void;

/** Megabytes in buffers, without what nobody holds any longer. */
function buffersHeld(): number {
  collectGarbage();
  return process.memoryUsage().arrayBuffers / 1e6;
}

function told(name: string, ms: number, beside: string): void {
  console.log(`${name.padEnd(44)} ${ms.toFixed(0).padStart(8)} ms   ${beside}`);
}

/** The slow ones are measured on so much of the file. */
const TENTH = 10;

/** Beside parsers for any table: they are given the text already decoded, and make numbers as they can. */
function printOthers(bytes: Uint8Array, own: number): void {
  const whole = new TextDecoder().decode(bytes);
  const tenth = whole.slice(0, whole.indexOf('\n', whole.length / TENTH) + 1);
  const others: readonly (readonly [string, () => unknown, number])[] = [
    ['udsv', () => initParser(inferSchema(whole)).typedCols(whole), 1],
    ['papaparse, a tenth times ten', () => Papa.parse(tenth, { header: false, dynamicTyping: true }), TENTH],
    ['csv-parse, a tenth times ten', () => csvParse(tenth, { cast: Number, from_line: 2 }), TENTH],
  ];
  for (const [name, run, times] of others) {
    const started = performance.now();
    run();
    const ms = (performance.now() - started) * times;
    told(`  ${name}`, ms, `${(ms / own).toFixed(1)} times as long`);
  }
}

/** How fast a recording of a million rows is read and judged. */
export function printLogSpeed(): void {
  const bytes = millionRows();
  console.log(`a recording of ${ROWS} rows, ${(bytes.length / 1e6).toFixed(0)} MB`);
  const scan = best(() => countLines(bytes));
  const before = buffersHeld();
  const log = read(bytes);
  const columns = (log.seconds.byteLength * (1 + Object.keys(log.speeds).length)) / 1e6;
  const taken = process.memoryUsage().arrayBuffers / 1e6 - before;
  const own = best(() => read(bytes));
  told('plain scan for newlines', scan, '');
  told(
    'read into columns',
    own,
    `${(own / scan).toFixed(1)} scans (goal 3); memory ${(taken / columns).toFixed(2)} of the columns (goal 1.5)`,
  );
  printOthers(bytes, own);
  const { road, expected } = seriesOf(log);
  const outputs = [road, ...Object.values(expected)];
  const copy = best(() => outputs.map((column) => column.slice()));
  const judged = best(() => analyse(log));
  told('judged', judged, `${(judged / copy).toFixed(1)} copies of what the other wheels say of each (goal 4.5)`);
}

interface Case {
  readonly name: string;
  readonly shows: string;
  readonly wrong: (random: () => number) => Omit<Wrong, 'channel'>;
}

const between = (random: () => number, least: number, most: number): number => least + (most - least) * random();
const CASES: readonly Case[] = [
  { name: 'no signal', shows: 'zero', wrong: () => ({ kind: 'zero', size: 1 }) },
  {
    name: 'wide gap, weak sensor: answers late',
    shows: 'cuts-in-late',
    wrong: (r) => ({ kind: 'late', size: between(r, 12, 30) }),
  },
  {
    name: 'bad contact: drops out',
    shows: 'drops-out',
    wrong: (r) => ({ kind: 'drops', size: between(r, 0.03, 0.2) }),
  },
  {
    name: 'other tyre, ring with fewer teeth: fast',
    shows: 'reads-fast',
    wrong: (r) => ({ kind: 'fast', size: between(r, 0.035, 0.12) }),
  },
  {
    name: 'other tyre, ring with more teeth: slow',
    shows: 'reads-slow',
    wrong: (r) => ({ kind: 'slow', size: between(r, 0.035, 0.12) }),
  },
  { name: 'noise', shows: 'erratic', wrong: (r) => ({ kind: 'noise', size: between(r, 3, 6) }) },
  { name: 'stuck value', shows: 'stuck-high', wrong: (r) => ({ kind: 'stuck', size: Math.round(between(r, 5, 40)) }) },
  {
    name: 'swollen ring: a broad bad place',
    shows: 'erratic/turn',
    wrong: (r) => ({ kind: 'ring', size: between(r, 0.1, 0.3), share: between(r, 0.08, 0.25) }),
  },
  {
    name: 'teeth missing: a narrow bad place',
    shows: 'erratic/turn',
    wrong: (r) => ({ kind: 'ring', size: between(r, 0.25, 0.5), share: between(r, 0.03, 0.08) }),
  },
];
const WHEELS = ['front-left', 'front-right', 'rear-left', 'rear-right'] as const;

interface Score {
  hits: number;
  misses: number;
  wrong: number;
  canNotTell: number;
}

function shownBy(seed: number, hertz: number, step: number, isPolled: boolean, wrong: readonly Wrong[]) {
  const text = simulated({ seed, seconds: 120, hertz, step, isPolled, wrong });
  const report = analyse(read(new TextEncoder().encode(text)));
  return {
    found: report.findings.map(({ channel, finding, rhythm }) => `${finding}${rhythm ? '/turn' : ''}@${channel}`),
    isBlind: report.limits.length > 0,
  };
}

/** Each fault on many simulated drives: how often it is found, and how often something else is said. */
export function printLogFindings(drives = 12, rates: readonly number[] = [2, 10, 20, 50]): void {
  console.log('findings on simulated drives of two minutes, bends and noise in all of them');
  for (const hertz of rates)
    for (const [step, isPolled] of [
      [0.01, false],
      [1, false],
      [1, true],
    ] as const) {
      const scores = CASES.map((fault, at) => scoreOf(fault, at, { hertz, step, isPolled, drives }));
      const sound = soundOnes({ hertz, step, isPolled, drives });
      console.log(
        `${hertz} Hz, steps of ${step} km/h${isPolled ? ', wheels asked in turn' : ''}: sound cars ${sound} of ${drives} without a finding`,
      );
      scores.forEach(({ hits, misses, wrong, canNotTell }, at) => {
        const recall = hits / Math.max(1, hits + misses);
        const precision = hits / Math.max(1, hits + wrong);
        const blind = canNotTell > 0 ? `  cannot tell, and says so: ${canNotTell}` : '';
        console.log(
          `  ${(CASES[at]?.name ?? '').padEnd(42)} recall ${recall.toFixed(2)}  precision ${precision.toFixed(2)}${blind}`,
        );
      });
    }
}

interface Drives {
  readonly hertz: number;
  readonly step: number;
  readonly isPolled: boolean;
  readonly drives: number;
}

function scoreOf(fault: Case, at: number, { hertz, step, isPolled, drives }: Drives): Score {
  const score: Score = { hits: 0, misses: 0, wrong: 0, canNotTell: 0 };
  for (let drive = 0; drive < drives; drive += 1) {
    const seed = 1000 * (at + 1) + drive;
    const random = chances(seed);
    const channel = WHEELS[Math.floor(random() * WHEELS.length)] ?? 'front-left';
    const { found, isBlind } = shownBy(seed, hertz, step, isPolled, [{ channel, ...fault.wrong(random) }]);
    const isFound = found.includes(`${fault.shows}@${channel}`);
    if (isFound) score.hits += 1;
    else if (isBlind && fault.shows.endsWith('/turn')) score.canNotTell += 1;
    else score.misses += 1;
    score.wrong += found.length - Number(isFound);
  }
  return score;
}

function soundOnes({ hertz, step, isPolled, drives }: Drives): number {
  return Array.from({ length: drives }, (_, drive) => shownBy(90_000 + drive, hertz, step, isPolled, [])).filter(
    ({ found }) => found.length === 0,
  ).length;
}
