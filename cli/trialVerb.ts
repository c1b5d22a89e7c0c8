import { fork } from 'node:child_process';
import { availableParallelism } from 'node:os';
import { performance } from 'node:perf_hooks';
import { fileURLToPath } from 'node:url';
import { parseArgs } from 'node:util';
import { summarise, trialCars, type CarResult } from '../bench/trial/trial';
import { BadInput } from './input';
import type { Verb } from './verb';
import { texts } from '#words/cli';

const MOST_CARS = 100_000;
const USAGE = texts.trialCarsNSeed;

function wholeIn(text: string | undefined, flag: string, least: number, most: number): number {
  const value = Number(text);
  if (text === undefined || !/^\d{1,10}$/.test(text) || value < least || value > most)
    throw new BadInput(texts.trialNeedsAWhole(flag, least, most, text === undefined ? '' : texts.not(text)));
  return value;
}

function readWords(words: readonly string[]): { readonly cars?: string; readonly seed?: string } {
  try {
    return parseArgs({ args: [...words], options: { cars: { type: 'string' }, seed: { type: 'string' } } }).values;
  } catch (error) {
    const [reason = ''] = (error instanceof Error ? error.message : '').split(/[.\n]/);
    throw new BadInput(texts.trialUse(reason, USAGE));
  }
}

/** A trial this small is done before another process has started. */
const FEW_CARS = 12;

function inProcess(from: number, to: number, seed: number): Promise<CarResult[]> {
  return new Promise((resolve, reject) => {
    const share = fork(fileURLToPath(new URL('./trialShare.ts', import.meta.url)), [from, to, seed].map(String));
    share.once('message', (results) => resolve(results as CarResult[]));
    share.once('error', reject);
    share.once('exit', (code) => code !== 0 && reject(new Error(`a share of the trial ended with code ${code}`)));
  });
}

/** Shares the cars out among the machine's cores. */
async function resultsOf(cars: number, seed: number): Promise<CarResult[]> {
  if (cars <= FEW_CARS) return trialCars(0, cars, seed);
  const hands = Math.min(availableParallelism(), 8);
  const edges = Array.from({ length: hands + 1 }, (_one, at) => Math.round((cars * at) / hands));
  const shares = edges.slice(1).map((to, at) => inProcess(edges[at] ?? 0, to, seed));
  return (await Promise.all(shares)).flat();
}

/** `trial --cars N --seed S`: random cars in the hands of four policies; the same seed gives the same figures. */
export const trialVerb: Verb = {
  usage: USAGE,
  async run(words, out) {
    const { cars: saidCars, seed: saidSeed } = readWords(words);
    const cars = wholeIn(saidCars, '--cars', 1, MOST_CARS);
    const seed = wholeIn(saidSeed, '--seed', 0, 2 ** 31);
    const started = performance.now();
    const result = summarise(await resultsOf(cars, seed), seed);
    out.line({ ...result, seconds: Math.round((performance.now() - started) / 100) / 10 });
    return 0;
  },
};
