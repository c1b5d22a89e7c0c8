import { readWorkStep } from '../casefile/workStep';
import type { CaseFile } from '../casefile/contract';
import { minutesOf } from '../quantities/moment';

/** A longer pause between two entries was no work on the car. */
const LONGEST_PAUSE = 45;
/** What a lone entry stands for: looking and writing it down. */
const SHORTEST = 5;

/**
 * How `work` notes the time that the owner says it took.
 * @example ownTimeKey(150) // => "own-time:150"
 */
export const ownTimeKey = (minutes: number): string => `${OWN_TIME}:${Math.round(minutes)}`;

const OWN_TIME = 'own-time';

/** The owner's time on a job. */
export interface OwnTime {
  /** Minutes, 0 or more. */
  readonly minutes: number;
  /** Whether the owner said so; else it was reckoned from the entries' times. */
  readonly isSaid: boolean;
}

/** Minutes between entries that follow each other closely; each sitting begins with its first entry's own few minutes. */
function reckoned(file: CaseFile): number {
  const times = [...file.observations, ...(file.repairs ?? []), ...(file.work ?? [])]
    .flatMap(({ at }) => (at === undefined ? [] : [minutesOf(at)]))
    .filter(Number.isFinite)
    .toSorted((a, b) => a - b);
  return times.reduce((sum, time, at) => {
    const pause = time - (times[at - 1] ?? -Infinity);
    return sum + (pause > LONGEST_PAUSE ? SHORTEST : pause);
  }, 0);
}

/**
 * How long the owner worked on a job: as they say, else reckoned from when things were noted.
 * @param file the job. @returns minutes; none where nothing has a time.
 * @example ownTimeOf({ ...CASE, observations: [], repairs: [], work: [{ id: 'w', step: 'own-time:150' }] }) // => {"minutes":150,"isSaid":true}
 */
export function ownTimeOf(file: CaseFile): OwnTime {
  const said = (file.work ?? []).findLast(
    ({ step, undone }) => undone !== true && readWorkStep(step).name === OWN_TIME,
  );
  const minutes = Number(readWorkStep(said?.step ?? '').of[0] ?? NaN);
  return Number.isNaN(minutes) ? { minutes: Math.round(reckoned(file)), isSaid: false } : { minutes, isSaid: true };
}
