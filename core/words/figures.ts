import { decimalSign } from '#words/language';

/**
 * A number with so many decimals, written as the language writes it.
 * @param value any number. @param places 0 to 20. @returns digits with the language's decimal sign.
 * @example fixed(1.2, 2) // => "1.20"
 */
export const fixed = (value: number, places: number): string => inFigures(value.toFixed(places));

/**
 * A number as the language writes it, with the decimals that it has.
 * @param value a number, or its digits with a point. @returns digits with the language's decimal sign.
 * @example inFigures(8.5) // => "8.5"
 */
export const inFigures = (value: number | string): string => String(value).replace('.', decimalSign);
