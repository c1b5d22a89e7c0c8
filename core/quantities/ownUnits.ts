import { inFigures } from '../words/figures';
import { spaced } from './show';

/** Units that an owner may choose from, quantity by quantity; the first is the one that case files hold. */
export const OWN_UNITS = {
  distance: ['km', 'mi'],
  torque: ['N·m', 'lbf·ft', 'lbf·in'],
  temperature: ['°C', '°F'],
} as const;

type Measured = keyof typeof OWN_UNITS;
export type OwnUnits = { readonly [M in Measured]: (typeof OWN_UNITS)[M][number] };
export type OwnUnit = OwnUnits[Measured];

/** What everyone has who has chosen nothing: the units of the case file. */
export const USUAL_UNITS: OwnUnits = { distance: 'km', torque: 'N·m', temperature: '°C' };

/** Shown value = stored value × factor + offset. The mile is exact; pounds-force and Fahrenheit by NIST SP 811. */
const SCALES: Readonly<
  Record<OwnUnit, { readonly factor: number; readonly offset: number; readonly decimals: number }>
> = {
  km: { factor: 1, offset: 0, decimals: 0 },
  mi: { factor: 1 / 1.609344, offset: 0, decimals: 0 },
  'N·m': { factor: 1, offset: 0, decimals: 1 },
  'lbf·ft': { factor: 1 / 1.3558179483314, offset: 0, decimals: 1 },
  'lbf·in': { factor: 12 / 1.3558179483314, offset: 0, decimals: 0 },
  '°C': { factor: 1, offset: 0, decimals: 0 },
  '°F': { factor: 1.8, offset: 32, decimals: 0 },
};

/**
 * A stored value as the owner reads it.
 * @param value in the case file's unit: km, N·m or °C. @param unit the owner's.
 * @returns the value in that unit, not rounded.
 * @example toOwn(100, '°F') // => 212
 */
export function toOwn(value: number, unit: OwnUnit): number {
  const { factor, offset } = SCALES[unit];
  return value * factor + offset;
}

/**
 * What the owner typed, as the case file holds it.
 * @param shown in the owner's unit. @param unit that unit.
 * @returns km, N·m or °C, free of the crumbs that dividing leaves (nine digits).
 * @example fromOwn(80, 'lbf·ft').toFixed(1) // => "108.5"
 */
export function fromOwn(shown: number, unit: OwnUnit): number {
  const { factor, offset } = SCALES[unit];
  return Number(((shown - offset) / factor).toPrecision(9));
}

/**
 * A stored value for the eye, with its unit.
 * @param value in km, N·m or °C. @param unit the owner's. @returns such as `80 lbf·ft`, `8.5 N·m`: no more decimals than a tool shows.
 * @example showOwn(108.5, 'lbf·ft') // => "80 lbf·ft"
 */
export function showOwn(value: number, unit: OwnUnit): string {
  const own = Number(toOwn(value, unit).toFixed(SCALES[unit].decimals));
  return `${unit === 'km' || unit === 'mi' ? spaced(own) : inFigures(own)} ${unit}`;
}
