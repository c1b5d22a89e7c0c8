import type { CaseFile, Fastener } from '../casefile/contract';
import type { Channel } from '../casefile/words';

/**
 * The fasteners of a corner as they lie on the card, by their place.
 * @example fastenersAt({ ...CASE, fasteners: [{ id: 'f1', place: 2 }, { id: 'f2', place: 1 }] }, null).map(({ id }) => id) // => ["f2","f1"]
 */
export function fastenersAt(file: CaseFile, channel: Channel | null): readonly Fastener[] {
  return (file.fasteners ?? [])
    .filter((fastener) => (fastener.channel ?? null) === channel)
    .toSorted((a, b) => (a.place ?? 0) - (b.place ?? 0));
}

/**
 * How many of a fastener have to go back in: none where the hole was empty, or where it was left out knowingly.
 * @example isDue({ id: 'f1', empty: true }) // => false
 */
export const isDue = ({ empty, leftOut }: Fastener): boolean => empty !== true && leftOut !== true;

/**
 * How many of a fastener are still out.
 * @example stillOut({ id: 'f', kind: 'clip', name: 'clip', count: 2, back: 1 }) // => 1
 */
export const stillOut = (fastener: Fastener): number =>
  isDue(fastener) ? Math.max(0, fastener.count - (fastener.back ?? 0)) : 0;

/**
 * The fasteners that a step took out.
 * @example takenOutBy({ ...CASE, fasteners: [{ id: 'f1', step: 'liner-off' }] }, null, 'liner-off').length // => 1
 */
export const takenOutBy = (file: CaseFile, channel: Channel | null, step: string): readonly Fastener[] =>
  fastenersAt(file, channel).filter((fastener) => fastener.step === step);

/**
 * What is missing before a wheel goes back on: all that was taken out behind it and is not back in.
 * @param file the case. @param channel the corner. @param wheel key of the step that took the wheel off.
 * @returns fasteners of which some are out; those of the wheel itself do not count yet.
 * @example missingBehind(CASE, 'front-right', 'wheel-off@front-right') // => []
 */
export function missingBehind(file: CaseFile, channel: Channel | null, wheel: string): readonly Fastener[] {
  return fastenersAt(file, channel).filter((fastener) => fastener.step !== wheel && stillOut(fastener) > 0);
}

/**
 * What the pictures of a corner's fastener card are of, as attachments name it.
 * @example cardOf('rear-left') // => "card@rear-left"
 */
export const cardOf = (channel: Channel | null): string => `card@${channel ?? 'car'}`;
