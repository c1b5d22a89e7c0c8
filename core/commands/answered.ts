import type { Channel } from '../casefile/words';
import type { Answer } from '../knowledge/checks/check';
import { otherSide } from '../vehicle/channels';
import type { NewObservation } from './command';

/** What is answered in words; readings, bands and the kind of sensor are entered as figures or commands of their own. */
type InWords = Extract<Answer, { is: 'look' | 'live' | 'choice' }>;

/**
 * Whether a trial can be made at a place: exchanging needs a twin on the same axle, which a shared rear sensor has not.
 * @param answer of the check. @param channel where. @param channels of the car. @returns false for what cannot be done there.
 * @example canBeMade({ is: 'choice', kind: 'swap' }, 'rear-axle', ['front-left', 'front-right', 'rear-axle']) // => false
 */
export function canBeMade(answer: Answer, channel: Channel | null, channels: readonly Channel[]): boolean {
  if (answer.is !== 'choice' || answer.kind !== 'swap') return true;
  return channel !== null && otherSide(channel, channels) !== null;
}

/**
 * The observations that an answer in words amounts to.
 * @param answer how the check is answered. @param words what was chosen, from `answersOf`; several for a look.
 * @param channel where; null for the whole car, or where nobody knows. @param channels of the car.
 * @param isUnsure whether the one who looked is not sure of it: it then counts half.
 * @returns one observation a word; none where the trial cannot be made there.
 * @example answered({ is: 'look', part: 'plug' }, ['wet', 'loose'], 'front-left', ['front-left']).length // => 2
 */
export function answered(
  answer: InWords,
  words: readonly string[],
  channel: Channel | null,
  channels: readonly Channel[],
  isUnsure = false,
): readonly NewObservation[] {
  if (!canBeMade(answer, channel, channels)) return [];
  const at = channel ? { channel } : {};
  const twin = channel && otherSide(channel, channels);
  const made = (word: string): Readonly<Record<string, unknown>> => {
    if (answer.is === 'look')
      return { kind: 'look', part: answer.part, finding: word, ...(isUnsure ? { unsure: true } : {}), ...at };
    if (answer.is === 'live') return { kind: 'live', while: answer.while, finding: word, ...at };
    const exchanged = answer.kind === 'swap' ? { with: twin, putBack: true } : {};
    return { kind: answer.kind, result: word, ...exchanged, ...at };
  };
  return words.map((word) => made(word) as NewObservation);
}

/** Findings that stand alone: nothing else was found, or nothing could be seen. */
export const ALONE: readonly string[] = ['sound', 'hidden'];
