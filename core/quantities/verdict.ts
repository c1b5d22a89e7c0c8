/**
 * Shares a reading out over the stretches between limits by its uncertainty, as a triangle of the given half-width around it (JCGM 100, 4.3.9).
 * @param value the corrected reading. @param halfWidth 0 or more, same unit; 0 makes it certain, a value on a limit lies above it.
 * @param limits in rising order, same unit; none leaves one stretch.
 * @returns a chance a stretch, the lowest first; they sum to 1.
 * @example sharesBetween(1000, 10, [1000, 1400]) // => [0.5,0.5,0]
 */
export function sharesBetween(value: number, halfWidth: number, limits: readonly number[]): readonly number[] {
  const below = [0, ...limits.map((limit) => chanceBelow(limit, value, halfWidth)), 1];
  return below.slice(1).map((chance, at) => Math.max(0, chance - (below[at] as number)));
}

function chanceBelow(limit: number, value: number, halfWidth: number): number {
  if (halfWidth <= 0) return value < limit ? 1 : 0;
  const x = (limit - value) / halfWidth;
  if (x <= -1) return 0;
  if (x >= 1) return 1;
  return x < 0 ? (1 + x) ** 2 / 2 : 1 - (1 - x) ** 2 / 2;
}
