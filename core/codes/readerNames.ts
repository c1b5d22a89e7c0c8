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

/** Findings of a spin that show that the wheel's own number moved, however well. */
const SILENT: readonly string[] = ['zero', 'stuck-high'];

function spinOf(observation: Observation, file: CaseFile): Spin[] {
  if (observation.withdrawn || observation.kind !== 'live' || observation.while !== 'hand-spin' || !observation.channel)
    return [];
  const spun = channelOn(observation.channel, file.vehicle.channels);
  if (!spun) return [];
  const shown = observation.shownAs ? asChannel(observation.shownAs, file) : null;
  if (observation.finding === 'answers-as-other-channel') return shown ? [{ spun, shown }] : [];
  return [{ spun, shown: SILENT.includes(observation.finding) ? null : (shown ?? spun) }];
}

/**
 * The wheels spun by hand in a case, and the name that answered.
 * @param file the case. @returns spins in order; a wheel that stayed silent has none.
 * @example spinsIn(CASE) // => []
 */
export function spinsIn(file: CaseFile): Spin[] {
  return file.observations.flatMap((observation) => spinOf(observation, file));
}

/**
 * What the reader's corner names mean in this case, from the wheels that were spun.
 * @param file the case. @returns the meaning of each name; nothing is moved before every wheel has been spun.
 * @example readerNames(CASE).isOpen // => false
 */
export function readerNames(file: CaseFile): NameMap {
  const names = cornerNames(spinsIn(file), file.vehicle.channels);
  if (!names.isOpen) return names;
  return { ...names, meaning: new Map(file.vehicle.channels.map((channel) => [channel, null])) };
}
