import type { CaseFile, Observation, Repair } from '../casefile/contract';

/** A repair and the counted observations made after it. */
export interface SinceRepair {
  readonly repair: Repair | null;
  readonly observations: readonly Observation[];
}

function after(file: CaseFile, repair: Repair): readonly Observation[] {
  if (repair.after === undefined) return [];
  const at = repair.after === null ? -1 : file.observations.findIndex((seen) => seen.id === repair.after);
  return file.observations.slice(at + 1).filter((seen) => !seen.withdrawn);
}

/** What says that something is wrong. */
function isTrouble(seen: Observation): boolean {
  return (
    (seen.kind === 'lamps' && seen.lit.length > 0) ||
    (seen.kind === 'code' && seen.status !== 'stored') ||
    (seen.kind === 'drive' && seen.result === 'lamps-came-back')
  );
}

/**
 * What was observed since the last repair; where none is recorded, since something was last seen to be wrong.
 * @param file the case. @returns the repair (null when there is none) and the counted observations after it.
 * @example sinceRepair(CASE).observations.length // => 1
 */
export function sinceRepair(file: CaseFile): SinceRepair {
  const repair = file.repairs?.at(-1) ?? null;
  if (repair) return { repair, observations: after(file, repair) };
  const counted = file.observations.filter((seen) => !seen.withdrawn);
  return { repair, observations: counted.slice(counted.findLastIndex(isTrouble) + 1) };
}

/**
 * The repairs that still stand to be proved or have been: the last one of each wheel, and of the whole car, that was not in vain.
 * @param file the case. @returns a repair a place with what was observed since, in the order of making them.
 * @example standingRepairs(CASE) // => []
 */
export function standingRepairs(
  file: CaseFile,
): readonly { readonly repair: Repair; readonly observations: readonly Observation[] }[] {
  const repairs = file.repairs ?? [];
  return repairs
    .filter((made, at) => !repairs.slice(at + 1).some((later) => (later.channel ?? null) === (made.channel ?? null)))
    .filter((made) => made.result !== 'no-change')
    .map((repair) => ({ repair, observations: after(file, repair) }));
}
