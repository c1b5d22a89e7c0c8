import type { CaseFile, Observation, ObservationOf, Repair } from '../casefile/contract';
import { readerNames } from '../codes/readerNames';
import type { Around } from './report';

/** Something that changes the car's state: a repair, or an erase that takes old codes away. */
export type Boundary =
  | { readonly is: 'repair'; readonly after: number; readonly repair: Repair }
  | { readonly is: 'clear'; readonly after: number; readonly clear: ObservationOf<'clear'> };

/** What was observed between two repairs. */
export interface Stage {
  readonly context: Around;
  readonly observations: readonly Observation[];
}

/** The job in time: stages between repairs, and epochs between any boundaries. Evidence of an epoch describes the car of that epoch. */
export interface Timeline {
  readonly boundaries: readonly Boundary[];
  readonly stages: readonly Stage[];
  /** Number of boundaries before each counted observation, by its id. */
  readonly epochOf: ReadonlyMap<string, number>;
  readonly withdrawn: readonly Observation[];
}

function boundariesOf(file: CaseFile): Boundary[] {
  const place = new Map(file.observations.map((observation, index) => [observation.id, index]));
  const repairs = (file.repairs ?? []).map((repair): Boundary => {
    const after =
      repair.after === null
        ? -1
        : repair.after === undefined
          ? file.observations.length - 1
          : (place.get(repair.after) ?? -1);
    return { is: 'repair', after, repair };
  });
  const clears = file.observations.flatMap((observation, after): Boundary[] =>
    observation.kind === 'clear' && observation.result !== 'refused' && !observation.withdrawn
      ? [{ is: 'clear', after, clear: observation }]
      : [],
  );
  return [...clears, ...repairs].sort((a, b) => a.after - b.after);
}

/**
 * Lays a job out in time.
 * @param file the case file; repairs without `after` count as made after everything observed.
 * @returns boundaries in order, stages (at least one), and each counted observation's epoch.
 */
export function timelineOf(file: CaseFile): Timeline {
  const boundaries = boundariesOf(file);
  const repairs = boundaries.filter((mark) => mark.is === 'repair');
  const counted = file.observations
    .map((observation, index) => ({ one: observation, index }))
    .filter(({ one: observation }) => !observation.withdrawn);
  const before = (list: readonly Boundary[], index: number): number => list.filter((mark) => mark.after < index).length;
  const names = readerNames(file);
  const stages = Array.from({ length: repairs.length + 1 }, (_none, number): Stage => {
    const observations = counted
      .filter(({ index }) => before(repairs, index) === number)
      .map(({ one: observation }) => observation);
    return {
      observations,
      context: {
        vehicle: file.vehicle,
        owner: file.owner ?? {},
        stage: observations,
        before: counted
          .filter(({ index }) => before(repairs, index) < number)
          .map(({ one: observation }) => observation),
        touched: repairs.slice(0, number).flatMap((mark) => (mark.is === 'repair' ? [mark.repair.segment] : [])),
        afterRepair: number > 0,
        names,
      },
    };
  });
  return {
    boundaries,
    stages,
    epochOf: new Map(counted.map(({ one: observation, index }) => [observation.id, before(boundaries, index)])),
    withdrawn: file.observations.filter((observation) => observation.withdrawn),
  };
}
