import type { ObservationOf, Vehicle } from '../casefile/contract';
import { CHANNELS, type Channel, type Failure } from '../casefile/words';
import { channelOn } from '../vehicle/channels';
import { cornerFromWords } from '../vehicle/sides';
import { decode, type DecodedCode } from './decode';
import { failureFromWords } from './wording';

export interface MeaningOfCode {
  readonly decoded: DecodedCode;
  readonly channel: Channel | null;
  readonly failure: Failure | null;
  /** Whose word decided the channel. */
  readonly by: 'entered' | 'owner' | 'reader' | 'standard' | 'none';
}

function namedBy(
  code: ObservationOf<'code'>,
  decoded: DecodedCode,
  vehicle: Vehicle,
): { channel: Channel | null; by: MeaningOfCode['by'] } {
  const fromReader = cornerFromWords(code.meaning ?? code.shownAs ?? '', vehicle.steeringSide);
  if (code.channel) return { channel: code.channel, by: 'entered' };
  if (decoded.source === 'owner' && decoded.channel) return { channel: decoded.channel, by: 'owner' };
  if (fromReader) return { channel: fromReader, by: 'reader' };
  return decoded.channel ? { channel: decoded.channel, by: 'standard' } : { channel: null, by: 'none' };
}

const NO_NAMES: ReadonlyMap<Channel, Channel | null> = new Map();

/**
 * What a recorded code means on this vehicle: what was entered outranks the owner's meaning, that the reader's wording, that the standard table.
 * @param code the observation. @param vehicle the vehicle with its own meanings.
 * @param names what the reader's corner names turned out to mean, from spinning wheels; they put the reader's and the table's corner right.
 * @returns wheel and failure, null where nobody says; a shared rear sensor answers for both rear wheels.
 */
export function meaningFor(
  code: ObservationOf<'code'>,
  vehicle: Vehicle,
  names: ReadonlyMap<Channel, Channel | null> = NO_NAMES,
): MeaningOfCode {
  const decoded = decode(code.code, vehicle.codeMeanings ?? {});
  const { channel, by } = namedBy(code, decoded, vehicle);
  const onCar = channel && channelOn(channel, vehicle.channels.length > 0 ? vehicle.channels : CHANNELS);
  const isReaders = by === 'reader' || by === 'standard';
  return {
    decoded,
    channel: onCar && isReaders ? (names.get(onCar) ?? onCar) : onCar,
    failure: code.failure ?? decoded.failure ?? (code.meaning ? failureFromWords(code.meaning) : null),
    by,
  };
}

/**
 * The other wheel that a code may mean: the reader's words name one, the standard number another, and no spun wheel has settled the reader's names yet.
 * @param code the observation. @param vehicle the vehicle. @param names what the reader's names turned out to mean.
 * @returns the wheel of the standard number; null where both agree, or something surer than the reader's words decides.
 */
export function alsoNamed(
  code: ObservationOf<'code'>,
  vehicle: Vehicle,
  names: ReadonlyMap<Channel, Channel | null> = NO_NAMES,
): Channel | null {
  const decoded = decode(code.code, vehicle.codeMeanings ?? {});
  const { channel, by } = namedBy(code, decoded, vehicle);
  if (by !== 'reader' || decoded.source !== 'standard' || !decoded.channel || !channel) return null;
  const [words, number] = [channel, decoded.channel].map((channel) => channelOn(channel, vehicle.channels));
  if (!words || !number || words === number || (names.get(words) ?? null) !== null) return null;
  return number;
}
