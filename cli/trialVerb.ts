import { performance } from 'node:perf_hooks';
import { runTrial } from '../bench/trial/trial';
import { BadInput } from './input';
import type { Verb } from './verb';

const MOST_CARS = 100_000;

function wholeAfter(words: readonly string[], flag: string, least: number, most: number): number {
  const at = words.indexOf(flag);
  const text = at < 0 ? undefined : words[at + 1];
  const value = Number(text);
  if (text === undefined || !/^\d{1,10}$/.test(text) || value < least || value > most)
    throw new BadInput(
      `trial: ${flag} needs a whole number from ${least} to ${most}${text === undefined ? '' : `, not "${text}"`}`,
    );
  return value;
}

/** `trial --cars N --seed S`: random cars in the hands of four policies; the same seed gives the same figures. */
export const trialVerb: Verb = {
  usage: 'trial --cars N --seed S',
  run(words, out) {
    const cars = wholeAfter(words, '--cars', 1, MOST_CARS);
    const seed = wholeAfter(words, '--seed', 0, 2 ** 31);
    const stray = words.find((one, at) => !/^--(cars|seed)$/.test(one) && !/^--(cars|seed)$/.test(words[at - 1] ?? ''));
    if (stray !== undefined) throw new BadInput(`trial: "${stray}" is not known; use: ${trialVerb.usage}`);
    const started = performance.now();
    const result = runTrial(cars, seed);
    out.line({ ...result, seconds: Math.round((performance.now() - started) / 100) / 10 });
    return 0;
  },
};
