import type { Owner, Observation, ObservationOf, Vehicle } from '../casefile/contract';
import type { Channel, LookPart, SensorType } from '../casefile/words';
import type { NameMap } from '../codes/cornerCheck';
import type { SensorKinds } from './sensorKind';
import type { TypedTable } from '../knowledge/tables/table';

/** One statement of the evidence: a check's outcome on a channel (null: the car as a whole), as soft as the observation was. */
export interface Report {
  /** The observations it rests on. */
  readonly ids: readonly string[];
  readonly channel: Channel | null;
  readonly check: TypedTable;
  /** How well each outcome explains what was seen, 0 to 1; outcomes left out are 0. */
  readonly fits: Readonly<Record<string, number>>;
  /** Chance that the observer is mistaken, where it is more than the table's own. */
  readonly mistaken?: number;
  /** Share of its full weight, where several reports tell of one thing; 1 unless said. */
  readonly power?: number;
}

/** What an observation amounts to: reports, or the reason why it counts for nothing. */
export type Reading = { readonly reports: readonly Report[] } | { readonly ignored: string };

/** Findings by part and corner. */
export type SeenParts = ReadonlyMap<LookPart, ReadonlyMap<Channel | null, string>>;

/** What an observation is read beside. */
export interface ReadingContext {
  readonly vehicle: Vehicle;
  readonly owner: Owner;
  /** All observations of the same stage (between two repairs), withdrawn ones left out, in order. */
  readonly stage: readonly Observation[];
  /** The same, sorted by kind, and each one's place in the stage by its id. */
  readonly kinds: ReadonlyMap<Observation['kind'], readonly Observation[]>;
  readonly positions: ReadonlyMap<string, number>;
  /** Place of the first erase or drive of the stage; Infinity where there was none. */
  readonly provedFrom: number;
  /** Whether a repair came before this stage. */
  readonly afterRepair: boolean;
  /** What earlier stages' last look at each part found, by its corner (null: no corner, or none known), where no repair has touched it since. */
  readonly seenEarlier: SeenParts;
  /** The kind of sensor at each channel, as far as the case holds it. */
  readonly sensorKinds: SensorKinds;
  /** What the reader's corner names turned out to mean. */
  readonly names: NameMap;
  /** Texts of the codes recorded in earlier stages. */
  readonly earlierCodes: readonly string[];
  /** The codes recorded in any stage, by their plain text, the last of each. */
  readonly codesByText: ReadonlyMap<string, ObservationOf<'code'>>;
}

/**
 * A code's text without case and marks: how the same code is known again.
 * @example plainCode('c0031-13') // => "C003113"
 */
export const plainCode = (text: string): string => text.toUpperCase().replace(/[^0-9A-Z]/g, '');

/**
 * Whether an observation was made after an erase or a drive of its stage.
 * @param observation of the stage. @param context the stage. @returns true where the car has been asked since the repair.
 * @example isProved(CASE.observations[0], STAGE) // => false
 */
export function isProved(observation: Observation, context: ReadingContext): boolean {
  return (context.positions.get(observation.id) ?? Infinity) > context.provedFrom;
}

/**
 * A reading that says a check showed this outcome.
 * @example saw(CASE.observations[3], 'front-right', { passive: null, active: null }, 'unplugged').reports[0].fits // => {"unplugged":1}
 */
export function saw(
  of: Observation,
  channel: Channel | null,
  check: TypedTable,
  outcome: string,
  mistaken?: number,
): Reading {
  return {
    reports: [
      { ids: [of.id], channel, check, fits: { [outcome]: 1 }, ...(mistaken === undefined ? {} : { mistaken }) },
    ],
  };
}

/**
 * A reading shared out over several outcomes.
 * @example sawSoftly(CASE.observations[2], 'front-right', { passive: null, active: null }, { good: 0.7, borderline: 0.3 }).reports[0].fits // => {"good":0.7,"borderline":0.3}
 */
export function sawSoftly(
  of: Observation,
  channel: Channel | null,
  check: TypedTable,
  fits: Readonly<Record<string, number>>,
): Reading {
  return { reports: [{ ids: [of.id], channel, check, fits }] };
}

/**
 * The kind of sensor at a channel, as far as the case holds it.
 * @param context the stage. @param channel which; null for the car as a whole. @returns the kind; null where it is open.
 * @example kindAt(STAGE, 'front-right') // => "passive"
 */
export function kindAt(context: Pick<ReadingContext, 'sensorKinds'>, channel: Channel | null): SensorType | null {
  return (channel && context.sensorKinds.get(channel)) ?? null;
}

/**
 * The observations of one kind in the stage, in order.
 * @example ofKind(STAGE, 'code').length // => 1
 */
export function ofKind<K extends Observation['kind']>(context: ReadingContext, kind: K): readonly ObservationOf<K>[] {
  return (context.kinds.get(kind) ?? []) as readonly ObservationOf<K>[];
}
