import type { CaseFile, Observation } from '../casefile/contract';
import { posteriorOf } from './posterior';
import { segmentViews, type SegmentView } from './segments';

/**
 * What the paths would be if one more thing were seen; nothing is recorded.
 * @param file the case. @param seen one observation for each case to imagine; its id must not be in the file.
 * @returns the segments of every channel, for each in order.
 * @example imaginePaths(CASE, []).length // => 0
 */
export function imaginePaths(file: CaseFile, seen: readonly Observation[]): SegmentView[][] {
  return seen.map((observation) =>
    segmentViews(posteriorOf({ ...file, observations: [...file.observations, observation] })),
  );
}
