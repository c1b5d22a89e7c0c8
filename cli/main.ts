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

const out: Out = {
  line: (value) => process.stdout.write(`${JSON.stringify(value)}\n`),
  problem: (message) => process.stderr.write(`${message.replace(/\s*\n\s*/g, ' ')}\n`),
};

function run(words: readonly string[]): number | Promise<number> {
  const [name = '', ...rest] = words;
  const verb = VERBS.get(name);
  const usages = [...VERBS.values()].map((verb) => verb.usage).join(' | ');
  if (!verb) throw new BadInput(texts.use(name ? texts.thereIsNoVerb(name) : texts.aVerbIsMissing, usages));
  return verb.run(rest, out);
}

try {
  process.exitCode = await run(process.argv.slice(2));
} catch (error) {
  if (!(error instanceof BadInput)) throw error;
  out.problem(texts.failedWith(error.message));
  process.exitCode = 2;
}
