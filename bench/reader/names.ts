import type { Channel } from '../../core/casefile/words';
import type { Chance } from '../chance';
import type { Code } from '../monitor/codes';

/** How a low-cost reader names wheels: rightly, or with left and right mixed up; and whether it has words for codes. */
export interface ReaderNames {
  readonly sides: 'right' | 'crossed';
  readonly hasWords: boolean;
  /** The name under which it shows a channel. */
  readonly of: (channel: Channel) => Channel;
  /** A code as it prints it: with the wheel's name where it has words. */
  readonly printed: (code: Code, channel: Channel | null) => Code;
}

const CROSSED_SHARE = 0.03;
const WORDS_SHARE = 0.6;

const OTHER: Readonly<Record<Channel, Channel>> = {
  'front-left': 'front-right',
  'front-right': 'front-left',
  'rear-left': 'rear-right',
  'rear-right': 'rear-left',
  'rear-axle': 'rear-axle',
};

/**
 * A reader that names wheels rightly or crosswise, with words or without.
 * @example namesOf('crossed', false).hasWords // => false
 */
export function namesOf(sides: ReaderNames['sides'], hasWords: boolean): ReaderNames {
  const of = (channel: Channel): Channel => (sides === 'crossed' ? OTHER[channel] : channel);
  return {
    sides,
    hasWords,
    of,
    printed: (code, channel) => (hasWords && channel ? { ...code, shownAs: of(channel) } : code),
  };
}

/**
 * The reader that an owner has.
 * @example drawNames(chance()).sides // => "right"
 */
export function drawNames(chance: Chance): ReaderNames {
  return namesOf(chance.hits(CROSSED_SHARE) ? 'crossed' : 'right', chance.hits(WORDS_SHARE));
}
