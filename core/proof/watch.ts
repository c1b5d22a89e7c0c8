/** How often an intermittent fault showed, as a beta distribution over the share of trips: shown + 1 and clean + 1 (uniform before any trip). */
export interface TripsBefore {
  readonly shown: number;
  readonly clean: number;
}

/**
 * Chance that a fault which comes and goes would have stayed away for n trips: E[(1 − p)ⁿ] with p ~ Beta(shown + 1, clean + 1).
 * @param trips clean trips since the repair, 0 or more. @param before trips before it.
 * @returns 1 for no trips, falling towards 0.
 * @example chanceOfSilence(1, { shown: 1, clean: 0 }) // ≈ 0.3333
 */
export function chanceOfSilence(trips: number, before: TripsBefore): number {
  const [a, b] = [before.shown + 1, before.clean + 1];
  let product = 1;
  for (let i = 0; i < trips; i += 1) product *= (b + i) / (a + b + i);
  return product;
}

/**
 * The doubt that is left after clean trips: q·E[(1−p)ⁿ] / (q·E[(1−p)ⁿ] + 1 − q).
 * @param q chance that the repair was wrong, 0 to 1, from the adviser. @param trips clean trips since. @param before trips before the repair.
 * @returns chance that the fault is still there, 0 to 1.
 * @example doubtLeft(0.2, 0, { shown: 1, clean: 1 }) // => 0.2
 */
export function doubtLeft(q: number, trips: number, before: TripsBefore): number {
  const silent = q * chanceOfSilence(trips, before);
  return silent / (silent + 1 - q);
}

/** Nobody watches longer than this: the repair has to be looked at again instead. */
export const MOST_TRIPS_SAID = 100;

/** More trips than this are not counted out. */
const MOST_TRIPS = 400;

/**
 * Clean trips needed until the doubt is small enough.
 * @param q chance that the repair was wrong. @param before trips before it. @param wanted doubt to reach, 0.05 for 95 %.
 * @returns a whole number of trips, at most 400.
 * @example tripsNeeded(0.04, { shown: 3, clean: 1 }) // => 0
 */
export function tripsNeeded(q: number, before: TripsBefore, wanted = 0.05): number {
  for (let trips = 0; trips < MOST_TRIPS; trips += 1) if (doubtLeft(q, trips, before) <= wanted) return trips;
  return MOST_TRIPS;
}
