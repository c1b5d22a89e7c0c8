import type { CaseFile, Observation, ObservationOf } from '../casefile/contract';
import type { Channel } from '../casefile/words';
import { channelOn, otherSide } from '../vehicle/channels';
import { alsoNamed, meaningFor } from './meaningFor';
import { readerNames, spinsIn } from './readerNames';

/** Why the reader's corner names are in doubt, and the wheel whose spin would settle it. */
export interface NamesInDoubt {
  readonly because: 'answered-as-another' | 'words-against-number' | 'code-against-speeds';
  readonly spin: Channel;
}

function counted(file: CaseFile): readonly Observation[] {
  return file.observations.filter((observation) => !observation.withdrawn);
}

/** What the last drive showed at a wheel, under the name that the reader gives it. */
function driven(file: CaseFile, channel: Channel): ObservationOf<'live'>['finding'] | null {
  const seen = counted(file).filter(
    (observation) => observation.kind === 'live' && observation.while === 'drive' && observation.channel === channel,
  );
  const last = seen.at(-1);
  return last?.kind === 'live' ? last.finding : null;
}

/**
 * Whether the reader may have mixed up its wheels: its words name another wheel than the code's number, or the wheel that a code names runs well on the road while its twin does not.
 * @param file the case. @returns why, and the wheel to spin by hand; null where nothing speaks for it, or the spins so far have settled it.
 * @example namesInDoubt(CASE) // => null
 */
export function namesInDoubt(file: CaseFile): NamesInDoubt | null {
  const map = readerNames(file);
  if (map.isOpen) return map.next ? { because: 'answered-as-another', spin: map.next } : null;
  const names = map.meaning;
  const spun = spinsIn(file).map((spin) => spin.spun);
  const silent = counted(file).flatMap((observation) =>
    observation.kind === 'live' && observation.while === 'hand-spin' && observation.channel
      ? [observation.channel]
      : [],
  );
  const open = (wheels: readonly (Channel | null)[]): Channel | null =>
    wheels.find((wheel): wheel is Channel => wheel !== null && !spun.includes(wheel) && !silent.includes(wheel)) ??
    null;
  for (const code of counted(file)) {
    if (code.kind !== 'code') continue;
    const { channel } = meaningFor(code, file.vehicle, names);
    if (!channel) continue;
    const number = alsoNamed(code, file.vehicle, names);
    const spin = number && open([channel, number]);
    if (spin) return { because: 'words-against-number', spin };
    const twin = otherSide(channel, file.vehicle.channels);
    const isOdd =
      twin !== null &&
      names.get(channel) === null &&
      driven(file, channel) === 'follows' &&
      !['follows', null].includes(driven(file, twin));
    const other = isOdd ? open([channel, channelOn(twin, file.vehicle.channels)]) : null;
    if (other) return { because: 'code-against-speeds', spin: other };
  }
  return null;
}
