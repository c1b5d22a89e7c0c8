import { decimalSign } from '#words/language';

/** As SI names them; in every language alike. */
const STEPS = ['B', 'kB', 'MB', 'GB', 'TB'] as const;

/**
 * An amount of storage for the eye, in the unit in which it is easiest read.
 * @param bytes 0 or more. @example sayBytes(1_234_567) // => "1.2 MB"
 */
export function sayBytes(bytes: number): string {
  let [value, step] = [bytes, 0];
  while (Math.round(value) >= 1000 && step < STEPS.length - 1) [value, step] = [value / 1000, step + 1];
  const rounded = step > 1 && value < 9.95 ? Math.round(value * 10) / 10 : Math.round(value);
  return `${String(rounded).replace('.', decimalSign)}\u00a0${STEPS[step] ?? ''}`;
}
