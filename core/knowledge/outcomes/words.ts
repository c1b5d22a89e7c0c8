import { SEGMENTS, type LookPart, type RepairSegment } from '../../casefile/words';
import { FINDING_NAMES, LIVE_NAMES, TRIAL_NAMES, TYPE_NAMES } from '../names';
import type { Answer } from '../checks/check';
import { PARTS } from '../parts';
import type { Says, Tone } from './outcome';
import { texts } from '#words/knowledge/outcomes';

/** An answer in words, with what it says. */
export interface WordOutcome extends Says {
  readonly tone: Tone;
  readonly text: string;
}

/**
 * What an eye found on a part: sound is good; every other finding stands against the part that was looked at.
 * @param part what was looked at. @param finding the word of the contract. @returns how it is taken; what could not be seen says nothing.
 * @example lookOutcome('plug', 'sound').good // => ["plug"]
 * @example lookOutcome('bearing', 'play').bad // => ["gap"]
 */
export function lookOutcome(part: LookPart, finding: string): WordOutcome {
  const text = FINDING_NAMES[finding] ?? finding;
  const { segment } = PARTS[part];
  if (finding === 'hidden') return { tone: 'plain', text };
  return finding === 'sound' ? { tone: 'good', text, good: [segment] } : { tone: 'bad', text, bad: [segment] };
}

/**
 * The text of an answer in words, by the check that it answers.
 * @param answer how the check is answered. @param word the word of the contract. @returns the text; the word itself where there is none.
 * @example answerText({ is: 'live', while: 'stationary' }, 'zero') // => "shows zero, as it should"
 */
export function answerText(answer: Answer, word: string): string {
  switch (answer.is) {
    case 'look':
      return lookOutcome(answer.part, word).text;
    case 'live':
      return liveOutcome(answer.while, word).text;
    case 'choice':
      return trialOutcome(answer.kind, word).text;
    default:
      return TYPE_NAMES[word] ?? word;
  }
}

/** A speed that follows its wheel has come all the way. */
const WHOLE_PATH: readonly RepairSegment[] = SEGMENTS;

/** Standing still, zero is as it should be. */
const STANDING: Readonly<Record<string, WordOutcome>> = {
  zero: { tone: 'good', text: texts.showsZeroAsIt },
  'stuck-high': { tone: 'bad', text: texts.showsAValueThat },
};

/**
 * What a live speed did: one that follows proves the whole path at that moment; one that does not says of no single part that it is bad.
 * @param during how the wheel moved. @param finding the word of the contract. @returns how it is taken.
 * @example liveOutcome('hand-spin', 'follows').good.length // => 7
 * @example liveOutcome('stationary', 'zero').tone // => "good"
 */
export function liveOutcome(during: 'stationary' | 'wiggle' | 'hand-spin' | 'drive', finding: string): WordOutcome {
  const text = LIVE_NAMES[finding] ?? finding;
  if (during === 'stationary') return STANDING[finding] ?? { tone: finding === 'follows' ? 'good' : 'bad', text };
  if (finding !== 'follows') return { tone: 'bad', text };
  return during === 'wiggle' ? { tone: 'good', text } : { tone: 'good', text, good: WHOLE_PATH };
}

/** What comes out with the sensor, and what stays. */
const [WITH_THE_SENSOR, WITHOUT_IT] = [
  ['sensor', 'lead'],
  ['ring', 'plug', 'loom', 'module'],
] as const satisfies readonly (readonly RepairSegment[])[];

const TRIALS: Readonly<Record<string, Omit<WordOutcome, 'text'>>> = {
  'swap:fault-stayed': { tone: 'good', good: WITH_THE_SENSOR },
  'swap:fault-followed': { tone: 'bad', bad: WITH_THE_SENSOR },
  'substitute:fault-stayed': { tone: 'good', good: WITH_THE_SENSOR },
  'substitute:signal-normal': { tone: 'bad', bad: WITH_THE_SENSOR, good: WITHOUT_IT },
};

/**
 * What a trial with another sensor, or with none, gave.
 * @param kind the trial. @param result the word of the contract. @returns how it is taken; unplugging says nothing of a part by itself.
 * @example trialOutcome('substitute', 'fault-stayed').good // => ["sensor","lead"]
 */
export function trialOutcome(kind: 'swap' | 'substitute' | 'unplug', result: string): WordOutcome {
  return { ...(TRIALS[`${kind}:${result}`] ?? { tone: 'plain' }), text: TRIAL_NAMES[result] ?? result };
}
