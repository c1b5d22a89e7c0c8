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

function spinOf(observation: Observation, file: CaseFile): Spin[] {
  if (observation.withdrawn || observation.kind !== 'live' || observation.while !== 'hand-spin' || !observation.channel)
    return [];
  const spun = channelOn(observation.channel, file.vehicle.channels);
  if (!spun) return [];
  if (observation.finding === 'answers-as-other-channel') {
    const shown = observation.shownAs ? asChannel(observation.shownAs, file) : null;
    return shown ? [{ spun, shown }] : [];
  }
  return observation.finding === 'follows' && observation.shownAs !== undefined
    ? [{ spun, shown: asChannel(observation.shownAs, file) ?? spun }]
    : [];
}

/**
 * The wheels spun by hand in a case whose shown name was noted.
 * @param file the case. @returns spins in order; a `follows` without a noted name is no spin of the corner check.
 */
export function spinsIn(file: CaseFile): Spin[] {
  return file.observations.flatMap((observation) => spinOf(observation, file));
}

/**
 * What the reader's corner names mean in this case, from the wheels that were spun.
 * @param file the case. @returns the meaning of each name; all open without a spin.
 */
export function readerNames(file: CaseFile): NameMap {
  return cornerNames(spinsIn(file), file.vehicle.channels);
}
