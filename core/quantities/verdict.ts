/** A band that a value should lie in. Either end may be open (null). */
export interface Band {
  readonly min: number | null;
  readonly max: number | null;
}

export type Verdict = 'below' | 'inside' | 'above' | 'borderline-low' | 'borderline-high';

/**
 * Where a reading stands to a band, honest about its uncertainty: within its own half-width of a limit it is borderline.
 * @param value the reading, corrected to the band's conditions.
 * @param halfWidth how far it may be off, 0 or more, same unit.
 * @param band the band; both ends null gives `inside`.
 * @returns the verdict; where both limits are within reach, the nearer one is named.
 * @example judge(1031, 13.6, { min: 1000, max: 1400 }) // => "inside"
 * @example judge(1031, 42.9, { min: 1000, max: 1400 }) // => "borderline-low"
 */
export function judge(value: number, halfWidth: number, band: Band): Verdict {
  const toLow = band.min === null ? Infinity : Math.abs(value - band.min);
  const toHigh = band.max === null ? Infinity : Math.abs(value - band.max);
  if (Math.min(toLow, toHigh) < halfWidth) return toLow <= toHigh ? 'borderline-low' : 'borderline-high';
  if (band.min !== null && value < band.min) return 'below';
  if (band.max !== null && value > band.max) return 'above';
  return 'inside';
}

/** How likely the true value lies below, inside and above a band. */
export interface Split {
  readonly below: number;
  readonly inside: number;
  readonly above: number;
}

/**
 * Shares a reading out over a band by its uncertainty, as a triangle of the given half-width around it (JCGM 100, 4.3.9).
 * @param value the corrected reading. @param halfWidth 0 or more, same unit; 0 makes it certain.
 * @param band the band.
 * @returns three chances that sum to 1.
 * @example split(1000, 10, { min: 1000, max: 1400 }) // => { below: 0.5, inside: 0.5, above: 0 }
 */
export function split(value: number, halfWidth: number, band: Band): Split {
  const below = band.min === null ? 0 : chanceBelow(band.min, value, halfWidth);
  const above = band.max === null ? 0 : 1 - chanceBelow(band.max, value, halfWidth);
  return { below, inside: Math.max(0, 1 - below - above), above };
}

function chanceBelow(limit: number, value: number, halfWidth: number): number {
  if (halfWidth <= 0) return value < limit ? 1 : 0;
  const x = (limit - value) / halfWidth;
  if (x <= -1) return 0;
  if (x >= 1) return 1;
  return x < 0 ? (1 + x) ** 2 / 2 : 1 - (1 - x) ** 2 / 2;
}
