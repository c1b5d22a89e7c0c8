import type { ObservationOf, Vehicle } from '../casefile/contract';
import { CHANNELS, type Channel, type Failure } from '../casefile/words';
import { channelOn } from '../vehicle/channels';
import { cornerFromWords, saysRearAlone } from '../vehicle/sides';
import { decode, type DecodedCode } from './decode';
import { STANDARD_MEANINGS, type NamedCause } from './standardMeanings';
import { causeFromWords, failureFromWords } from './wording';

export interface MeaningOfCode {
  readonly decoded: DecodedCode;
  readonly channel: Channel | null;
  readonly failure: Failure | null;
  /** Whose word decided the channel. */
  readonly by: 'entered' | 'owner' | 'reader' | 'standard' | 'none';
  /** Whether the failure is only a word of the reader's text, not a failure type byte or somebody's own statement. */
  readonly failureIsWording: boolean;
  /** What a code that names no wheel names as its cause. */
  readonly cause: NamedCause | null;
}

function namedBy(
  code: ObservationOf<'code'>,
  decoded: DecodedCode,
  vehicle: Vehicle,
): { channel: Channel | null; by: MeaningOfCode['by'] } {
  const words = code.meaning ?? code.shownAs ?? '';
  const isShared = vehicle.channels.includes('rear-axle') && saysRearAlone(words);
  const fromReader = cornerFromWords(words, vehicle.steeringSide) ?? (isShared ? 'rear-axle' : null);
  if (code.channel) return { channel: code.channel, by: 'entered' };
  if (decoded.source === 'owner' && decoded.channel) return { channel: decoded.channel, by: 'owner' };
  if (fromReader) return { channel: fromReader, by: 'reader' };
  return decoded.channel ? { channel: decoded.channel, by: 'standard' } : { channel: null, by: 'none' };
}

/** Voltage bytes on a code that names no wheel tell of the module's own supply. */
const VOLTAGE_BYTES: readonly string[] = ['16', '17', '1C'];

function causeOf(code: ObservationOf<'code'>, decoded: DecodedCode, failure: Failure | null): NamedCause | null {
  const standard = decoded.source === 'owner' ? undefined : STANDARD_MEANINGS.get(decoded.code);
  if (standard?.cause) return standard.cause;
  const worded = causeFromWords(code.meaning ?? (decoded.source === 'owner' ? decoded.meaning : ''));
  if (worded) return worded;
  return failure === 'supply' || VOLTAGE_BYTES.includes(decoded.failureType?.byte ?? '') ? 'supply' : null;
}

const NO_NAMES: ReadonlyMap<Channel, Channel | null> = new Map();

/**
 * What a recorded code means on this vehicle: what was entered outranks the owner's meaning, that the reader's wording, that the standard table.
 * @param code the observation. @param vehicle the vehicle with its own meanings.
 * @param names what the reader's corner names turned out to mean, from spinning wheels; they put the reader's and the table's corner right.
 * @returns wheel and failure, null where nobody says; a shared rear sensor answers for both rear wheels.
 * @example meaningFor(CASE.observations[1], CASE.vehicle).channel // => "front-right"
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
  const stated = code.failure ?? decoded.failure;
  const failure = stated ?? (code.meaning ? failureFromWords(code.meaning) : null);
  const settled = onCar && isReaders ? (names.get(onCar) ?? onCar) : onCar;
  return {
    decoded,
    channel: settled,
    failure,
    by,
    failureIsWording: failure !== null && code.failure === undefined && decoded.failureType === null,
    cause: settled ? null : causeOf(code, decoded, failure),
  };
}

/**
 * The other wheel that a code may mean: the reader's words name one, the standard number another, and no spun wheel has settled the reader's names yet.
 * @param code the observation. @param vehicle the vehicle. @param names what the reader's names turned out to mean.
 * @returns the wheel of the standard number; null where both agree, or something surer than the reader's words decides.
 * @example alsoNamed(CASE.observations[1], CASE.vehicle) // => null
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
