import type { CaseFile } from '../casefile/contract';
import { readWorkStep } from '../casefile/workStep';
import type { TripsBefore } from './watch';
import { texts } from '#words/core/proof';

/** How often a fault used to show, as its owner remembers, with what that is worth as trips that were counted. */
export interface HowOften {
  readonly id: string;
  readonly words: string;
  readonly before: TripsBefore;
}

/** A memory is worth a handful of trips: enough to tell often from seldom, few enough to be outvoted by a log. */
export const HOW_OFTEN: readonly HowOften[] = [
  { id: 'every-trip', words: texts.everyTrip, before: { shown: 4, clean: 0 } },
  { id: 'most-trips', words: texts.mostTrips, before: { shown: 3, clean: 1 } },
  { id: 'every-third', words: texts.everyThird, before: { shown: 1, clean: 2 } },
  { id: 'every-tenth', words: texts.everyTenth, before: { shown: 1, clean: 9 } },
  { id: 'rarely', words: texts.rarely, before: { shown: 1, clean: 24 } },
];

/** Where nobody has said: about every third trip (generic). */
const USUAL = 'every-third';

/**
 * How `work` notes how often it used to show.
 * @example howOftenKey('every-trip') // => "watch:every-trip"
 */
export const howOftenKey = (id: string): string => `${WATCH}:${id}`;
const WATCH = 'watch';

/**
 * What was said of how often it used to show; null while nobody has said.
 * @example howOftenSaid({ ...CASE, work: [{ step: 'watch:rarely' }] }).before // => {"shown":1,"clean":24}
 */
export function howOftenSaid(file: CaseFile): HowOften | null {
  const last = (file.work ?? []).findLast(({ step, undone }) => readWorkStep(step).name === WATCH && undone !== true);
  return HOW_OFTEN.find(({ id }) => howOftenKey(id) === last?.step) ?? null;
}

/**
 * Trips before the repair: as remembered, with the drives that were noted before it.
 * @param file the case. @returns trips on which the fault showed and on which it did not, as a beta distribution has them.
 * @example tripsBefore({ ...CASE, observations: [], work: [] }) // => {"shown":1,"clean":2}
 */
export function tripsBefore(file: CaseFile): TripsBefore {
  const said = (howOftenSaid(file) ?? HOW_OFTEN.find(({ id }) => id === USUAL))?.before ?? { shown: 1, clean: 2 };
  const after = (file.repairs ?? []).at(-1)?.after ?? null;
  const end = after === null ? -1 : file.observations.findIndex(({ id }) => id === after);
  const drives = file.observations
    .slice(0, end + 1)
    .flatMap((seen) => (seen.kind === 'drive' && !seen.withdrawn ? [seen] : []));
  const count = (didShow: boolean): number =>
    drives
      .filter(({ result }) => (result === 'lamps-came-back') === didShow)
      .reduce((sum, { trips = 1 }) => sum + trips, 0);
  return { shown: said.shown + count(true), clean: said.clean + count(false) };
}
