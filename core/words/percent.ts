/**
 * A share as people read it: never 0 or 100: nothing is that certain.
 * @param share 0 to 1. @returns per cent with a narrow gap that does not break.
 * @example percent(0.004) // => "<1\u00a0%"
 * @example percent(0.997) // => ">99\u00a0%"
 */
export function percent(share: number): string {
  if (share < 0.005) return '<1\u00a0%';
  if (share >= 0.995) return '>99\u00a0%';
  return `${Math.round(share * 100)}\u00a0%`;
}
