import { language } from '#words/language';

const STEPS = ['byte', 'kilobyte', 'megabyte', 'gigabyte'] as const;

/**
 * An amount of storage for the eye, in the unit in which it is easiest read.
 * @param bytes 0 or more. @example sayBytes(1_234_567) // => "1.2 MB"
 */
export function sayBytes(bytes: number): string {
  let [value, step] = [bytes, 0];
  while (value >= 1000 && step < STEPS.length - 1) [value, step] = [value / 1000, step + 1];
  const digits = step > 1 && value < 10 ? 1 : 0;
  return value.toLocaleString(language, { style: 'unit', unit: STEPS[step] ?? 'byte', maximumFractionDigits: digits });
}
