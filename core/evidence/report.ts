import type { Owner, Observation, ObservationOf, Vehicle } from '../casefile/contract';
import type { Channel, SensorType } from '../casefile/words';
import type { NameMap } from '../codes/cornerCheck';
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

/** What an observation is read beside. */
export interface Around {
  readonly vehicle: Vehicle;
  readonly owner: Owner;
  /** All observations of the same stage (between two repairs), withdrawn ones left out, in order. */
  readonly stage: readonly Observation[];
  /** All observations of earlier stages, and the segments that repairs have touched since the first. */
  readonly before: readonly Observation[];
  readonly touched: readonly string[];
  /** Whether a repair came before this stage. */
  readonly afterRepair: boolean;
  /** What the reader's corner names turned out to mean. */
  readonly names: NameMap;
}

/** A reading that says a check showed this outcome. */
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

/** A reading shared out over several outcomes. */
export function sawSoftly(
  of: Observation,
  channel: Channel | null,
  check: TypedTable,
  fits: Readonly<Record<string, number>>,
): Reading {
  return { reports: [{ ids: [of.id], channel, check, fits }] };
}

/** The sensor type that the case file states for a channel. */
export function statedType(context: Around, channel: Channel | null): SensorType | null {
  return (channel && context.vehicle.sensorTypes?.[channel]) ?? null;
}

/** The observations of one kind in the stage. */
export function ofKind<K extends Observation['kind']>(
  stage: readonly Observation[],
  kind: K,
): readonly ObservationOf<K>[] {
  return stage.filter((observation): observation is ObservationOf<K> => observation.kind === kind);
}
