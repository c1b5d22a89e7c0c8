import type { CaseFile, Observation } from '../casefile/contract';
import { CHANNELS, type Channel } from '../casefile/words';
import { channelOn } from '../vehicle/channels';
import { cornerFromWords } from '../vehicle/sides';
import { cornerNames, type NameMap, type Spin } from './cornerCheck';

function asChannel(words: string, file: CaseFile): Channel | null {
  const named = (CHANNELS as readonly string[]).includes(words)
    ? (words as Channel)
    : cornerFromWords(words, file.vehicle.steeringSide);
  return named && channelOn(named, file.vehicle.channels);
}

function spinOf(one: Observation, file: CaseFile): Spin[] {
  if (one.withdrawn || one.kind !== 'live' || one.while !== 'hand-spin' || !one.channel) return [];
  const spun = channelOn(one.channel, file.vehicle.channels);
  if (!spun) return [];
  if (one.finding === 'answers-as-other-channel') {
    const shown = one.shownAs ? asChannel(one.shownAs, file) : null;
    return shown ? [{ spun, shown }] : [];
  }
  return one.finding === 'follows' && one.shownAs !== undefined
    ? [{ spun, shown: asChannel(one.shownAs, file) ?? spun }]
    : [];
}

/**
 * The wheels spun by hand in a case whose shown name was noted.
 * @param file the case. @returns spins in order; a `follows` without a noted name is no spin of the corner check.
 */
export function spinsIn(file: CaseFile): Spin[] {
  return file.observations.flatMap((one) => spinOf(one, file));
}

/**
 * What the reader's corner names mean in this case, from the wheels that were spun.
 * @param file the case. @returns the meaning of each name; all open without a spin.
 */
export function readerNames(file: CaseFile): NameMap {
  return cornerNames(spinsIn(file), file.vehicle.channels);
}
