import type { CaseFile, Observation } from '../casefile/contract';
import type { Channel } from '../casefile/words';
import { readWorkStep } from '../casefile/workStep';
import { CHECKS, checkRecord } from '../knowledge/checks/all';
import { checkNameOf } from '../knowledge/checks/nameOf';
import { openFor } from '../knowledge/setups';

/** What the present stage has seen already. */
export interface Seen {
  /** Whether a check was answered at a corner (null: on the car) in a manner, and nothing has changed since. */
  has(check: string, channel: Channel | null, manner?: 'wiggle'): boolean;
}

function keyOf(check: string, channel: Channel | null, manner: string | undefined): string {
  return `${check}${manner === 'wiggle' ? '~wiggle' : ''}@${channel ?? ''}`;
}

const isHidden = (observation: Observation): boolean => observation.kind === 'look' && observation.finding === 'hidden';

/** Keys of what an observation shows to have been opened; who could not see a part has not opened it. */
function openedBy(observation: Observation, file: CaseFile): ReadonlySet<string> {
  if (isHidden(observation)) return new Set();
  const setups = checkRecord(checkNameOf(observation))?.setups ?? [];
  return openFor(setups, file, observation.channel ?? null);
}

/**
 * What stands open now: told by the work noted and not undone, and by what this stage's observations needed.
 * @param file the case. @param stage the observations since the last repair.
 * @returns keys as `work` has them.
 * @example [...standingOpen(CASE, CASE.observations.slice(3))] // => ["wheel-off@front-right","plug-apart@front-right"]
 */
export function standingOpen(file: CaseFile, stage: readonly Observation[]): ReadonlySet<string> {
  const open = new Set<string>();
  for (const observation of stage) openedBy(observation, file).forEach((key) => open.add(key));
  for (const { step, undone } of file.work ?? []) {
    if (undone === true) open.delete(step);
    else open.add(step);
  }
  return open;
}

/** Set-ups that open a view of what could not be seen before. */
const OPENS_A_VIEW: readonly string[] = ['wheel-off', 'raised', 'plug-apart', 'sensor-out', 'module-plug-apart'];

/** Whether something at the corner has been opened since a part could not be seen. */
function viewOpened(at: number, stage: readonly Observation[], file: CaseFile): boolean {
  const hidden = stage[at] as Observation;
  const before = new Set<string>();
  for (const observation of stage.slice(0, at + 1)) openedBy(observation, file).forEach((key) => before.add(key));
  const now = standingOpen(file, stage);
  return [...now].some((key) => {
    const { name, channel } = readWorkStep(key);
    const isThere = channel === null || channel === (hidden.channel ?? null);
    return OPENS_A_VIEW.includes(name) && !before.has(key) && isThere;
  });
}

/** Checks that are of the car as a whole, or made once whatever the corner: an answer at any corner answers them. */
const ONCE: ReadonlySet<string> = new Set(
  CHECKS.filter((record) => record.of !== 'channel').map((record) => record.check),
);

/**
 * What has been answered since the last repair.
 * @param stage the observations since. @param file the case: what stands open. @param doubtful ids of what should be made again.
 * @returns look-up by check, corner and manner. A part that could not be seen counts as answered until something opens the view.
 * @example seenSince(CASE.observations, CASE, new Set()).has('look:plug', 'front-right') // => true
 */
export function seenSince(stage: readonly Observation[], file: CaseFile, doubtful: ReadonlySet<string>): Seen {
  const answered = new Set<string>();
  stage.forEach((observation, at) => {
    if (doubtful.has(observation.id)) return;
    if (isHidden(observation) && viewOpened(at, stage, file)) return;
    const manner = observation.kind === 'meter' ? observation.while : undefined;
    const check = checkNameOf(observation);
    answered.add(keyOf(check, ONCE.has(check) ? null : (observation.channel ?? null), manner));
  });
  return {
    has: (check, channel, manner) =>
      answered.has(keyOf(check, ONCE.has(check) ? null : channel, manner)) ||
      (checkRecord(check)?.answer?.is === 'look' && answered.has(keyOf(check, null, manner))),
  };
}

/**
 * Wires whose bad place has been seen: mending them needs no search.
 * @param stage the observations since the last repair. @returns keys as `part@channel`.
 * @example [...locatedWires(CASE.observations)] // => []
 */
export function locatedWires(stage: readonly Observation[]): ReadonlySet<string> {
  const HARMLESS = ['sound', 'hidden', 'unclipped', 'wet'];
  return new Set(
    stage.flatMap((observation) =>
      observation.kind === 'look' &&
      (observation.part === 'lead' || observation.part === 'loom') &&
      !HARMLESS.includes(observation.finding)
        ? [`${observation.part}@${observation.channel ?? ''}`]
        : [],
    ),
  );
}
