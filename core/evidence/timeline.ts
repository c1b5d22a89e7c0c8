import type { CaseFile, Observation, ObservationOf, Repair } from '../casefile/contract';
import type { Channel } from '../casefile/words';
import { readerNames } from '../codes/readerNames';
import { plainCode, type ReadingContext, type SeenParts } from './report';
import { sensorKinds } from './sensorKind';

/** Something that changes the car's state: a repair, or an erase that takes old codes away. */
export type Boundary =
  | { readonly is: 'repair'; readonly after: number; readonly repair: Repair }
  | { readonly is: 'clear'; readonly after: number; readonly clear: ObservationOf<'clear'> };

/** What was observed between two repairs. */
export interface Stage {
  readonly context: ReadingContext;
  readonly observations: readonly Observation[];
}

/** The job in time: stages between repairs, and epochs between any boundaries. Evidence of an epoch describes the car of that epoch. */
export interface Timeline {
  readonly boundaries: readonly Boundary[];
  readonly stages: readonly Stage[];
  /** Number of boundaries before each counted observation, by its id. */
  readonly epochOf: ReadonlyMap<string, number>;
  readonly withdrawn: readonly Observation[];
  /** Whether the beginning was left out because the job is too long to be followed whole. */
  readonly isTrimmed: boolean;
}

/** Only so many of the latest repairs, and of the latest erases, are followed; what came before the first of those repairs is left out. */
const MOST_REPAIRS = 40;
const MOST_ERASES = 60;

/** The latest boundaries, and the place of the last observation that is left out. */
function latestOf(boundaries: readonly Boundary[]): { readonly kept: readonly Boundary[]; readonly cut: number } {
  const repairs = boundaries.filter((mark) => mark.is === 'repair');
  const cut = repairs.length > MOST_REPAIRS ? (repairs.at(-MOST_REPAIRS - 1)?.after ?? -1) : -1;
  const erases = boundaries.filter((mark) => mark.is === 'clear').slice(-MOST_ERASES);
  const kept = boundaries.filter((mark) =>
    mark.is === 'repair'
      ? mark.after >= cut && repairs.indexOf(mark) >= repairs.length - MOST_REPAIRS
      : erases.includes(mark),
  );
  return { kept: kept.filter((mark) => mark.after > cut || mark.is === 'repair'), cut };
}

function boundariesOf(file: CaseFile): Boundary[] {
  const place = new Map(file.observations.map((observation, index) => [observation.id, index]));
  const repairs = (file.repairs ?? []).map((repair): Boundary => {
    const last = file.observations.length - 1;
    const after = repair.after === null ? -1 : repair.after === undefined ? last : (place.get(repair.after) ?? -1);
    return { is: 'repair', after, repair };
  });
  const clears = file.observations.flatMap((observation, after): Boundary[] =>
    observation.kind === 'clear' && observation.result !== 'refused' && !observation.withdrawn
      ? [{ is: 'clear', after, clear: observation }]
      : [],
  );
  return [...clears, ...repairs].sort((a, b) => a.after - b.after);
}

function kindsOf(observations: readonly Observation[]): ReadingContext['kinds'] {
  const kinds = new Map<Observation['kind'], Observation[]>();
  for (const observation of observations) {
    const known = kinds.get(observation.kind);
    if (known) known.push(observation);
    else kinds.set(observation.kind, [observation]);
  }
  return kinds;
}

/** What differs from stage to stage of one job. */
type Shared = Pick<ReadingContext, 'vehicle' | 'owner' | 'names' | 'codesByText' | 'sensorKinds'>;

function contextOf(
  shared: Shared,
  observations: readonly Observation[],
  earlier: Pick<ReadingContext, 'seenEarlier' | 'earlierCodes' | 'afterRepair'>,
): ReadingContext {
  const proof = observations.findIndex((observation) => observation.kind === 'clear' || observation.kind === 'drive');
  return {
    ...shared,
    stage: observations,
    kinds: kindsOf(observations),
    positions: new Map(observations.map((observation, at) => [observation.id, at])),
    provedFrom: proof < 0 ? Infinity : proof,
    seenEarlier: earlier.seenEarlier,
    earlierCodes: earlier.earlierCodes,
    afterRepair: earlier.afterRepair,
  };
}

/** The looks of a stage join what was seen earlier; a repair makes what it touched fresh again. */
function seenAfter(before: SeenParts, observations: readonly Observation[], repair: Repair | undefined): SeenParts {
  const seen = new Map([...before].map(([part, corners]) => [part, new Map(corners)]));
  for (const look of observations) {
    if (look.kind !== 'look' || look.finding === 'hidden') continue;
    const corners = seen.get(look.part) ?? new Map<Channel | null, string>();
    seen.set(look.part, corners.set(look.channel ?? null, look.finding));
  }
  for (const [part, corners] of repair ? seen : [])
    if (part === repair?.segment)
      for (const corner of [...corners.keys()])
        if (!repair.channel || corner === repair.channel || corner === null) corners.delete(corner);
  return seen;
}

/** Counted observations sorted into the stages between repairs, with the epoch of each. */
function sortIntoStages(
  file: CaseFile,
  boundaries: readonly Boundary[],
  cut: number,
): { readonly lists: readonly Observation[][]; readonly epochOf: Map<string, number> } {
  const lists: Observation[][] = [[]];
  const epochOf = new Map<string, number>();
  let epoch = 0;
  file.observations.forEach((observation, index) => {
    for (let mark = boundaries[epoch]; mark && mark.after < index; mark = boundaries[epoch]) {
      if (mark.is === 'repair') lists.push([]);
      epoch += 1;
    }
    if (observation.withdrawn || index <= cut) return;
    epochOf.set(observation.id, epoch);
    lists.at(-1)?.push(observation);
  });
  for (const mark of boundaries.slice(epoch)) if (mark.is === 'repair') lists.push([]);
  return { lists, epochOf };
}

/**
 * Lays a job out in time.
 * @param file the case file; repairs without `after` count as made after everything observed.
 * @returns boundaries in order, stages (at least one), and each counted observation's epoch. Linear in observations and repairs.
 * @example timelineOf(CASE).stages.length // => 2
 */
export function timelineOf(file: CaseFile): Timeline {
  const all = boundariesOf(file);
  const { kept: boundaries, cut } = latestOf(all);
  const { lists, epochOf } = sortIntoStages(file, boundaries, cut);
  const repairs = boundaries.flatMap((mark) => (mark.is === 'repair' ? [mark.repair] : []));
  const shared = {
    vehicle: file.vehicle,
    owner: file.owner ?? {},
    names: readerNames(file),
    sensorKinds: sensorKinds(file.vehicle, lists.flat()),
    codesByText: new Map(
      lists
        .flat()
        .flatMap((observation) =>
          observation.kind === 'code' ? [[plainCode(observation.code), observation] as const] : [],
        ),
    ),
  };
  let seenEarlier: SeenParts = new Map();
  const codes = new Set<string>();
  const stages = lists.map((observations, number): Stage => {
    const earlier = { seenEarlier, earlierCodes: [...codes], afterRepair: number > 0 };
    seenEarlier = seenAfter(seenEarlier, observations, repairs[number]);
    for (const observation of observations) if (observation.kind === 'code') codes.add(observation.code);
    return { observations, context: contextOf(shared, observations, earlier) };
  });
  return {
    boundaries,
    stages,
    epochOf,
    withdrawn: file.observations.filter((observation) => observation.withdrawn),
    isTrimmed: boundaries.length < all.length,
  };
}

/**
 * The latest stage as it would be with one more observation: for judging a reading before it is kept.
 * @param timeline the job in time. @param observation what would be added, with an id of its own.
 * @returns the context that the observation is read in.
 * @example contextWith(timelineOf(CASE), { id: 'x', kind: 'no-code' }).stage.length // => 2
 */
export function contextWith(timeline: Timeline, observation: Observation): ReadingContext {
  const last = timeline.stages.at(-1)?.context as ReadingContext;
  const all = [...timeline.stages.flatMap(({ observations }) => observations), observation];
  return contextOf({ ...last, sensorKinds: sensorKinds(last.vehicle, all) }, [...last.stage, observation], last);
}
