import { assessVerb } from './assessVerb';
import { decodeVerb } from './decodeVerb';
import { BadInput } from './input';
import { logVerb } from './logVerb';
import { planVerb } from './planVerb';
import { trialVerb } from './trialVerb';
import { validateVerb } from './validateVerb';
import type { Out, Verb } from './verb';
import { texts } from '#words/cli';

const VERBS: ReadonlyMap<string, Verb> = new Map([
  ['assess', assessVerb],
  ['decode', decodeVerb],
  ['validate', validateVerb],
  ['plan', planVerb],
  ['trial', trialVerb],
  ['log', logVerb],
]);

function choose(words: readonly string[], out: Out): number | Promise<number> {
  const [name = '', ...rest] = words;
  const verb = VERBS.get(name);
  const usages = [...VERBS.values()].map((verb) => verb.usage).join(' | ');
  if (!verb) throw new BadInput(texts.use(name ? texts.thereIsNoVerb(name) : texts.aVerbIsMissing, usages));
  return verb.run(rest, out);
}

/** Runs the verb that the words begin with, and gives the exit code: 2 for wrong words or files. */
export async function runWords(words: readonly string[], out: Out): Promise<number> {
  try {
    return await choose(words, out);
  } catch (error) {
    if (!(error instanceof BadInput)) throw error;
    out.problem(texts.failedWith(error.message));
    return 2;
  }
}
