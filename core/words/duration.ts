import { texts } from '#words/core/duration';

const HOUR = 60;
const STEP = 5;

/**
 * Minutes as people say them: to five minutes, in hours from one hour on.
 * @param minutes 0 or more. @returns words with units.
 * @example sayDuration(137) // => "2 h 15 min"
 */
export function sayDuration(minutes: number): string {
  const rounded = minutes < STEP ? Math.round(minutes) : STEP * Math.round(minutes / STEP);
  const [hours, rest] = [Math.floor(rounded / HOUR), rounded % HOUR];
  if (hours === 0) return texts.minutes(rest);
  return rest === 0 ? texts.hours(hours) : texts.hoursAndMinutes(hours, rest);
}
