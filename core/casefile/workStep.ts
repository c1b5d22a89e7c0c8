import { CHANNELS, type Channel } from './words';

/** A step as `work` names it, read: `part:length:same@front-left` is `part` of `length` and `same`, at the front left. */
export interface WorkStep {
  readonly name: string;
  /** What stands behind the name's colons. */
  readonly of: readonly string[];
  /** Its corner; null for the car as a whole, or where none is named. */
  readonly channel: Channel | null;
}

/**
 * Reads a step of `work`: the only place where its text is taken apart.
 * @param step as the case file has it. @returns its name, what it is of, its corner.
 * @example readWorkStep('wheel-off@front-right') // => {"name":"wheel-off","of":[],"channel":"front-right"}
 * @example readWorkStep('part:length:same@car').of // => ["length","same"]
 */
export function readWorkStep(step: string): WorkStep {
  const [words = '', place = ''] = step.split('@');
  const [name = '', ...of] = words.split(':');
  return { name, of, channel: CHANNELS.find((channel) => channel === place) ?? null };
}
